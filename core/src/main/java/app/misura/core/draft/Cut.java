package app.misura.core.draft;

/** How often a piece is cut. */
public enum Cut {
    ONCE(1),
    /** Twice, the second as the mirror image: left and right of the body are alike. */
    PAIR(2),
    /** Twice, mirrored, for one place: a piece and what lies behind it. It has no left and right. */
    DOUBLED(2),
    /** Once for the side that its id names. */
    EACH_SIDE(1);

    private final int count;

    Cut(int count) {
        this.count = count;
    }

    public int count() {
        return count;
    }

    public boolean isMirrored() {
        return this == PAIR || this == DOUBLED;
    }
}
