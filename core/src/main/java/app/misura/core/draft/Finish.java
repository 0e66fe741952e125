package app.misura.core.draft;

/** What becomes of an edge; its allowance asks this, never its name. */
public enum Finish {
    /** Sewn to another edge, or closed in itself. */
    SEAM,
    /** Turned up. */
    HEM,
    /** On the fold of the cloth: nothing is added. */
    FOLD,
    /** Left as it is cut: nothing is added. */
    RAW;

    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
