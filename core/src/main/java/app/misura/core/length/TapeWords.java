package app.misura.core.length;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Lengths of a garment as the order's tape says them: to a tenth of a centimetre, or to an eighth of an inch. Files keep
 * millimetres; these are for eyes.
 *
 * <p>{@code new TapeWords(Unit.INCH).said(1028.7)} is {@code 40 1/2 in}, {@code new TapeWords(Unit.CM).of(1028.7)} is {@code
 * 102.9}.
 */
public record TapeWords(Unit unit) {
    private static final Increment EIGHTH = Increment.of("0.125", Unit.INCH);

    private static final Pattern LENGTH = Pattern.compile("\\{(\\d+(?:\\.\\d+)?)\\}");

    /** Below this a difference is nought, mm. */
    private static final double NOUGHT = 0.05;

    /** A number without its unit. @param mm any length, a negative one has its sign before it */
    public String of(double mm) {
        if (unit == Unit.CM) {
            return String.format(Locale.ROOT, "%.1f", mm / 10);
        }
        Length whole = EIGHTH.snap(Length.fromMm(Math.abs(mm)));
        String sign = mm < 0 && whole.isPositive() ? "-" : "";
        return sign + LengthText.exact(whole, Unit.INCH);
    }

    /** With its unit behind. */
    public String said(double mm) {
        return of(mm) + " " + unit.symbol();
    }

    /** A text with lengths in braces, mm, as this tape says them: {@code begins {40} above the seat}. */
    public String filled(String text) {
        return LENGTH.matcher(text).replaceAll(m -> said(Double.parseDouble(m.group(1))));
    }

    /** What is added or taken off: always with a sign, but for nought. */
    public String signed(double mm) {
        String plain = of(Math.abs(mm));
        boolean none = Math.abs(mm) < NOUGHT || plain.equals("0");
        return none ? "0" : (mm > 0 ? "+" : "−") + plain;
    }
}
