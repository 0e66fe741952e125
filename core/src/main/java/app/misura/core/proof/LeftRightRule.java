package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Are left and right alike? Where they are not, the body may be so: the sides alone cannot say which one is wrong. */
final class LeftRightRule implements ProofRule {
    static final String RULE = "left-right";

    @Override
    public List<Finding> findings(Evidence evidence) {
        return LeftRight.of(evidence.settled()).stream()
                .filter(pair ->
                        !pair.isEven() && !LeftRight.isUneven(pair.step().label(), evidence.sheet()))
                .map(pair -> finding(pair, evidence))
                .toList();
    }

    private static Finding finding(LeftRight pair, Evidence evidence) {
        String label = pair.step().label();
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("left", evidence.number(pair.left()));
        numbers.put("right", evidence.number(pair.right()));
        numbers.put("apart", evidence.number(pair.apart()));
        return new Finding(
                RULE,
                label,
                evidence.severity(RULE, Severity.WARNING),
                List.of(label),
                pair.values(),
                numbers,
                "Step " + label + " is " + evidence.text(pair.left()) + " left and " + evidence.text(pair.right())
                        + " right, " + evidence.text(pair.apart()) + " apart.",
                "Take both sides of " + label
                        + " again; if it stays, confirm that the body is so: the pieces are drafted apart.");
    }
}
