package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.measure.Condition;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What to ask a client for again: it costs their patience.
 *
 * @param first the fewest steps of which each open fault has one, those in one part and posture before others, in form order
 * @param then what is left of groups that nothing tells apart, to be taken only if a fault stays, in form order
 */
public record Retake(List<String> first, List<String> then) {
    static final Retake NOTHING = new Retake(List.of(), List.of());

    public Retake {
        first = List.copyOf(first);
        then = List.copyOf(then);
    }

    public boolean isEmpty() {
        return first.isEmpty();
    }

    /** What the open faults of a sheet ask for. */
    static Retake of(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment, List<Finding> findings) {
        List<Set<String>> anyOf = new ArrayList<>();
        Set<String> first = new LinkedHashSet<>();
        for (Adjustment.Removal wrong : Proof.wrong(adjustment, findings)) {
            Set<String> group = new LinkedHashSet<>();
            wrong.group().forEach(id -> group.add(Evidence.label(id)));
            anyOf.add(group);
        }
        for (Finding finding : findings) {
            if (finding.isFault() && finding.rule().equals(ClosureRule.GAP)) {
                anyOf.add(new LinkedHashSet<>(finding.steps()));
            } else if (finding.isFault() && !finding.rule().equals(Rules.CLOSURE_WRONG)) {
                first.addAll(finding.steps());
            }
        }
        Set<String> all = new LinkedHashSet<>(first);
        anyOf.forEach(all::addAll);
        if (all.isEmpty()) {
            return NOTHING;
        }
        List<Set<String>> open = new ArrayList<>(anyOf);
        open.removeIf(group -> group.stream().anyMatch(first::contains));
        while (!open.isEmpty()) {
            String next = best(sheet, settled, open, first);
            first.add(next);
            open.removeIf(group -> group.contains(next));
        }
        List<String> inOrder = sheet.form().steps().stream()
                .map(Step::label)
                .distinct()
                .filter(all::contains)
                .toList();
        return new Retake(
                inOrder.stream().filter(first::contains).toList(),
                inOrder.stream().filter(label -> !first.contains(label)).toList());
    }

    /** The step that is in most groups; of several the one where most of what is asked is, then the least sure, then the first. */
    private static String best(Sheet sheet, Map<ValueId, Settled> settled, List<Set<String>> open, Set<String> asked) {
        List<Step> candidates = sheet.form().steps().stream()
                .filter(s -> open.stream().anyMatch(group -> group.contains(s.label())))
                .toList();
        Comparator<Step> by = Comparator.comparingLong((Step s) ->
                        open.stream().filter(group -> group.contains(s.label())).count())
                .thenComparingLong(s -> asked.stream()
                        .filter(label -> isTogether(s, sheet.form().step(label)))
                        .count())
                .thenComparingLong(s -> open.stream()
                        .flatMap(Set::stream)
                        .filter(label -> isTogether(s, sheet.form().step(label)))
                        .count())
                .thenComparingDouble(s -> unsure(sheet, settled, s));
        Step best = candidates.get(0);
        for (Step each : candidates) {
            best = by.compare(each, best) > 0 ? each : best;
        }
        return best.label();
    }

    /** Whether two steps are taken in one go: in the same part of the form, the body in the same posture. */
    private static boolean isTogether(Step a, Step b) {
        return a.part().equals(b.part())
                && a.condition()
                        .get(Condition.Aspect.POSTURE)
                        .equals(b.condition().get(Condition.Aspect.POSTURE));
    }

    private static double unsure(Sheet sheet, Map<ValueId, Settled> settled, Step step) {
        return sheet.slots().stream()
                .filter(slot -> slot.id().isOf(step.label()))
                .mapToDouble(slot -> SheetNetwork.sdCm(sheet, slot, settled.get(slot.id())))
                .max()
                .orElse(0);
    }
}
