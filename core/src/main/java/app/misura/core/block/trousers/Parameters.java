package app.misura.core.block.trousers;

import app.misura.core.geometry.Between;

/**
 * The free parameters of a trousers draft, all moved together along one path so that none is stretched out of shape.
 *
 * @param frontFork from the centre line at seat level to the fork tip, front, mm
 * @param backFork the same, back
 * @param raise how far the centre back rises over the side, mm
 * @param slant of the centre back, radians
 * @param frontDrop how far the centre front lies under the side, mm
 * @param fullness of the crotch curves: share of their corner
 */
record Parameters(double frontFork, double backFork, double raise, double slant, double frontDrop, double fullness) {

    /**
     * The parameters at a place of the path.
     *
     * @param walk towards a longer loop (positive) or a shorter one
     * @param widen factor on both forks, 1 unless the thigh's floor asks for more
     */
    static Parameters at(Wanted in, double walk, double widen) {
        double s = in.size();
        double small = Math.min(1, s);
        double shape = in.seatShape();
        double belly = in.belly();
        double both = (0.19 + 0.003 * shape) * in.seat() * widen;
        double ratio = Between.clamp(2.1 + 0.12 * shape, 1.5, 3);
        double scale = scale(in);
        double raise = Between.clamp((38 + 5 * shape) * Math.min(1.15, s) - 120 * belly, 14, 52);
        double slant = Between.clamp(5.5 + 0.045 * in.toTakeIn() + 1.6 * shape, 3, 20);
        double drop = Between.clamp(8 * small - 200 * belly, -30, 10);
        return new Parameters(
                Between.clamp(both / (1 + ratio) + 6 * s * walk, 31 * scale, 80 * scale),
                Between.clamp(both * ratio / (1 + ratio) + 14 * s * walk, 62 * scale, 160 * scale),
                Between.clamp(raise + 11 * small * walk, 10, 60),
                Math.toRadians(Between.clamp(slant + 0.7 * walk, 2, 22)),
                Between.clamp(drop - 4 * small * walk, -38, 15),
                Between.clamp(0.70 + 0.045 * walk, 0.56, 0.80));
    }

    /** Bounds are a child's or an ordinary body's; a very large seat has wider forks. */
    static double scale(Wanted in) {
        return in.net().child() ? Math.min(1, in.size()) : Math.max(1, Math.min(1.2, in.seat() / 1250));
    }

    /** What the slanted centre back takes in at the waist, mm. */
    double centreBack(double seatY) {
        return (seatY + raise) * Math.tan(slant);
    }
}
