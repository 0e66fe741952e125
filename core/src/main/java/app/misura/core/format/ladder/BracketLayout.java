package app.misura.core.format.ladder;

import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Bracket;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Places the brackets of a ladder: knots at their rungs, spines in lanes that do not touch, breaks, words beside them. */
final class BracketLayout {
    /** Enough for every word of a form to find its place; the words of a ladder are few. */
    private static final int ROUNDS = 40;
    /** Less than this, px, nobody sees. */
    private static final double NEGLIGIBLE = 0.01;

    private final List<Rung> rungs;
    private final List<PartLine> lines;
    private final List<Bracket> sums;
    private final Unit unit;
    private final @Nullable String now;
    private final Metrics m;

    /** @param lines of parts, among the rungs, where the ladder folds */
    BracketLayout(
            List<Rung> rungs,
            List<PartLine> lines,
            List<Bracket> sums,
            Unit unit,
            @Nullable String now,
            Metrics metrics) {
        this.rungs = rungs;
        this.lines = lines;
        this.sums = sums;
        this.unit = unit;
        this.now = now;
        this.m = metrics;
    }

    private String text(Length length) {
        return LengthText.column(length, unit);
    }

    List<Drawn> brackets() {
        List<Drawn> drawn = new ArrayList<>();
        sums.forEach(bracket -> drawn.add(plain(bracket)));
        List<Drawn> byLength = new ArrayList<>(drawn);
        byLength.sort(Comparator.comparingDouble(Drawn::length));
        Map<String, Integer> lanes = lanes(byLength);
        List<Drawn> placed = new ArrayList<>();
        for (Drawn d : drawn) {
            int lane = Objects.requireNonNull(lanes.get(d.bracket().closure().id()));
            placed.add(d.inLane(lane, m.spine(lane)));
        }
        return pushedApart(placed);
    }

    /** Shortest first, each in the lowest lane where no spine comes near. */
    private Map<String, Integer> lanes(List<Drawn> byLength) {
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

    private boolean isNear(Drawn a, Drawn b) {
        double clear = lines.isEmpty() ? Metrics.CLEAR : Metrics.CLEAR_FOLDED;
        return a.top() - clear < b.bottom() && b.top() - clear < a.bottom();
    }

    private Drawn plain(Bracket bracket) {
        List<Drawn.Knot> knots = new ArrayList<>();
        for (Rung rung : rungs) {
            String label = rung.step().label();
            if (bracket.closure().concerns(label)) {
                knots.add(new Drawn.Knot(
                        label,
                        rung.y(),
                        Drawn.Sign.of(
                                factor(bracket, label), isIn(bracket.closure().wholes(), label)),
                        !isIn(bracket.waiting(), label)));
            }
        }
        boolean torn = bracket.state().isTorn();
        boolean wide = bracket.state() == Bracket.State.WRONG || bracket.state() == Bracket.State.ACCEPTED;
        double[] stretch = longest(knots);
        double half = (wide ? Metrics.TORN_WIDE : Metrics.TORN) / 2;
        double middle = free(stretch, half + m.knot());
        if (stretch[1] - stretch[0] < Metrics.SHORT) {
            half = (stretch[1] - stretch[0]) / 2 - m.knot();
        }
        boolean active = active(bracket);
        boolean pegged = !lines.isEmpty() && !torn && !active;
        boolean hangs = !torn && !bracket.closure().added().equals(Length.ZERO);
        String word = pegged ? "" : word(bracket, active);
        boolean named = hangs && !pegged && word.isEmpty();
        return new Drawn(
                bracket,
                0,
                0,
                knots,
                torn ? middle : null,
                half,
                hangs && !pegged ? (Double) middle : null,
                named ? constant(bracket.closure()) : word,
                torn || named ? middle : labelY(bracket, knots),
                active,
                pegged);
    }

    /** The middle of a stretch, or the line of a folded part near it: no tick runs into what stands there. */
    private double free(double[] stretch, double clear) {
        double middle = (stretch[0] + stretch[1]) / 2;
        return lines.stream()
                .map(PartLine::y)
                .filter(at -> at - clear > stretch[0] && at + clear < stretch[1])
                .min(Comparator.comparingDouble(at -> Math.abs(at - middle)))
                .orElse(middle);
    }

    private boolean active(Bracket bracket) {
        return now != null && bracket.closure().concerns(now);
    }

    private static double factor(Bracket bracket, String label) {
        return bracket.closure().members().stream()
                .filter(v -> v.isOf(label))
                .findFirst()
                .map(bracket.closure()::factor)
                .orElse(1.0);
    }

    /** The number that the form adds: {@code + 3.5}. */
    private String constant(Closure closure) {
        Length added = closure.added();
        return (added.isPositive() ? "+ " : "− ") + text(added.abs());
    }

    private static boolean isIn(List<ValueId> values, String label) {
        return values.stream().anyMatch(v -> v.isOf(label));
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
            case GAP -> "gap " + text(Objects.requireNonNull(bracket.gap()).abs());
            case ACCEPTED -> text(Objects.requireNonNull(bracket.gap()).abs());
            case WRONG -> "≠ " + text(Objects.requireNonNull(bracket.gap()).abs());
            case OPEN -> {
                List<ValueId> others = bracket.waiting().stream()
                        .filter(v -> now == null || !v.isOf(now))
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
            last = isIn(bracket.waiting(), knot.label()) ? knot.y() : last;
        }
        return last;
    }

    /** Words that would lie on each other move apart, half each. */
    private static List<Drawn> pushedApart(List<Drawn> placed) {
        List<Drawn> list = new ArrayList<>(placed);
        for (int round = 0; round < ROUNDS; round++) {
            if (!pushOnce(list)) {
                break;
            }
        }
        return List.copyOf(list);
    }

    private static boolean pushOnce(List<Drawn> list) {
        List<Integer> worded = IntStream.range(0, list.size())
                .filter(i -> !list.get(i).word().isEmpty())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> list.get(i).labelY()))
                .toList();
        boolean moved = false;
        for (int k = 1; k < worded.size(); k++) {
            Drawn above = list.get(worded.get(k - 1));
            Drawn below = list.get(worded.get(k));
            double boxed = above.isTorn() || below.isTorn() ? Metrics.BOX_STEP : Metrics.LABEL_STEP;
            boxed += above.bracket().state() == Bracket.State.ACCEPTED ? Metrics.LABEL_STEP : 0;
            double missing = boxed - (below.labelY() - above.labelY());
            if (missing > NEGLIGIBLE) {
                list.set(worded.get(k - 1), above.labelledAt(above.labelY() - missing / 2));
                list.set(worded.get(k), below.labelledAt(below.labelY() + missing / 2));
                moved = true;
            }
        }
        return moved;
    }
}
