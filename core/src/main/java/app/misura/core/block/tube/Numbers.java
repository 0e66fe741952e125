package app.misura.core.block.tube;

/** What the tube's draft assumes, mm and degrees; general tailoring knowledge, tried on made-up limbs. */
final class Numbers {
    /** A seam that leans more than this is shared by two: cloth that is cut so far off the straight twists. */
    static final double ONE_SEAM = 28;

    /** Even shared by two seams it may not lean more: the cloth would lie in folds there. */
    static final double STEEPEST = 40;

    /** Two levels nearer than this are one: between them a line could not turn. */
    static final double NEAREST = 10;

    /** The slope of a rail at a level is at most so many times the smaller slope beside it: no swing beyond a girth. */
    static final double TURN = 2.6;

    /** So far above the highest girth that was read the tube may go on as wide as it is there. */
    static final double BEYOND = 120;

    /** How near the slanted edge's length is brought to its girth. */
    static final double SOLVED = 0.005;

    /** The handles of a slanted edge as shares of its chord: level at the seam and at the fold. */
    static final double SLANTED = 0.36;

    /** Where the grain is drawn: a share of the narrowest level from the fold, and shares of the height. */
    static final double GRAIN_ACROSS = 0.5;

    static final double GRAIN_FROM = 0.25;
    static final double GRAIN_TO = 0.75;

    private Numbers() {}
}
