package app.misura.core.geometry;

/** Numbers between others. */
public final class Between {
    private Between() {}

    /** The number that is nearest to v from low to high. */
    public static double clamp(double v, double low, double high) {
        return Math.max(low, Math.min(high, v));
    }

    /** So far from a to b: a at 0, b at 1. */
    public static double lerp(double a, double b, double t) {
        return a + (b - a) * t;
    }
}
