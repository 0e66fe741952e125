package app.misura.core.body;

import java.util.concurrent.ConcurrentHashMap;

/**
 * A body cut at one level: a superellipse {@code |x/w|^n + |(z-c)/d|^n = 1}. Bodies are a little boxier than ellipses,
 * and an ellipse of a chest's true width and depth is four to five centimetres short in girth.
 */
final class Section {
    private static final int CHORDS = 720;
    private static final ConcurrentHashMap<Long, Double> FACTORS = new ConcurrentHashMap<>();

    private Section() {}

    /** Girth of a section of half-width w and half-depth d: Ramanujan's ellipse times the exponent's own factor. */
    static double girth(double w, double d, double n) {
        double h = Math.pow((w - d) / (w + d), 2);
        return Math.PI * (w + d) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h))) * factor(n);
    }

    /** Circumference of the superellipse of that exponent with w = d = 1, over that of a circle. */
    static double factor(double n) {
        return FACTORS.computeIfAbsent(Math.round(n * 1000), key -> length(key / 1000.0) / (2 * Math.PI));
    }

    private static double length(double n) {
        double sum = 0;
        double px = 1;
        double pz = 0;
        for (int i = 1; i <= CHORDS; i++) {
            double q = 2 * Math.PI * i / CHORDS;
            double x = Math.signum(Math.cos(q)) * Math.pow(Math.abs(Math.cos(q)), 2 / n);
            double z = Math.signum(Math.sin(q)) * Math.pow(Math.abs(Math.sin(q)), 2 / n);
            sum += Math.hypot(x - px, z - pz);
            px = x;
            pz = z;
        }
        return sum;
    }

    /** The half-width that gives a girth with that half-depth. */
    static double widthFor(double girth, double d, double n, double guess) {
        double low = 0.2 * guess;
        double high = 3 * guess;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (girth(middle, d, n) < girth) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
