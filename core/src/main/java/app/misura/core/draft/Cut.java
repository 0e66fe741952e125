package app.misura.core.draft;

/** How often a piece is cut. */
public enum Cut {
    ONCE(1, "cut 1"),
    /** Twice, the second as the mirror image: left and right of the body are alike. */
    PAIR(2, "cut 2, mirrored"),
    /** Twice, mirrored, for one place: a piece and what lies behind it. It has no left and right. */
    DOUBLED(2, "cut 2, mirrored"),
    /** As {@link #DOUBLED}, and twice more for a layer between them. */
    TWICE_DOUBLED(4, "cut 4, two mirrored"),
    /** Once of the cloth; its inside and what stiffens it are cut like it, of cloth of their own. */
    LAYERED(1, "cut 1, its inside 1, stiffening 1"),
    /** Once for the side that its id names. */
    EACH_SIDE(1, "cut 1");

    private final int count;
    private final String said;

    Cut(int count, String said) {
        this.count = count;
        this.said = said;
    }

    public int count() {
        return count;
    }

    /** As it stands on the piece: {@code cut 2, mirrored}. */
    public String said() {
        return said;
    }

    public boolean isMirrored() {
        return this == PAIR || this == DOUBLED || this == TWICE_DOUBLED;
    }
}
