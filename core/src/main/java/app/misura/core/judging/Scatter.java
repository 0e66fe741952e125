package app.misura.core.judging;

import java.util.Map;
import java.util.OptionalDouble;

/**
 * How much one measurer's tries of one measure scatter, where the house knows it from its own repeats.
 *
 * @param sdCm standard deviation of one try, cm, by measurer and measure as {@link #key} writes them
 */
public record Scatter(Map<String, Double> sdCm) {
    public static final Scatter NONE = new Scatter(Map.of());

    public Scatter {
        sdCm = Map.copyOf(sdCm);
    }

    public static String key(String measurer, String code) {
        return code + " " + measurer;
    }

    /** One try's standard deviation, cm; empty where the house does not know it yet. */
    public OptionalDouble of(String measurer, String code) {
        Double sd = sdCm.isEmpty() ? null : sdCm.get(key(measurer, code));
        return sd == null ? OptionalDouble.empty() : OptionalDouble.of(sd);
    }
}
