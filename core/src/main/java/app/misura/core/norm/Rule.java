package app.misura.core.norm;

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
public record Rule(String of, Map<String, Double> factors, double constant, double spread, Region about) {

    public Rule {
        factors = Collections.unmodifiableMap(new LinkedHashMap<>(factors));
        if (!(spread > 0 && spread < 1)) {
            throw new IllegalArgumentException(of + ": spread must lie between 0 and 100 %, not " + 100 * spread);
        }
    }

    /** The same rule with other numbers. */
    public Rule with(Map<String, Double> other, double otherConstant, double otherSpread) {
        return new Rule(of, other, otherConstant, otherSpread, about);
    }

    /** What it makes of a body's lengths, cm; never nothing at all, of which no share could be taken. */
    double expected(java.util.function.ToDoubleFunction<String> cm) {
        double sum = constant;
        for (Map.Entry<String, Double> term : factors.entrySet()) {
            sum += term.getValue() * cm.applyAsDouble(term.getKey());
        }
        return Math.max(1, sum);
    }
}
