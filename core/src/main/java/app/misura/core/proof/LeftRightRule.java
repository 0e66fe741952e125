package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Are left and right alike? Where they are not, the body may be so: the sides alone cannot say which one is wrong. */
final class LeftRightRule implements ProofRule {
    /**
     * Over so much apart the two sides are asked about, cm. House default: the largest difference for which the larger
     * side still serves both in the cut.
     */
    static final Length APART = Length.of("2.5", Unit.CM);

    @Override
    public List<Finding> findings(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        for (Settled left : evidence.settled().values()) {
            if (!left.id().endsWith("-left")) {
                continue;
            }
            String label = left.step().label();
            Optional<Length> l = Optional.ofNullable(left.length());
            Optional<Length> r = Sheet.length(evidence.settled(), label + "-right");
            if (l.isPresent() && r.isPresent() && l.get().minus(r.get()).abs().compareTo(APART) > 0) {
                findings.add(finding(label, l.get(), r.get(), evidence));
            }
        }
        return findings;
    }

    private static Finding finding(String label, Length left, Length right, Evidence evidence) {
        Length apart = left.minus(right).abs();
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("left", evidence.number(left));
        numbers.put("right", evidence.number(right));
        numbers.put("apart", evidence.number(apart));
        return new Finding(
                "left-right",
                Severity.WARNING,
                List.of(label),
                numbers,
                "Step " + label + " is " + evidence.text(left) + " left and " + evidence.text(right) + " right, "
                        + evidence.text(apart) + " apart.",
                "Take both sides of " + label
                        + " again; if it stays, the body is so and the pieces are drafted apart.");
    }
}
