package app.misura.core.norm;

/**
 * How far the norms of a house are trusted.
 *
 * @param child the same of whoever is not grown
 * @param beyond outside the bodies that were measured
 * @param sides how much each side of a body differs from the middle of both
 * @param misread when a number is rather misread than of such a body
 */
public record Margins(Child child, Beyond beyond, Sides sides, Misread misread) {

    /**
     * A child is taken for a grown body of any size that differs more.
     *
     * @param height its middle, cm
     * @param spread of the size, %
     * @param differ so many times the spreads of the grown
     */
    public record Child(double height, double spread, double differ) {}

    /**
     * Outside what was measured less is known.
     *
     * @param from so many standard deviations from the middle in the middle one of its girths, or in height
     * @param by each further one spreads everything by this share
     */
    public record Beyond(double from, double by) {}

    /** @param alike one standard deviation, cm @param uneven the same where the sides really differ */
    public record Sides(double alike, double uneven) {}

    /**
     * A misread number may lie anywhere near; a body's lies where its other numbers have it. A number is spoken of where it is so
     * many times likelier misread. What costs a garment is spoken of sooner.
     *
     * @param within cm to either side
     * @param trunk of a girth of the trunk
     * @param limb of one of a limb
     * @param length of a length
     */
    public record Misread(double within, double trunk, double limb, double length) {
        double times(Region region) {
            return switch (region) {
                case TRUNK -> trunk;
                case ARM, LEG -> limb;
                case LENGTH -> length;
            };
        }
    }
}
