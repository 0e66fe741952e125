package app.misura.core.draft;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What a draft promises, re-measured on the finished outline.
 *
 * @param unit {@code mm}, {@code deg} or {@code share}
 * @param of which drawn lines add up to it; null for a rule of shape
 */
public record Target(
        String name,
        Kind kind,
        String unit,
        double expected,
        double measured,
        double tolerance,
        @Nullable Sum of) {

    /** Whether the measured value must equal the expected one, reach it, or stay under it. */
    public enum Kind {
        EQUAL,
        FLOOR,
        CEILING;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** {@code times x (levels + edges - minus - darts where lessDarts) + plus}. */
    public record Sum(
            int times,
            List<LevelRef> levels,
            List<EdgeRef> edges,
            List<EdgeRef> minus,
            boolean lessDarts,
            double plus) {}

    public double difference() {
        return measured - expected;
    }

    public boolean holds() {
        return switch (kind) {
            case EQUAL -> Math.abs(difference()) <= tolerance;
            case FLOOR -> measured >= expected - tolerance;
            case CEILING -> measured <= expected + tolerance;
        };
    }
}
