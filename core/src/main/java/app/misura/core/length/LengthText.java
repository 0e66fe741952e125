package app.misura.core.length;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Prints lengths as a tape says them: decimals of a centimetre, real fractions of an inch. Independent of locale. */
public final class LengthText {
    private static final long SIXTY_FOURTH = Unit.INCH.nanometres() / 64;

    private LengthText() {}

    /**
     * The length without any rounding: {@code 104.5}, {@code 41 5/8}, {@code 1/2}. {@link Entry#parse} gives it back.
     * Centimetres always print; inches print as a fraction down to sixty-fourths, else as a decimal.
     *
     * @throws ArithmeticException if the length has no finite text in that unit
     */
    public static String exact(Length length, Unit unit) {
        if (unit == Unit.INCH && length.nanometres() % SIXTY_FOURTH == 0) {
            return fraction(length.nanometres() / SIXTY_FOURTH);
        }
        return BigDecimal.valueOf(length.nanometres())
                .divide(BigDecimal.valueOf(unit.nanometres()))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** The length rounded half up to so fine an inch fraction or centimetre step, then printed. */
    public static String rounded(Length length, Increment increment) {
        return exact(increment.snap(length), increment.unit());
    }

    /**
     * The length as a column of a sheet shows it: one decimal in centimetres ({@code 82.0}; two where a mean of tries
     * needs them, {@code 82.25}), fractions in inches (to sixty-fourths).
     */
    public static String column(Length length, Unit unit) {
        if (unit == Unit.INCH) {
            return rounded(length, new Increment(new Length(SIXTY_FOURTH), Unit.INCH));
        }
        BigDecimal cm = BigDecimal.valueOf(length.nanometres(), 7).setScale(2, RoundingMode.HALF_UP);
        boolean tenth = cm.remainder(new BigDecimal("0.1")).signum() == 0;
        return (tenth ? cm.setScale(1, RoundingMode.HALF_UP) : cm).toPlainString();
    }

    /**
     * A column's text in two, so that a page can align it: {@code 82 | .0}, {@code 40 | 3/4}, {@code none |}.
     *
     * @param whole right of which the column's edge runs
     * @param rest the decimals with their point, or the fraction
     */
    public record Parts(String whole, String rest) {
        public boolean isFraction() {
            return rest.contains("/");
        }
    }

    /** Splits what {@link #column} printed, or a word that stands in its place. */
    public static Parts parts(String column) {
        int at = column.indexOf('.');
        if (at >= 0) {
            return new Parts(column.substring(0, at), column.substring(at));
        }
        int space = column.lastIndexOf(' ');
        return column.contains("/")
                ? new Parts(column.substring(0, Math.max(0, space)), column.substring(space + 1))
                : new Parts(column, "");
    }

    private static String fraction(long sixtyFourths) {
        long count = Math.abs(sixtyFourths);
        long whole = count / 64;
        long top = count % 64;
        long bottom = 64;
        while (top != 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String part = top == 0 ? "" : top + "/" + bottom;
        String text = top == 0 ? "" + whole : whole == 0 ? part : whole + " " + part;
        return sixtyFourths < 0 ? "-" + text : text;
    }
}
