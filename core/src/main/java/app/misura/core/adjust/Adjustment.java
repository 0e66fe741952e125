package app.misura.core.adjust;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a network of sums says of its readings: whether they agree, which one most likely does not and by how much, and
 * what the others make of each.
 *
 * <p>Method: least squares with conditions; each reading is tested by its standardised error {@code w = f'Wr /
 * sqrt(f'Wf)} against Sidak's bound over the signatures that can be told apart. If the gate flags, the strongest is set
 * aside and the rest solved again, at most {@link Network.Settings#maxRemovals} times; several are never thrown out at
 * once, for a gross error smears over its neighbours.
 *
 * <p>Example: with readings a = 42.5, b = 40.0 of sd 0.5 and a closure a - b = 0 within 1, {@code Adjustment.of(network)}
 * has misclosure 2.5 and names a and b together, which nothing can tell apart.
 *
 * @param holds the gate's verdict; false when contradictory
 * @param suspects the strongest group when the gate flags, else empty
 * @param unchecked readings that take part in no check
 * @param implied missing measures that the sums determine
 * @param adjusted the first fit over all readings, with the implied ones
 * @param last null without removals
 * @param judged every checked reading against all others, by id; empty where the closures contradict each other
 * @param exchanges pairs of readings that would agree better the other way round; empty while the gate holds
 */
public record Adjustment(
        Status status,
        boolean holds,
        GlobalTest globalTest,
        SuspectTest suspectTest,
        List<ClosureGap> closures,
        List<Suspect> suspects,
        List<String> unchecked,
        List<Value> implied,
        List<Value> adjusted,
        List<Removal> removals,
        @Nullable Final last,
        Map<String, Correction> judged,
        List<Exchange> exchanges) {

    public enum Status {
        CONSISTENT,
        RESOLVED,
        RESOLVED_UNVERIFIED,
        UNRESOLVED,
        NOTHING_TO_CHECK,
        CONTRADICTORY;

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public record Value(String id, double value, double sd) {}

    public record GlobalTest(double statistic, int degreesOfFreedom, double critical, double p, boolean holds) {}

    /** Statistic and critical are null where nothing is checked. */
    public record SuspectTest(
            @Nullable Double statistic, @Nullable Double critical, int groups, boolean holds) {}

    /** A closure's gap; misclosure and z are null where a member is missing. */
    public record ClosureGap(
            String id,
            @Nullable Double misclosure,
            @Nullable Double z,
            boolean active) {}

    /** Readings that cannot be told apart, each with its own correction, and the closures that would explain the same. */
    public record Suspect(List<String> members, List<String> closures, Map<String, Correction> corrections) {}

    /** Reading minus error is what the others suggest. */
    public record Correction(double absW, double error, double errorSd, double suggested, double suggestedSd) {}

    /** Two readings, each in the other's place. @param gain by how much the statistic of the global test would fall */
    public record Exchange(String a, String b, double gain) {}

    /** A reading set aside; error and suggestion against the final network, null where it leaves them undetermined. */
    public record Removal(
            String id,
            List<String> group,
            @Nullable Double error,
            @Nullable Double suggested) {}

    public record Final(boolean holds, double statistic, int degreesOfFreedom, List<Value> adjusted) {}

    /** Adjusts a network. Deterministic; costs some microseconds per closure. */
    public static Adjustment of(Network network) {
        return new Course(network).run();
    }

    public @Nullable ClosureGap gap(String closure) {
        return closures.stream().filter(c -> c.id().equals(closure)).findFirst().orElse(null);
    }

    /** The readings set aside, taking part in the final fit as missing. */
    private static final class Course {
        private final Network network;
        private final Fit first;

        Course(Network network) {
            this.network = network;
            this.first = new Fit(network);
        }

        Adjustment run() {
            List<String> aside = new ArrayList<>();
            List<List<String>> groups = new ArrayList<>();
            Network current = network;
            Fit fit = first;
            while (!fit.isContradictory()
                    && !fit.gateHolds()
                    && fit.strongest() >= 0
                    && aside.size() < network.settings().maxRemovals()) {
                int top = fit.strongest();
                aside.add(id(top));
                groups.add(fit.groupOf(top).stream().map(this::id).toList());
                current = current.without(id(top));
                fit = new Fit(current);
            }
            return aside.size() > 1 && !fit.gateHolds() ? bestPair(aside, groups, fit) : assemble(aside, groups, fit);
        }

        /** Two errors may hide each other from the strongest: where one after the other leaves a fault, the best two together. */
        private Adjustment bestPair(List<String> aside, List<List<String>> groups, Fit left) {
            List<Integer> pair = new Pairs(network, first).best();
            if (!pair.isEmpty()) {
                int one = pair.get(0);
                Network without = network.without(id(one));
                Fit second = new Fit(without);
                Fit both = new Fit(without.without(id(pair.get(1))));
                if (both.gateHolds()) {
                    return assemble(
                            List.of(id(one), id(pair.get(1))),
                            List.of(
                                    first.groupOf(one).stream().map(this::id).toList(),
                                    second.groupOf(pair.get(1)).stream()
                                            .map(this::id)
                                            .toList()),
                            both);
                }
            }
            return assemble(aside, groups, left);
        }

        private Adjustment assemble(List<String> aside, List<List<String>> groups, Fit last) {
            Map<String, Value> implied = first.implied();
            return new Adjustment(
                    status(aside, last),
                    first.gateHolds(),
                    new GlobalTest(
                            first.chiSquare(),
                            first.degreesOfFreedom(),
                            first.chiSquareCritical(),
                            first.p(),
                            first.globalHolds()),
                    suspectTest(),
                    gaps(),
                    suspects(),
                    unchecked(),
                    List.copyOf(implied.values()),
                    first.adjusted(implied),
                    removals(aside, groups, last),
                    aside.isEmpty()
                            ? null
                            : new Final(
                                    last.gateHolds(),
                                    last.chiSquare(),
                                    last.degreesOfFreedom(),
                                    last.adjusted(last.implied())),
                    first.isContradictory() ? Map.of() : corrections(first.checked()),
                    flags() ? new Pairs(network, first).exchanges() : List.of());
        }

        private boolean flags() {
            return first.strongest() >= 0 && !first.isContradictory() && !first.gateHolds();
        }

        private Status status(List<String> aside, Fit last) {
            if (first.isContradictory()) {
                return Status.CONTRADICTORY;
            }
            if (first.strongest() < 0) {
                return Status.NOTHING_TO_CHECK;
            }
            if (first.gateHolds()) {
                return Status.CONSISTENT;
            }
            if (aside.isEmpty() || !last.gateHolds()) {
                return Status.UNRESOLVED;
            }
            return last.degreesOfFreedom() == 0 ? Status.RESOLVED_UNVERIFIED : Status.RESOLVED;
        }

        private SuspectTest suspectTest() {
            return first.strongest() < 0
                    ? new SuspectTest(null, null, 0, true)
                    : new SuspectTest(
                            first.suspectStatistic(), first.suspectCritical(), first.groups(), first.suspectHolds());
        }

        private List<ClosureGap> gaps() {
            List<ClosureGap> gaps = new ArrayList<>();
            for (int k = 0; k < network.closures().size(); k++) {
                Double z = first.z(k);
                gaps.add(new ClosureGap(
                        network.closures().get(k).id(), z == null ? null : first.misclosure(k), z, z != null));
            }
            return gaps;
        }

        private List<Suspect> suspects() {
            if (!flags()) {
                return List.of();
            }
            int top = first.strongest();
            Map<String, Correction> corrections = corrections(first.groupOf(top));
            return List.of(new Suspect(List.copyOf(corrections.keySet()), first.closuresLike(top), corrections));
        }

        private Map<String, Correction> corrections(List<Integer> readings) {
            Map<String, Correction> corrections = new LinkedHashMap<>();
            for (int i : readings) {
                double read = java.util.Objects.requireNonNull(
                        network.measures().get(i).value());
                corrections.put(
                        id(i),
                        new Correction(
                                Math.abs(first.w(i)),
                                first.error(i),
                                first.errorSd(i),
                                read - first.error(i),
                                first.suggestedSd(i)));
            }
            return corrections;
        }

        private List<String> unchecked() {
            List<String> ids = new ArrayList<>();
            for (int i = 0; i < network.measures().size(); i++) {
                if (network.measures().get(i).value() != null && !first.isChecked(i)) {
                    ids.add(id(i));
                }
            }
            return ids;
        }

        private List<Removal> removals(List<String> aside, List<List<String>> groups, Fit last) {
            Map<String, Value> determined = aside.isEmpty() ? Map.of() : last.implied();
            List<Removal> removals = new ArrayList<>();
            for (int i = 0; i < aside.size(); i++) {
                Value value = determined.get(aside.get(i));
                removals.add(new Removal(
                        aside.get(i),
                        groups.get(i),
                        value == null ? null : reading(aside.get(i)) - value.value(),
                        value == null ? null : value.value()));
            }
            return removals;
        }

        private double reading(String id) {
            return network.measures().stream()
                    .filter(m -> m.id().equals(id))
                    .mapToDouble(m -> java.util.Objects.requireNonNull(m.value()))
                    .findFirst()
                    .orElseThrow();
        }

        private String id(int i) {
            return network.measures().get(i).id();
        }
    }
}
