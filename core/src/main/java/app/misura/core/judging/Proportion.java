package app.misura.core.judging;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What one measure of a body is about, given others: {@code of = sum(factor x measure) + constant}, net, in cm. Measures are
 * written as keys, conditions behind them.
 *
 * @param constant in cm
 * @param spread one standard deviation of bodies, as a share of what is expected, above 0
 * @param about what part of the body it tells of
 * @param scales whether constant and share of height are those of a grown body, and shrink with who is not
 */
public record Proportion(
        String of, Map<String, Double> factors, double constant, double spread, Region about, boolean scales) {
    public static final String HEIGHT = "height";

    /** The stature, cm, to which constants and shares of height belong. */
    public static final double STATURE_CM = 170;

    /** Whoever is not grown differs more from a rule of thumb. House default. */
    private static final double YOUNG_DIFFER = 1.3;

    /** What part of a body a rule tells of. */
    public enum Region {
        LENGTH,
        TRUNK,
        ARM,
        LEG
    }

    public Proportion {
        factors = Collections.unmodifiableMap(new LinkedHashMap<>(factors));
        if (!(spread > 0 && spread < 1)) {
            throw new IllegalArgumentException(of + ": spread must lie between 0 and 100 %, not " + 100 * spread);
        }
    }

    public boolean namesHeight() {
        return of.equals(HEIGHT) || factors.containsKey(HEIGHT);
    }

    /**
     * The same rule for a body that is not grown: it spreads more, and where it scales, shares of height and constants become
     * one constant in the body's own scale.
     *
     * <p>Example: {@code 1.15 seat + 0.3 height - 70} at 85 cm (a scale of 0.5) is {@code 1.15 seat - 9.5}.
     *
     * @param scale height / 170 cm
     */
    public Proportion young(double scale) {
        double wider = Math.min(0.9, spread * YOUNG_DIFFER);
        if (!scales) {
            return with(factors, constant, wider);
        }
        Map<String, Double> rest = new LinkedHashMap<>(factors);
        double tall = rest.containsKey(HEIGHT) ? rest.remove(HEIGHT) : 0;
        return with(rest, (constant + tall * STATURE_CM) * scale, wider);
    }

    /** The same rule with other numbers. */
    public Proportion with(Map<String, Double> other, double otherConstant, double otherSpread) {
        return new Proportion(of, other, otherConstant, otherSpread, about, scales);
    }
}
