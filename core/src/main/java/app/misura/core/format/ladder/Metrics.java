package app.misura.core.format.ladder;

/**
 * The measures of a ladder, px.
 *
 * @param rung height of one line
 * @param partGap between two parts
 * @param gate height of a gate that asks
 * @param lane distance of two spines
 * @param firstSpine from the ticks' start to the first spine
 * @param knot radius
 * @param labels width of the column for sizes and words
 * @param blind whether the first of two tries that must agree is hidden
 */
public record Metrics(
        double rung,
        double partGap,
        double gate,
        double lane,
        double firstSpine,
        double knot,
        double labels,
        boolean blind) {
    /** While measuring, on a wide screen. */
    public static final Metrics SCREEN = new Metrics(29, 9, 22, 20, 17, 7.5, 78, true);
    /** Beside the proof. */
    public static final Metrics PROOF = new Metrics(24, 6, 22, 20, 17, 7, 78, false);
    /** On paper, in units of a quarter millimetre. */
    public static final Metrics PAPER = new Metrics(30, 14, 18, 24, 18, 8, 96, false);

    /** The same with lines of another height. */
    public Metrics withRung(double height) {
        return new Metrics(height, partGap, gate, lane, firstSpine, knot, labels, blind);
    }

    /** Two spines in one lane stay this far apart. */
    static final double CLEAR = 6;
    /** Two labels stay this far apart. */
    static final double LABEL_STEP = 21;
    /** Where one of them is the boxed size of a gap. */
    static final double BOX_STEP = 27;
    /** A break opens so wide: a gap, a wrong sum. */
    static final double TORN = 16;

    static final double TORN_WIDE = 26;
    /** A stretch shorter than this is left out whole. */
    static final double SHORT = 46;

    double spine(int atLane) {
        return firstSpine + atLane * lane;
    }
}
