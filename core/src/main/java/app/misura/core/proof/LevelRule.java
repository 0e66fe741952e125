package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.form.LevelCheck;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Is a horizontal horizontal? One level has the same height in front, at the side and behind; a fault where it has not. */
final class LevelRule implements ProofRule {
    private static final String RULE = "level";

    @Override
    public List<Finding> findings(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        for (LevelCheck check : evidence.sheet().form().levels()) {
            Map<String, Length> heights = new LinkedHashMap<>();
            for (ValueId member : check.members()) {
                Optional<Length> length = Sheet.length(evidence.settled(), member);
                length.ifPresent(l -> heights.put(member.toString(), l));
            }
            if (heights.size() > 1) {
                Length low = heights.values().stream().min(Length::compareTo).orElseThrow();
                Length high = heights.values().stream().max(Length::compareTo).orElseThrow();
                if (high.minus(low).compareTo(within(check, evidence)) > 0) {
                    findings.add(finding(check, heights, high.minus(low), evidence));
                }
            }
        }
        return findings;
    }

    private static Length within(LevelCheck check, Evidence evidence) {
        return Length.fromMm(check.within().toMm() * evidence.sheet().judging().tolerance(RULE));
    }

    private static Finding finding(LevelCheck check, Map<String, Length> heights, Length slope, Evidence evidence) {
        Map<String, Object> numbers = new LinkedHashMap<>();
        heights.forEach((label, height) -> numbers.put(label, evidence.number(height)));
        numbers.put("slope", evidence.number(slope));
        return new Finding(
                RULE,
                check.name(),
                evidence.severity(RULE, Severity.FAULT),
                List.copyOf(heights.keySet()),
                List.copyOf(heights.keySet()),
                numbers,
                "The " + check.name() + " is not level: " + evidence.text(slope) + " " + evidence.unit()
                        + " from the lowest place to the highest.",
                "Set the " + check.name() + " anew, then take " + String.join(", ", heights.keySet()) + " again.");
    }
}
