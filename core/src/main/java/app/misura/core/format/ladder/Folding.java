package app.misura.core.format.ladder;

import app.misura.core.course.Course;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.proof.Bracket;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which parts of a long ladder stand open, and what of the others stays out: the rungs that a drawn bracket joins. Drawn are
 * the brackets of the open part, and every gap and wrong one wherever it is. It depends on the open part and on gaps, never
 * on the step, so that a ladder keeps its shape while a part is worked on.
 */
final class Folding {
    /** So many rungs stand under each other and are read; more fold. */
    static final int SHORT = 24;

    private final OrderForm form;
    private final @Nullable String open;
    private final boolean folds;
    private final boolean gathers;
    private final List<Bracket> drawn;
    private final Map<String, List<Bracket>> resting;
    private final Set<String> out;

    Folding(Course course, Focus focus, Metrics metrics) {
        this.form = course.proof().sheet().form();
        this.open = focus.part() != null
                ? focus.part()
                : focus.step() != null ? form.step(focus.step()).part() : null;
        this.gathers = metrics.gathers();
        this.folds = metrics.folded() > 0 && course.counted().size() > SHORT;
        List<Bracket> exist = course.brackets().stream()
                .filter(b -> b.state() != Bracket.State.NOT_CHECKED)
                .toList();
        this.drawn = exist.stream().filter(this::isWanted).toList();
        this.resting = byHome(exist.stream().filter(b -> !drawn.contains(b)).toList(), form.steps());
        this.out = drawn.stream().flatMap(b -> b.closure().labels().stream()).collect(Collectors.toUnmodifiableSet());
    }

    private boolean isWanted(Bracket bracket) {
        if (gathers) {
            return bracket.closure().labels().stream()
                            .map(label -> form.step(label).part())
                            .distinct()
                            .count()
                    == 1;
        }
        return !folds
                || bracket.state().isTorn()
                || bracket.closure().labels().stream()
                        .anyMatch(label -> form.step(label).part().equals(open));
    }

    /** Whether parts fold at all. */
    boolean folds() {
        return folds;
    }

    boolean isOpen(Part part) {
        return !folds || part.letter().equals(open);
    }

    /** Whether a rung is seen though its part is folded. */
    boolean staysOut(Step step) {
        return out.contains(step.label());
    }

    List<Bracket> drawn() {
        return drawn;
    }

    /** The brackets that are not drawn and have their home in a part. */
    List<Bracket> resting(Part part) {
        return resting.getOrDefault(part.letter(), List.of());
    }

    /** Brackets by their home: the part of that member which is taken last. */
    private static Map<String, List<Bracket>> byHome(List<Bracket> brackets, List<Step> steps) {
        Map<String, List<Bracket>> homes = new HashMap<>();
        for (Bracket bracket : brackets) {
            Set<String> labels = Set.copyOf(bracket.closure().labels());
            for (int i = steps.size() - 1; i >= 0; i--) {
                if (labels.contains(steps.get(i).label())) {
                    homes.computeIfAbsent(steps.get(i).part(), letter -> new ArrayList<>())
                            .add(bracket);
                    break;
                }
            }
        }
        return homes;
    }
}
