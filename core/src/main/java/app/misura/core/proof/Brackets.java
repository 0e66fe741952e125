package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** How each sum of the form stands: waiting, closed, gaping or judged wrong. */
final class Brackets {
    private final Sheet sheet;
    private final Map<ValueId, Settled> settled;
    private final Adjustment adjustment;
    private final Set<ValueId> asked = new LinkedHashSet<>();

    Brackets(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment) {
        this.sheet = sheet;
        this.settled = settled;
        this.adjustment = adjustment;
        sheet.slots().forEach(slot -> asked.add(slot.id()));
    }

    List<Bracket> all() {
        Set<String> wrong = wrong();
        List<Bracket> brackets = new ArrayList<>();
        for (Closure closure : sheet.form().closures()) {
            brackets.add(bracket(closure, wrong.contains(closure.id())));
        }
        return brackets;
    }

    private Bracket bracket(Closure closure, boolean judgedWrong) {
        if (!asked.containsAll(closure.members())) {
            return new Bracket(closure, Bracket.State.NOT_CHECKED, null, List.of());
        }
        List<ValueId> waiting = asked.stream()
                .filter(closure::concerns)
                .filter(id -> Sheet.length(settled, id).isEmpty())
                .toList();
        if (!waiting.isEmpty()) {
            boolean none = waiting.size() == closure.members().size();
            return new Bracket(closure, none ? Bracket.State.TO_COME : Bracket.State.OPEN, null, waiting);
        }
        Length gap = gap(closure).orElseThrow();
        boolean over = isOver(closure, gap);
        Bracket.State state = judgedWrong ? Bracket.State.WRONG : over ? Bracket.State.GAP : Bracket.State.CLOSED;
        return new Bracket(closure, state, gap, List.of());
    }

    private static boolean isOver(Closure closure, Length gap) {
        return gap.abs().compareTo(closure.tolerance()) > 0;
    }

    /** Parts and constant less the whole, exactly; empty while a member is missing. */
    private Optional<Length> gap(Closure closure) {
        double sum = closure.constant().nanometres();
        for (Map.Entry<ValueId, Double> term : closure.terms().terms().entrySet()) {
            Optional<Length> length = Sheet.length(settled, term.getKey());
            if (length.isEmpty()) {
                return Optional.empty();
            }
            sum += term.getValue() * length.get().nanometres();
        }
        boolean wholeIsPositive = Objects.requireNonNull(
                        closure.terms().terms().get(closure.wholes().get(0)))
                > 0;
        return Optional.of(new Length(Math.round(wholeIsPositive ? -sum : sum)));
    }

    /** The sums that the strongest suspects are in and that gape; where none gapes, the one that gapes most. */
    private Set<String> wrong() {
        Set<String> wrong = new HashSet<>();
        Set<ValueId> group = new HashSet<>();
        adjustment.removals().stream()
                .filter(r -> !Evidence.isOnePair(r.group()))
                .forEach(r -> r.group().forEach(id -> group.add(ValueId.parse(id))));
        adjustment.suspects().stream()
                .filter(s -> !Evidence.isOnePair(s.members()))
                .forEach(s -> s.members().forEach(id -> group.add(ValueId.parse(id))));
        if (group.isEmpty()) {
            return wrong;
        }
        Closure worst = null;
        double most = -1;
        for (Closure closure : sheet.form().closures()) {
            Optional<Length> gap =
                    closure.members().stream().anyMatch(group::contains) ? gap(closure) : Optional.empty();
            if (gap.isEmpty() || !asked.containsAll(closure.members())) {
                continue;
            }
            if (isOver(closure, gap.get())) {
                wrong.add(closure.id());
            }
            double share = (double) gap.get().abs().nanometres()
                    / Math.max(1, closure.tolerance().nanometres());
            if (share > most) {
                most = share;
                worst = closure;
            }
        }
        if (wrong.isEmpty() && worst != null) {
            wrong.add(worst.id());
        }
        return wrong;
    }
}
