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
 */
public record Proportion(String of, Map<String, Double> factors, double constant, double spread, Region about) {
    public static final String HEIGHT = "height";

    /** A grown person's stature where none is known, cm. */
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

    /** The same rule for a body that is not grown: it spreads more. */
    public Proportion young() {
        return with(factors, constant, Math.min(0.9, spread * YOUNG_DIFFER));
    }

    /** The same rule with other numbers. */
    public Proportion with(Map<String, Double> other, double otherConstant, double otherSpread) {
        return new Proportion(of, other, otherConstant, otherSpread, about);
    }
}
