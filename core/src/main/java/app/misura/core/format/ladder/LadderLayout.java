package app.misura.core.format.ladder;

import app.misura.core.course.Course;
import app.misura.core.course.Gate;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.StepSum;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Stands the rungs of a ladder under each other, its gates between them. */
final class LadderLayout {
    private final Course course;
    private final Proof proof;
    private final List<Bracket> sums;
    private final @Nullable String now;
    private final Folding folding;
    private final Set<String> suspected;
    private final Metrics m;
    private final List<Rung> rungs = new ArrayList<>();
    private final List<PartLine> lines = new ArrayList<>();
    private final Map<String, Ladder.Gate> gates = new HashMap<>();
    private final Map<String, List<Bracket>> gathered = new HashMap<>();
    private double y;

    LadderLayout(Course course, Focus focus, Metrics metrics) {
        this.course = course;
        this.proof = course.proof();
        this.sums = course.brackets();
        this.now = focus.step();
        this.suspected = proof.suspected().stream().map(ValueId::step).collect(Collectors.toSet());
        this.folding = new Folding(course, focus, metrics);
        this.m = folding.folds() ? metrics.folding(folding.drawn().size()) : metrics;
    }

    Ladder ladder() {
        Sheet sheet = proof.sheet();
        Set<String> asked = sheet.askedLabels();
        for (Part part : sheet.form().parts()) {
            List<Step> steps = part.steps().stream()
                    .filter(s -> asked.contains(s.label()) && isShown(s))
                    .toList();
            if (steps.isEmpty()) {
                continue;
            }
            y += y > 0 ? m.partGap() : 0;
            if (folding.folds()) {
                line(part, steps);
            } else {
                stand(steps, m.rung());
            }
            if (m.gathers()) {
                gathered.put(part.letter(), folding.resting(part));
            }
            course.gate(part).ifPresent(this::bar);
        }
        List<Drawn> brackets = new BracketLayout(rungs, lines, folding.drawn(), sheet.unit(), now, m).brackets();
        int lanes = brackets.stream().mapToInt(b -> b.lane() + 1).max().orElse(0);
        double width = lanes == 0 ? 0 : m.spine(lanes - 1) + m.knot() + 6 + m.labels();
        return new Ladder(
                m, List.copyOf(rungs), List.copyOf(lines), brackets, Map.copyOf(gathered), Map.copyOf(gates), y, width);
    }

    private void stand(List<Step> steps, double height) {
        for (Step step : steps) {
            rungs.add(rung(step, step == steps.get(0), height));
            y += height;
        }
    }

    /** The line of a part, and under it its rungs, or those that stay out. */
    private void line(Part part, List<Step> steps) {
        boolean open = folding.isOpen(part);
        double height = m.folded() + (open ? Metrics.FOLD_STEP : 0);
        double middle = y + height / 2;
        y += height;
        int before = rungs.size();
        if (open) {
            stand(steps, m.rung());
        } else {
            stand(steps.stream().filter(folding::staysOut).toList(), m.folded() - Metrics.FOLD_STEP);
        }
        List<Rung> all = open
                ? List.copyOf(rungs.subList(before, rungs.size()))
                : steps.stream().map(s -> rung(s, s == steps.get(0), m.rung())).toList();
        int taken = (int)
                steps.stream().filter(s -> !s.isDerived() && course.isTaken(s)).count();
        List<Bracket.State> signs =
                folding.resting(part).stream().map(Bracket::state).toList();
        lines.add(new PartLine(part, open, all, taken, signs, middle, height));
    }

    /** A derived value stays hidden while it is the answer to a step still to be taken. */
    private boolean isShown(Step step) {
        StepSum formula = step.derived();
        if (formula == null) {
            return true;
        }
        boolean known = formula.values().stream().allMatch(id -> proof.value(id).isPresent());
        boolean answersOpen = sums.stream()
                .filter(b -> b.closure().members().containsAll(formula.values()))
                .anyMatch(b -> !b.waiting().isEmpty());
        return known && !answersOpen;
    }

    private Rung rung(Step step, boolean first, double height) {
        List<String> values = values(step);
        Rung.State state = state(step, values);
        String needs = state == Rung.State.LOCKED
                ? course.missingMark(step).map(Step::label).orElse("")
                : "";
        boolean far = height < m.rung();
        return new Rung(step, state, values, needs, y + height / 2, height, first && !far, far);
    }

    private List<String> values(Step step) {
        StepSum formula = step.derived();
        if (formula != null) {
            return List.of(text(worked(formula)));
        }
        if (step.isMark()) {
            return List.of(course.marks().isSet(step.label()) ? "set" : course.isSpared(step.label()) ? "–" : "");
        }
        return course.slots(step).stream().map(this::value).toList();
    }

    private Length worked(StepSum formula) {
        double sum = 0;
        for (Map.Entry<ValueId, Double> term : formula.terms().entrySet()) {
            sum += term.getValue()
                    * proof.value(term.getKey()).map(Length::nanometres).orElse(0L);
        }
        return new Length(Math.round(sum));
    }

    private String value(Sheet.Slot slot) {
        Optional<Settled> settled = Optional.ofNullable(proof.settled().get(slot.id()));
        return settled.map(this::shown)
                .or(() -> proof.sheet().leftOut(slot).map(out -> out.why().said()))
                .orElse("");
    }

    /** Who takes a measure a second time does not see the first: it would be read again. */
    private String shown(Settled settled) {
        Length length = settled.length();
        boolean blind = m.blind() && settled.isFirstOfTwo();
        if (length == null) {
            return settled.said();
        }
        boolean unsure = settled.made().stream().anyMatch(Reading::isUnsure);
        return blind ? "first kept" : (unsure ? "~" : "") + text(length);
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
        if (values.stream().anyMatch(String::isEmpty) && !course.isTaken(step)) {
            return course.missingMark(step).isPresent() ? Rung.State.LOCKED : Rung.State.TO_COME;
        }
        if (step.isMark()) {
            return course.isSpared(step.label()) ? Rung.State.SPARED : Rung.State.SET;
        }
        if (step.isAux() && values.stream().allMatch(String::isEmpty)) {
            return Rung.State.SPARED;
        }
        boolean out = course.slots(step).stream()
                .allMatch(s -> proof.sheet().leftOut(s).isPresent());
        if (out) {
            return Rung.State.LEFT_OUT;
        }
        if (course.isMoved(step)) {
            return Rung.State.AGAIN;
        }
        boolean wrong = suspected.contains(step.label());
        return wrong ? Rung.State.WRONG : values.contains("none") ? Rung.State.NONE : Rung.State.KEPT;
    }

    /** After a part: a bar when its sums are clear, a question when one of them is wrong. */
    private void bar(Gate gate) {
        double height = gate.asks() || !gate.deferred().isEmpty() ? m.gate() : 0;
        gates.put(
                gate.part().letter(),
                new Ladder.Gate(
                        y + m.partGap() / 2 + height / 2,
                        gate.questions().size(),
                        gate.deferred().size(),
                        gate.isHard()));
        y += height;
    }
}
