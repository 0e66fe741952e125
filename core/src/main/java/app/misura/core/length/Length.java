package app.misura.core.length;

import java.math.BigDecimal;

/**
 * A length on an exact grid of one nanometre, so that {@code 16 1/8 in + 12 3/8 in} is {@code 28 1/2 in} without crumbs.
 * Sixty-fourths of an inch (396 875 nm) and decimals of a millimetre down to the sixth lie on the grid.
 *
 * <p>Plus, minus and times are exact and obey the laws of whole numbers; overflow throws {@link ArithmeticException}.
 *
 * @param nanometres the length; may be negative as a difference
 */
public record Length(long nanometres) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);

    /**
     * Exactly so many of a unit, for example {@code of(new BigDecimal("41.625"), INCH)}.
     *
     * @throws ArithmeticException if it does not lie on the grid
     */
    public static Length of(BigDecimal amount, Unit unit) {
        return new Length(amount.multiply(BigDecimal.valueOf(unit.nanometres())).longValueExact());
    }

    /** Exactly so many decimal parts, as in {@code of("0.5", CM)}. @throws ArithmeticException if off the grid */
    public static Length of(String decimal, Unit unit) {
        return of(new BigDecimal(decimal), unit);
    }

    /** The grid length nearest to so many millimetres (half up): for what a drawing measured, never for a reading. */
    public static Length fromMm(double millimetres) {
        return new Length(Math.round(millimetres * 1e6));
    }

    /** The grid length nearest to so many of a unit. */
    public static Length from(double amount, Unit unit) {
        return new Length(Math.round(amount * unit.nanometres()));
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(nanometres, factor));
    }

    /** The length half way between the two; an odd nanometre is rounded up. */
    public Length middle(Length other) {
        return new Length(Math.floorDiv(Math.addExact(Math.addExact(nanometres, other.nanometres), 1), 2));
    }

    public Length abs() {
        return new Length(Math.abs(nanometres));
    }

    public double toMm() {
        return nanometres / 1e6;
    }

    public double to(Unit unit) {
        return (double) nanometres / unit.nanometres();
    }

    public double toCm() {
        return to(Unit.CM);
    }

    public boolean isPositive() {
        return nanometres > 0;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    /** The length in centimetres, as {@link LengthText} prints it. */
    @Override
    public String toString() {
        return LengthText.exact(this, Unit.CM) + " cm";
    }
}
