package app.misura.core.proportion;

import app.misura.core.form.ValueId;

/**
 * What the other numbers of a body make of one of its values, net, in cm.
 *
 * @param cm as it was read, the tape's play taken off
 * @param expected what the others make likely
 * @param sd one standard deviation of bodies and tapes round that
 * @param leastNoticed from which size on a slip in it is noticed four times of five
 */
public record Expected(ValueId value, double cm, double expected, double sd, double leastNoticed) {
    /** How many standard deviations it lies off, over 0 where it is larger than expected. */
    public double z() {
        return (cm - expected) / sd;
    }

    /** How far to either side it lies on nineteen bodies of twenty, cm. */
    public double band() {
        return 2 * sd;
    }
}
