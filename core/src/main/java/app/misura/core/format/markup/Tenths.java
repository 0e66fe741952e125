package app.misura.core.format.markup;

/**
 * Numbers of drawings as text, to a tenth, without a needless point: {@code 12.3}, {@code 7}, {@code -0.5}. Half a tenth goes
 * up. A picture has thousands of them, so they are written by hand instead of by a formatter.
 */
public final class Tenths {
    private Tenths() {}

    public static String of(double value) {
        return append(new StringBuilder(8), value).toString();
    }

    /** Writes a number at the end of a text. */
    public static StringBuilder append(StringBuilder out, double value) {
        long tenths = Math.round(value * 10);
        long size = Math.abs(tenths);
        if (tenths < 0) {
            out.append('-');
        }
        out.append(size / 10);
        long rest = size % 10;
        return rest == 0 ? out : out.append('.').append((char) ('0' + rest));
    }
}
