package app.misura.core.course;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What the gates of a sheet have to ask: faults of every kind, tries that do not agree, sides that differ, what stands out from
 * the rest of the body where nothing else is asked about it.
 */
final class Questions {
    /** Warnings that a gate asks about too: while the body is there they are cleared in a minute. */
    private static final Set<String> ASKED = Set.of(Rules.AGREEMENT, Rules.LEFT_RIGHT, Rules.PROPORTION);

    private final Proof proof;
    private final List<Step> steps;
    private final List<Gate.Question> all;

    Questions(Proof proof, List<Step> steps) {
        this.proof = proof;
        this.steps = steps;
        List<Finding> asked = proof.findings().stream()
                .filter(f -> f.isFault() || isAskedWarning(f))
                .toList();
        this.all = asked.stream()
                .filter(f -> !f.rule().equals(Rules.PROPORTION) || isAskedByNobodyElse(f, asked))
                .map(Gate.Question::new)
                .toList();
    }

    private static boolean isAskedWarning(Finding finding) {
        return ASKED.contains(finding.rule()) && finding.isWarning();
    }

    private static boolean isAskedByNobodyElse(Finding finding, List<Finding> asked) {
        return asked.stream()
                .noneMatch(f ->
                        !f.rule().equals(Rules.PROPORTION) && f.steps().stream().anyMatch(finding.steps()::contains));
    }

    /** The questions at home in a part: that of the step that is taken last. */
    List<Gate.Question> of(Part part) {
        return all.stream().filter(q -> home(q.finding()).equals(part.letter())).toList();
    }

    private String home(Finding finding) {
        Set<String> labels = new LinkedHashSet<>(finding.steps());
        if (finding.rule().equals(Rules.CLOSURE_WRONG)) {
            proof.brackets().stream()
                    .filter(b -> b.state() == Bracket.State.WRONG)
                    .filter(b -> finding.steps().stream().anyMatch(b.closure()::concerns))
                    .forEach(b -> labels.addAll(b.closure().labels()));
        }
        return steps.stream()
                .filter(s -> labels.contains(s.label()))
                .reduce((a, b) -> b)
                .map(Step::part)
                .orElse("");
    }

    /** The steps that lead out of some questions: what would tell which, then what to take again. */
    List<String> offered(List<Gate.Question> questions) {
        Set<String> offered = new LinkedHashSet<>();
        for (Gate.Question question : questions) {
            tells(question.finding(), offered);
        }
        for (Gate.Question question : questions) {
            offered.addAll(question.finding().steps());
        }
        return List.copyOf(offered);
    }

    /** The one reading that a sum waits for which holds some of the suspects and not the others. */
    private void tells(Finding finding, Set<String> offered) {
        List<String> group = finding.steps();
        if (!finding.rule().equals(Rules.CLOSURE_WRONG) || group.size() < 2) {
            return;
        }
        for (Bracket bracket : proof.brackets()) {
            List<ValueId> waiting = bracket.waiting();
            long inside = group.stream().filter(bracket.closure()::concerns).count();
            if (bracket.state() == Bracket.State.OPEN && waiting.size() == 1 && inside > 0 && inside < group.size()) {
                offered.add(waiting.get(0).step());
            }
        }
    }
}
