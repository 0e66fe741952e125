package app.misura.core.draft;

import java.util.List;

/** How a seam is planned before anything is drawn: {@code Seams.between(...).eased(-6, 0).notchedAt(...)}. */
public final class Seams {
    private Seams() {}

    /** @param notchesAt where marks are set, mm from the start of walk a */
    public record Plan(
            String name,
            Walk a,
            Walk b,
            double easeLow,
            double easeHigh,
            List<Double> notchesAt,
            Scope scope,
            String said) {
        public Plan {
            notchesAt = List.copyOf(notchesAt);
        }

        /** How much longer b may be than a. */
        public Plan eased(double low, double high) {
            return new Plan(name, a, b, low, high, notchesAt, scope, said);
        }

        public Plan notchedAt(List<Double> places) {
            return new Plan(name, a, b, easeLow, easeHigh, places, scope, said);
        }

        public Plan of(Scope other) {
            return new Plan(name, a, b, easeLow, easeHigh, notchesAt, other, said);
        }
    }

    /** Walk b sewn to walk a, of one length, on each side alike. */
    public static Plan between(String name, Walk a, Walk b, String said) {
        return new Plan(name, a, b, 0, 0, List.of(), Scope.EACH_SIDE, said);
    }
}
