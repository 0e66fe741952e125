package app.misura.core.geometry;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/** Finds where a function is nought. */
public final class Roots {
    private static final int STEPS = 60;

    private Roots() {}

    /**
     * A root near a first guess, by secants that fall back to bisection once the root is enclosed. For functions that
     * grow or fall nearly evenly, such as a line's length over one of its points.
     *
     * @param scale a first step, in the argument's unit
     * @param tolerance how near to nought the function must come
     * @return empty if it does not get there
     */
    public static OptionalDouble near(DoubleUnaryOperator f, double guess, double scale, double tolerance) {
        double a = guess;
        double fa = f.applyAsDouble(a);
        if (Math.abs(fa) <= tolerance) {
            return OptionalDouble.of(a);
        }
        double b = guess + scale;
        double fb = f.applyAsDouble(b);
        double low = Double.NaN;
        double high = Double.NaN;
        for (int i = 0; i < STEPS; i++) {
            if (!Double.isFinite(fb)) {
                return OptionalDouble.empty();
            }
            if (Math.abs(fb) <= tolerance) {
                return OptionalDouble.of(b);
            }
            if (fa * fb < 0) {
                low = a;
                high = b;
            } else if (!Double.isNaN(low)) {
                low = f.applyAsDouble(low) * fb < 0 ? low : high;
                high = b;
            }
            double next = fb == fa ? b + scale : b - fb * (b - a) / (fb - fa);
            if (!Double.isNaN(low) && !(next > Math.min(low, high) && next < Math.max(low, high))) {
                next = (low + high) / 2;
            }
            a = b;
            fa = fb;
            b = next;
            fb = f.applyAsDouble(b);
        }
        return OptionalDouble.empty();
    }

    /**
     * The root within a closed interval whose ends have different signs, by false position with the Illinois weight.
     *
     * @return empty if both ends have the same sign
     */
    public static OptionalDouble within(DoubleUnaryOperator f, double low, double high, double tolerance) {
        double a = low;
        double b = high;
        double fa = f.applyAsDouble(a);
        double fb = f.applyAsDouble(b);
        if (Math.abs(fa) <= tolerance) {
            return OptionalDouble.of(a);
        }
        if (Math.abs(fb) <= tolerance) {
            return OptionalDouble.of(b);
        }
        if (!(fa * fb < 0)) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < 2 * STEPS; i++) {
            double c = (fa * b - fb * a) / (fa - fb);
            double fc = f.applyAsDouble(c);
            if (Math.abs(fc) <= tolerance || Math.abs(b - a) < 1e-12) {
                return OptionalDouble.of(c);
            }
            if (fc * fb < 0) {
                a = b;
                fa = fb;
            } else {
                fa /= 2;
            }
            b = c;
            fb = fc;
        }
        return OptionalDouble.empty();
    }
}
