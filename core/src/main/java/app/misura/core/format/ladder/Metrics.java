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
 * @param folded the height of the line of a part where a long ladder folds; 0 where it never does
 * @param gathers whether only brackets with all their rungs in one part are drawn; the others are gathered
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
        double folded,
        boolean gathers,
        boolean blind) {
    /** While measuring, on a wide screen. */
    public static final Metrics SCREEN = new Metrics(29, 9, 22, 20, 17, 7.5, 78, 24, false, true);
    /** Beside the proof. */
    public static final Metrics PROOF = new Metrics(24, 6, 22, 20, 17, 7, 78, 22, false, false);
    /** On paper, in units of a quarter millimetre. */
    public static final Metrics PAPER = new Metrics(30, 14, 18, 24, 18, 8, 96, 0, false, false);
    /** On paper, of a form so long that its far brackets are gathered beside their parts. */
    public static final Metrics PAPER_LONG = new Metrics(26, 18, 18, 17, 14, 7, 66, 0, true, false);

    /** A finger needs so much of a line; a pointer less. */
    private static final double FINGER = 32;

    /** The same for fingers: no line is lower than a finger needs. */
    public Metrics touch() {
        return new Metrics(
                Math.max(rung, FINGER),
                partGap,
                Math.max(gate, FINGER),
                lane,
                firstSpine,
                knot,
                labels,
                folded == 0 ? 0 : Math.max(folded, FINGER + FOLD_STEP),
                gathers,
                blind);
    }

    public boolean isTouch() {
        return rung >= FINGER && folded > FINGER;
    }

    /** The same with lines of another height. */
    public Metrics withRung(double height) {
        return new Metrics(height, partGap, gate, lane, firstSpine, knot, labels, folded, gathers, blind);
    }

    /** The same where parts fold: lines, knots and lanes closer. @param brackets how many are drawn */
    Metrics folding(int brackets) {
        double lanes = brackets > MANY ? 15 : 19;
        return new Metrics(isTouch() ? rung : Math.min(rung, 27), 4, gate, lanes, 14, 6, 74, folded, gathers, blind);
    }

    /** So many brackets still have wide lanes. */
    private static final int MANY = 6;
    /** The heading of the open part is higher than the line of a folded one, a rung that stays out lower. */
    static final double FOLD_STEP = 2;
    /** The dot of a resting bracket at a member. */
    static final double PEG = 2.6;

    /** Two spines in one lane stay this far apart. */
    static final double CLEAR = 6;
    /** Where many stand beside each other. */
    static final double CLEAR_FOLDED = 4;
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
