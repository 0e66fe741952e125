package app.misura.core.draft;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What a draft promises, re-measured on the finished outline.
 *
 * @param of which drawn lines add up to it; null for a rule of shape
 * @param said what it is called on paper, such as {@code seat, front + back}
 */
public record Target(
        String name,
        Kind kind,
        Quantity quantity,
        double expected,
        double measured,
        double tolerance,
        @Nullable Sum of,
        Scope scope,
        String said) {
    /** How far a drawn length may lie from its promise, mm: under what a tape on cloth can show. */
    public static final double TOLERANCE = 0.5;

    /** A rule of shape is kept exactly, but for the last digits of a computation. */
    private static final double EXACT = 1e-6;

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
            double plus) {
        public Sum {
            levels = List.copyOf(levels);
            edges = List.copyOf(edges);
            minus = List.copyOf(minus);
        }

        public static Sum ofLevels(LevelRef... levels) {
            return new Sum(1, List.of(levels), List.of(), List.of(), false, 0);
        }

        public static Sum ofEdges(EdgeRef... edges) {
            return new Sum(1, List.of(), List.of(edges), List.of(), false, 0);
        }

        public Sum times(int often) {
            return new Sum(often, levels, edges, minus, lessDarts, plus);
        }

        public Sum minus(EdgeRef... less) {
            return new Sum(times, levels, edges, List.of(less), lessDarts, plus);
        }

        public Sum dartsClosed() {
            return new Sum(times, levels, edges, minus, true, plus);
        }

        public Sum plus(double mm) {
            return new Sum(times, levels, edges, minus, lessDarts, mm);
        }
    }

    /** A rule of shape: what a length cannot say. */
    public static Target shape(
            String name, Kind kind, Quantity quantity, double expected, double measured, String said) {
        return new Target(name, kind, quantity, expected, measured, EXACT, null, Scope.EACH_SIDE, said);
    }

    /** The same promise of one side, as it was measured. */
    Target on(Scope side) {
        return new Target(name, kind, quantity, expected, measured, tolerance, of, side, said);
    }

    /** The name with its side, where the sides are drafted apart. */
    public String id() {
        return name + scope.suffix();
    }

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
