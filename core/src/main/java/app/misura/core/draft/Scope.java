package app.misura.core.draft;

/** Of what a promise speaks: the whole garment, each side alike, or one side of a garment drafted apart. */
public enum Scope {
    WHOLE("", ""),
    EACH_SIDE("", ""),
    LEFT("-left", ", left"),
    RIGHT("-right", ", right");

    private final String suffix;
    private final String words;

    Scope(String suffix, String words) {
        this.suffix = suffix;
        this.words = words;
    }

    /** What a name carries behind it: {@code -left}, or nothing. */
    public String suffix() {
        return suffix;
    }

    /** What a sentence carries behind it: {@code , left}, or nothing. */
    public String words() {
        return words;
    }
}
