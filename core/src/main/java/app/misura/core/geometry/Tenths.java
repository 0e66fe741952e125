package app.misura.core.geometry;

/**
 * Numbers of drawings as text, to a tenth, without a needless point: {@code 12.3}, {@code 7}, {@code -0.5}. Half a tenth goes
 * up. A picture has thousands of them, so they are written by hand instead of by a formatter.
 */
public final class Tenths {
    private Tenths() {}

    public static String of(double value) {
        long tenths = Math.round(value * 10);
        long whole = Math.abs(tenths) / 10;
        long rest = Math.abs(tenths) % 10;
        String sign = tenths < 0 ? "-" : "";
        return rest == 0 ? sign + whole : sign + whole + "." + rest;
    }
}
