package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/** Are left and right alike? Where they are not, the body may be so: the sides alone cannot say which one is wrong. */
final class LeftRightRule implements ProofRule {

    @Override
    public List<Finding> findings(Evidence evidence) {
        return pairs(evidence).map(pair -> finding(pair, evidence)).toList();
    }

    /** The pairs that are further apart than one piece serves both, on a body whose sides are to be alike. */
    static Stream<LeftRight> pairs(Evidence evidence) {
        return LeftRight.of(evidence.settled()).stream()
                .filter(pair ->
                        !pair.isEven() && !LeftRight.isUneven(pair.step().label(), evidence.sheet()));
    }

    /** Which side stands out from the rest of the body, where one does. */
    private static String standsOut(LeftRight pair, Evidence evidence) {
        return evidence.fits().unusual().stream()
                .filter(group -> group.size() == 1
                        && group.get(0).step().equals(pair.step().label()))
                .findFirst()
                .flatMap(group -> evidence.fits().of(group.get(0)))
                .map(e -> " The " + Objects.requireNonNull(e.value().side()).word()
                        + " one stands out: the rest of this body makes about " + ProportionRule.about(e, evidence)
                        + " likely.")
                .orElse("");
    }

    private static Finding finding(LeftRight pair, Evidence evidence) {
        String label = pair.step().label();
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("left", evidence.number(pair.left()));
        numbers.put("right", evidence.number(pair.right()));
        numbers.put("apart", evidence.number(pair.apart()));
        return new Finding(
                Rules.LEFT_RIGHT,
                label,
                evidence.severity(Rules.LEFT_RIGHT, Severity.WARNING),
                List.of(label),
                pair.values(),
                numbers,
                "Step " + label + " is " + evidence.text(pair.left()) + " left and " + evidence.text(pair.right())
                        + " right, " + evidence.text(pair.apart()) + " apart."
                        + standsOut(pair, evidence),
                "Take both sides of " + label + " again; if it stays, confirm that the body is so.");
    }
}
