package app.misura.core.block.trousers;

/**
 * The block's own constants: general tailoring knowledge, tried on some thousand made-up bodies; no survey data. Lengths in
 * mm, angles in degrees, shares without a unit.
 */
final class Numbers {
    private Numbers() {}

    // --- where the fullest seat may lie, as a share of the rise

    /** Below this share of the rise no seat is fullest: the readings fight. */
    static final double DEPTH_LEAST = 0.52;
    /** Drawn no higher than this, with a word about it. */
    static final double DEPTH_DRAWN_LEAST = 0.60;
    /** Drawn no lower than this, with a word about it. */
    static final double DEPTH_DRAWN_MOST = 0.72;
    /** Above this share the fullest seat would lie at the fork: the readings fight. */
    static final double DEPTH_MOST = 0.84;
    /** Where it lies on most bodies. */
    static final double DEPTH_USUAL = 0.70;

    // --- the path that walks towards a longer or a shorter loop

    /** So far along the path every parameter has met its bound. */
    static final double FURTHEST = 9;
    /** Both forks are widened for a thick thigh at most so many times; beyond, the leg is no trouser leg. */
    static final double WIDEST_FORK = 2.5;
    /** A widened fork leaves the thigh so much over its floor, so that the floor holds on the drawn line too. */
    static final double OVER_FLOOR = 0.2;

    // --- seat and crease

    /** The front takes so much less than a quarter of the seat, and the back so much more: share of the seat. */
    static final double SEAT_SHIFT = 0.0095;
    /** The back's side lies so far out of what seat and fork have over the knee. */
    static final double BACK_SIDE_SHARE = 0.455;
    /** Back knee and hem are wider by this on each side of the crease, front ones narrower: the seams lie behind. */
    static final double BACK_WIDER = 5;
    /** What stands for the knee of a leg that ends above it: the usual share of the finished seat. */
    static final double USUAL_KNEE = 0.415;

    // --- long seams

    /** The back inseam is so much shorter and stretched in sewing: within the 0 to 6 that cloth gives. */
    static final double BACK_SHORTER = 3;
    /** The most that sewing stretches the back inseam by. */
    static final double BACK_SHORTER_MOST = 6;
    /** The inseam leans at the fork at most so far, front and back: beyond, the leg twists. */
    static final double FRONT_LEAN = 18;

    static final double BACK_LEAN = 21;
    /** Of both side seams' taking in, the front's part; the back has the rest. */
    static final double FRONT_SIDE = 0.46;
    /** The fork lies at least so far under the seat's level. */
    static final double FORK_UNDER_SEAT = 5;
    /** A leg is at least so long on the inside: a shorter one has no room for its hem. */
    static final double SHORTEST_LEG = 40;

    // --- waist

    /** Under so much left over there are no darts; the side seams take it. */
    static final double NO_DARTS = 14;
    /** The sides take in no more than this without darts, where the darts would become too small to sew. */
    static final double SIDES_ALONE = 30;
    /** Up to so much, all of it is taken behind. */
    static final double BACK_ONLY = 22;
    /** Darts and pleats take this share of what the centre lines leave; the sides take the rest. */
    static final double FOLDS_SHARE = 0.60;
    /** Of the folds, the back's share once the front has one too. */
    static final double BACK_SHARE = 0.62;
    /** A wider dart leaves a point in the cloth. */
    static final double WIDEST = 35;
    /** Above this a second dart is sewn beside the first. */
    static final double SECOND = 25;
    /** A fold narrower than this is not sewn. */
    static final double SMALLEST = 0.5;
    /** What a front with one pleat, or two, folds away on a body of one metre's seat. */
    static final double ONE_PLEAT = 28;

    static final double TWO_PLEATS = 46;
    /** Beside pleats the side seams flare over the seat at most so much before the back's darts give way. */
    static final double PLEATED_FLARE = 8;
    /** Square to the centre within ten degrees; the line uses about half of it to lie flat. */
    static final double OFF_SQUARE = 5;

    static final double OFF_SQUARE_MOST = 10;

    // --- rules of shape

    /** A crotch curve is at least so hollow, share of its chord: a flatter one cuts into the body. */
    static final double HOLLOW_FRONT = 0.12;

    static final double HOLLOW_BACK = 0.10;
    /** Its smallest radius on a body of one metre's seat: a tighter curve cannot be sewn. */
    static final double SMALLEST_RADIUS = 14;
    /**
     * The back fork hangs under the front fork by no more than this on most bodies (more on a very large seat, as its forks
     * are wider), and rises over it by hardly anything.
     */
    static final double FORK_DROP = 35;

    static final double FORK_RISE = 2;

    // --- band and fly

    static final double FLY_WIDTH = 42;
    /** The fly runs down this share of the centre front, and is at least so long. */
    static final double FLY_SHARE = 0.86;

    static final double FLY_SHORTEST = 70;
    /** The fly piece is so much longer than its opening. */
    static final double FLY_OVER = 15;

    // --- solving, mm

    /** How near a solved length comes to its target. */
    static final double SOLVED = 0.004;

    static final double LOOP_SOLVED = 0.02;
    static final double THIGH_SOLVED = 0.15;
}
