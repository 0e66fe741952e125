package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.form.Closure;
import app.misura.core.length.Length;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** Do the sums close? A gap over the form's tolerance is a note; what the adjustment judges is a fault. */
final class ClosureRule implements ProofRule {
    @Override
    public List<Finding> findings(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        for (Bracket bracket : evidence.brackets()) {
            if (bracket.state() == Bracket.State.GAP) {
                findings.add(gap(bracket, evidence));
            }
        }
        Adjustment adjustment = evidence.adjustment();
        if (adjustment.status() == Adjustment.Status.CONTRADICTORY) {
            findings.add(contradiction(evidence));
        }
        for (Adjustment.Suspect suspect : adjustment.suspects()) {
            findings.add(wrong(suspect, evidence));
        }
        return findings;
    }

    private static Finding gap(Bracket bracket, Evidence evidence) {
        Length gap = Objects.requireNonNull(bracket.gap());
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("closure", bracket.closure().id());
        numbers.put("gap", evidence.number(gap.abs()));
        numbers.put("tolerance", evidence.number(bracket.closure().tolerance()));
        return new Finding(
                "closure-gap",
                Severity.NOTE,
                bracket.closure().members(),
                numbers,
                said(bracket.closure(), gap, evidence) + "; the form allows "
                        + evidence.text(bracket.closure().tolerance()) + ".",
                "An honest tape may give this; nothing need be taken again.");
    }

    /** The sum and its gap with its direction: "S2 + D3 is 5.0 over S1". */
    static String said(Closure closure, Length gap, Evidence evidence) {
        return String.join(" + ", closure.parts()) + " is " + evidence.text(gap.abs())
                + (gap.isPositive() ? " over " : " under ") + String.join(" + ", closure.wholes());
    }

    private static Finding contradiction(Evidence evidence) {
        return new Finding(
                "form-contradiction",
                Severity.FAULT,
                List.of(),
                Map.of("form", evidence.sheet().form().id()),
                "The sums of this form contradict each other, whatever is read.",
                "Mend the form's constants; no reading is to blame.");
    }

    private static Finding wrong(Adjustment.Suspect suspect, Evidence evidence) {
        Set<String> steps = new LinkedHashSet<>();
        suspect.members().forEach(id -> steps.add(Evidence.label(id)));
        Map<String, Object> numbers = new LinkedHashMap<>();
        suspect.corrections().forEach((id, c) -> {
            Map<String, Object> each = new LinkedHashMap<>();
            each.put("error", c.error());
            each.put("errorSd", c.errorSd());
            each.put("suggested", c.suggested());
            each.put("suggestedSd", c.suggestedSd());
            numbers.put(id, each);
        });
        return new Finding(
                "closure-wrong",
                Severity.FAULT,
                List.copyOf(steps),
                numbers,
                Sentence.suspect(suspect, evidence),
                "Take " + Sentence.either(List.copyOf(steps)) + " again.");
    }
}
