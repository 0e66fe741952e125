package app.misura.core.proof;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What the rules find, with what people took of it as it is. */
final class Accepting {
    private Accepting() {}

    /** Every rule's findings; of several acceptances the last stands. */
    static List<Finding> of(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        ProofRule.ALL.forEach(rule -> findings.addAll(rule.findings(evidence)));
        List<Acceptance> acceptances = evidence.sheet().accepted();
        if (acceptances.isEmpty()) {
            return List.copyOf(findings);
        }
        Map<String, Long> now = Sheet.nanometres(evidence.settled());
        return findings.stream().map(f -> judged(f, acceptances, now)).toList();
    }

    private static Finding judged(Finding finding, List<Acceptance> acceptances, Map<String, Long> now) {
        return finding.isAcceptable()
                ? acceptances.stream()
                        .filter(a -> a.stands(finding, now))
                        .reduce((first, later) -> later)
                        .map(finding::accepted)
                        .orElse(finding)
                : finding;
    }

    /** The brackets, those stitched of whose gap all that is a warning or a fault was accepted. */
    static List<Bracket> stitched(List<Bracket> brackets, List<Finding> findings) {
        if (findings.stream().noneMatch(Finding::isAccepted)) {
            return brackets;
        }
        return brackets.stream()
                .map(b -> isStitched(b, findings) ? b.accepted() : b)
                .toList();
    }

    private static boolean isStitched(Bracket bracket, List<Finding> findings) {
        if (!bracket.state().isTorn()) {
            return false;
        }
        Set<Boolean> said = new HashSet<>();
        for (Finding finding : findings) {
            if (finding.severity() != Severity.NOTE && tears(finding, bracket)) {
                said.add(finding.isAccepted());
            }
        }
        return said.equals(Set.of(true));
    }

    private static boolean tears(Finding finding, Bracket bracket) {
        return switch (finding.rule()) {
            case ClosureRule.GAP -> finding.about().equals(bracket.closure().id());
            case Rules.CLOSURE_WRONG ->
                bracket.state() == Bracket.State.WRONG
                        && finding.steps().stream().anyMatch(bracket.closure()::concerns);
            default -> false;
        };
    }
}
