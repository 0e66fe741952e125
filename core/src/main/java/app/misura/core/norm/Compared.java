package app.misura.core.norm;

/**
 * A number of a body beside what all its other numbers make of it.
 *
 * @param known the number
 * @param expected what the others make likely, cm
 * @param sdCm one standard deviation of bodies and tapes round that
 * @param surprise how unlikely so large or small a number is there: the negative logarithm of its density per cm
 * @param bound from which surprise on it is rather misread
 */
public record Compared(Known known, double expected, double sdCm, double surprise, double bound) {
    /** Power with which a slip of {@link #leastNoticed} is noticed: four of five lie over 0.84 sd under their middle. */
    private static final double FOUR_OF_FIVE = 0.8416;

    /** Whether it is rather misread than of such a body. */
    public boolean isUnusual() {
        return surprise > bound;
    }

    /** From which size on a slip in it is noticed four times of five, cm. */
    public double leastNoticed() {
        double flat = Math.log(sdCm * Math.sqrt(2 * Math.PI));
        return (Math.sqrt(2 * Math.max(0, bound - flat)) + FOUR_OF_FIVE) * sdCm;
    }
}
