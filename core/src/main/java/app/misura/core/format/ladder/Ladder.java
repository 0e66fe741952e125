package app.misura.core.format.ladder;

import app.misura.core.form.Closure;
import app.misura.core.form.Formula;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All steps of a sheet in working order as rungs, and the brackets that join those that must add up. Geometry only; the
 * same sheet gives the same ladder.
 *
 * @param gates bars after parts, by the part's letter
 * @param height of the whole
 * @param width of the margin in which the brackets run, with its labels
 */
public record Ladder(
        Metrics metrics, List<Rung> rungs, List<Drawn> brackets, Map<String, Gate> gates, double height, double width) {

    /** A bar after a part. @param y its middle @param open how many sums are to be cleared first; 0 when passed */
    public record Gate(double y, int open, boolean hard) {
        public boolean asks() {
            return open > 0;
        }
    }

    /**
     * Lays out a ladder.
     *
     * @param marks labels of the marks that are set
     * @param now label of the step that is asked for; null if none is
     */
    public static Ladder of(Proof proof, Set<String> marks, @Nullable String now, Metrics metrics) {
        return new Layout(proof, marks, now, metrics).ladder();
    }

    public Optional<Rung> rung(String label) {
        return rungs.stream().filter(r -> r.step().label().equals(label)).findFirst();
    }

    private static final class Layout {
        private final Proof proof;
        private final Set<String> marks;
        private final @Nullable String now;
        private final Metrics m;
        private final List<Rung> rungs = new ArrayList<>();
        private final Map<String, Gate> gates = new HashMap<>();
        private double y;

        Layout(Proof proof, Set<String> marks, @Nullable String now, Metrics metrics) {
            this.proof = proof;
            this.marks = marks;
            this.now = now;
            this.m = metrics;
        }

        Ladder ladder() {
            Sheet sheet = proof.sheet();
            Set<String> asked = sheet.askedLabels();
            for (Part part : sheet.form().parts()) {
                boolean first = true;
                for (Step step : part.steps()) {
                    if (asked.contains(step.label()) && isShown(step)) {
                        y += first && !rungs.isEmpty() ? m.partGap() : 0;
                        rungs.add(rung(step, first));
                        y += m.rung();
                        first = false;
                    }
                }
                if (!first && part.gate() != Part.Gate.NONE) {
                    gate(part);
                }
            }
            List<Drawn> brackets = brackets();
            int lanes = brackets.stream().mapToInt(b -> b.lane() + 1).max().orElse(0);
            double width = lanes == 0 ? 0 : m.spine(lanes - 1) + m.knot() + 6 + m.labels();
            return new Ladder(m, List.copyOf(rungs), brackets, Map.copyOf(gates), y, width);
        }

        /** A derived value stays hidden while it is the answer to a step still to be taken. */
        private boolean isShown(Step step) {
            Formula formula = step.derived();
            if (formula == null) {
                return true;
            }
            boolean known = formula.terms().keySet().stream()
                    .allMatch(id -> proof.value(id).isPresent());
            boolean answersOpen = proof.brackets().stream()
                    .filter(b ->
                            b.closure().members().containsAll(formula.terms().keySet()))
                    .anyMatch(b -> !b.waiting().isEmpty());
            return known && !answersOpen;
        }

        private Rung rung(Step step, boolean first) {
            List<String> values = values(step);
            return new Rung(step, state(step, values), values, tries(step), y + m.rung() / 2, m.rung(), first);
        }

        private int tries(Step step) {
            return (int) proof.sheet().readings().stream()
                    .filter(r -> r.step().equals(step.label()) && r.counts())
                    .count();
        }

        private List<String> values(Step step) {
            Formula formula = step.derived();
            if (formula != null) {
                double sum = 0;
                for (Map.Entry<String, Double> term : formula.terms().entrySet()) {
                    sum += term.getValue()
                            * proof.value(term.getKey()).map(Length::nanometres).orElse(0L);
                }
                return List.of(text(new Length(Math.round(sum))));
            }
            if (step.isMark()) {
                return List.of(marks.contains(step.label()) ? "set" : "");
            }
            List<String> values = new ArrayList<>();
            for (Sheet.Slot slot : proof.sheet().slots()) {
                if (slot.step().label().equals(step.label())) {
                    Settled settled = proof.settled().get(slot.id());
                    Length length = settled == null ? null : settled.length();
                    values.add(settled == null ? "" : length == null ? "none" : text(length));
                }
            }
            return values;
        }

        private String text(Length length) {
            return LengthText.column(length, proof.sheet().unit());
        }

        private Rung.State state(Step step, List<String> values) {
            if (step.label().equals(now)) {
                return Rung.State.NOW;
            }
            if (step.isDerived()) {
                return Rung.State.WORKED_OUT;
            }
            if (values.stream().anyMatch(String::isEmpty)) {
                return Rung.State.TO_COME;
            }
            if (step.isMark()) {
                return Rung.State.SET;
            }
            boolean wrong = proof.suspected().stream()
                    .anyMatch(id -> id.equals(step.label()) || id.startsWith(step.label() + "-"));
            return wrong ? Rung.State.WRONG : values.contains("none") ? Rung.State.NONE : Rung.State.KEPT;
        }

        /** After a part: a bar when its sums are clear, a question when one of them is wrong and the work has come so far. */
        private void gate(Part part) {
            boolean hard = part.gate() == Part.Gate.HARD;
            boolean passed = part.steps().stream()
                    .filter(s -> s.takesReadings() && s.isAsked(proof.sheet().answers()))
                    .allMatch(s -> values(s).stream().noneMatch(String::isEmpty));
            int open = (int) proof.brackets().stream()
                    .filter(b -> b.state() == Bracket.State.WRONG)
                    .filter(b -> home(b.closure()).equals(part.letter()))
                    .count();
            if (open > 0) {
                gates.put(part.letter(), new Gate(y + m.partGap() / 2 + m.gate() / 2, open, hard));
                y += m.gate();
            } else if (passed) {
                gates.put(part.letter(), new Gate(y + m.partGap() / 2, 0, hard));
            }
        }

        /** The part of the member that is taken last. */
        private String home(Closure closure) {
            String home = "";
            for (Step step : proof.sheet().form().steps()) {
                home = closure.concerns(step.label()) ? step.part() : home;
            }
            return home;
        }

        private List<Drawn> brackets() {
            List<Drawn> drawn = new ArrayList<>();
            for (Bracket bracket : proof.brackets()) {
                if (bracket.state() != Bracket.State.NOT_CHECKED) {
                    drawn.add(plain(bracket));
                }
            }
            List<Drawn> byLength = new ArrayList<>(drawn);
            byLength.sort(Comparator.comparingDouble(Drawn::length));
            Map<String, Integer> lanes = lanes(byLength);
            List<Drawn> placed = new ArrayList<>();
            for (Drawn d : drawn) {
                int lane = java.util.Objects.requireNonNull(
                        lanes.get(d.bracket().closure().id()));
                placed.add(new Drawn(
                        d.bracket(),
                        lane,
                        m.spine(lane),
                        d.knots(),
                        d.breakAt(),
                        d.breakHalf(),
                        d.word(),
                        d.labelY(),
                        d.active()));
            }
            return pushedApart(placed);
        }

        /** Shortest first, each in the lowest lane where no spine comes near. */
        private static Map<String, Integer> lanes(List<Drawn> byLength) {
            Map<String, Integer> lanes = new HashMap<>();
            List<List<Drawn>> taken = new ArrayList<>();
            for (Drawn d : byLength) {
                int lane = 0;
                while (lane < taken.size() && taken.get(lane).stream().anyMatch(o -> isNear(o, d))) {
                    lane++;
                }
                if (lane == taken.size()) {
                    taken.add(new ArrayList<>());
                }
                taken.get(lane).add(d);
                lanes.put(d.bracket().closure().id(), lane);
            }
            return lanes;
        }

        private static boolean isNear(Drawn a, Drawn b) {
            return a.top() - Metrics.CLEAR < b.bottom() && b.top() - Metrics.CLEAR < a.bottom();
        }

        private Drawn plain(Bracket bracket) {
            List<String> wholes = bracket.closure().wholes();
            List<Drawn.Knot> knots = new ArrayList<>();
            for (Rung rung : rungs) {
                String label = rung.step().label();
                if (bracket.closure().concerns(label)) {
                    knots.add(new Drawn.Knot(
                            label,
                            rung.y(),
                            wholes.contains(label) ? "=" : "+",
                            !bracket.waiting().contains(label)));
                }
            }
            boolean torn = bracket.state() == Bracket.State.GAP || bracket.state() == Bracket.State.WRONG;
            boolean wide = bracket.state() == Bracket.State.WRONG;
            double[] stretch = longest(knots);
            double middle = (stretch[0] + stretch[1]) / 2;
            double half = (wide ? Metrics.TORN_WIDE : Metrics.TORN) / 2;
            if (stretch[1] - stretch[0] < Metrics.SHORT) {
                half = (stretch[1] - stretch[0]) / 2 - m.knot();
            }
            boolean active = now != null && bracket.closure().concerns(now);
            return new Drawn(
                    bracket,
                    0,
                    0,
                    knots,
                    torn ? middle : null,
                    half,
                    word(bracket, active),
                    torn ? middle : labelY(bracket, knots),
                    active);
        }

        private static double[] longest(List<Drawn.Knot> knots) {
            double[] best = {knots.get(0).y(), knots.get(0).y()};
            for (int i = 1; i < knots.size(); i++) {
                if (knots.get(i).y() - knots.get(i - 1).y() > best[1] - best[0]) {
                    best = new double[] {knots.get(i - 1).y(), knots.get(i).y()};
                }
            }
            return best;
        }

        private String word(Bracket bracket, boolean active) {
            return switch (bracket.state()) {
                case GAP ->
                    "gap "
                            + text(java.util.Objects.requireNonNull(bracket.gap())
                                    .abs());
                case WRONG ->
                    "≠ " + text(java.util.Objects.requireNonNull(bracket.gap()).abs());
                case OPEN -> {
                    List<String> others = bracket.waiting().stream()
                            .filter(l -> !l.equals(now))
                            .toList();
                    yield others.isEmpty()
                            ? (active ? "closes" : "waits " + bracket.waiting().get(0))
                            : "waits " + others.get(others.size() - 1);
                }
                default -> "";
            };
        }

        private static double labelY(Bracket bracket, List<Drawn.Knot> knots) {
            double last = knots.get(knots.size() - 1).y();
            for (Drawn.Knot knot : knots) {
                last = bracket.waiting().contains(knot.label()) ? knot.y() : last;
            }
            return last;
        }

        /** Labels that would lie on each other move apart, half each. */
        private static List<Drawn> pushedApart(List<Drawn> placed) {
            List<Drawn> list = new ArrayList<>(placed);
            for (int round = 0; round < 40; round++) {
                boolean moved = false;
                List<Integer> order = new ArrayList<>();
                for (int i = 0; i < list.size(); i++) {
                    if (!list.get(i).word().isEmpty()) {
                        order.add(i);
                    }
                }
                List<Drawn> now = list;
                order.sort(Comparator.comparingDouble(i -> now.get(i).labelY()));
                for (int k = 1; k < order.size(); k++) {
                    int a = order.get(k - 1);
                    int b = order.get(k);
                    double need = Metrics.LABEL_STEP
                            + (list.get(a).breakAt() != null || list.get(b).breakAt() != null ? 6 : 0);
                    double missing = need - (list.get(b).labelY() - list.get(a).labelY());
                    if (missing > 0.01) {
                        list.set(a, relabelled(list.get(a), -missing / 2));
                        list.set(b, relabelled(list.get(b), missing / 2));
                        moved = true;
                    }
                }
                if (!moved) {
                    break;
                }
            }
            return List.copyOf(list);
        }

        private static Drawn relabelled(Drawn d, double by) {
            return new Drawn(
                    d.bracket(),
                    d.lane(),
                    d.x(),
                    d.knots(),
                    d.breakAt(),
                    d.breakHalf(),
                    d.word(),
                    d.labelY() + by,
                    d.active());
        }
    }
}
