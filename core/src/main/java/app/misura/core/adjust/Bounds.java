package app.misura.core.adjust;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/** What a test's statistic may be; the few that sheets need are worked out once. */
final class Bounds {
    private static final int MOST = 2000;
    private static final Map<Key, Double> CHI_SQUARE = new ConcurrentHashMap<>();
    private static final Map<Key, Double> SIDAK = new ConcurrentHashMap<>();

    private record Key(double alpha, int of) {}

    private Bounds() {}

    static double chiSquare(double alpha, int degrees) {
        return known(
                CHI_SQUARE,
                alpha,
                degrees,
                () -> ChiSquaredDistribution.of(degrees).inverseSurvivalProbability(alpha));
    }

    /** Sidak's bound over groups: {@code Phi^-1(1 - (1 - (1 - alpha)^(1/G)) / 2)}. */
    static double sidak(double alpha, int groups) {
        return known(SIDAK, alpha, groups, () -> {
            double each = -Math.expm1(Math.log1p(-alpha) / groups);
            return NormalDistribution.of(0, 1).inverseSurvivalProbability(each / 2);
        });
    }

    private static double known(
            Map<Key, Double> all, double alpha, int of, java.util.function.DoubleSupplier reckoned) {
        Key key = new Key(alpha, of);
        Double known = all.get(key);
        if (known != null) {
            return known;
        }
        double value = reckoned.getAsDouble();
        if (all.size() < MOST) {
            all.put(key, value);
        }
        return value;
    }
}
