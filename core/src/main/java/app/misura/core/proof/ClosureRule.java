package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Do the sums close? A gap over the form's tolerance is a note, where the house works as on paper a fault; one that honest
 * tapes hardly give is a warning; what the adjustment judges is a fault.
 */
final class ClosureRule implements ProofRule {
    static final String GAP = "closure-gap";

    /** A gap of so many standard deviations of honest tapes is looked at. */
    private static final double DEVIATIONS = 2.2;

    /** At most such a share of honest sheets is to carry a gap that is looked at, however many sums a form has. */
    private static final double HONEST = 0.1;

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
            if (!Evidence.isOnePair(suspect.members())) {
                findings.add(wrong(suspect, evidence));
            }
        }
        List<Adjustment.Removal> removals = adjustment.removals();
        for (Adjustment.Removal second : removals.subList(Math.min(1, removals.size()), removals.size())) {
            if (!Evidence.isOnePair(second.group())) {
                findings.add(wrongToo(second, evidence));
            }
        }
        return findings;
    }

    /** What a group under suspicion is told by. */
    static String about(List<String> group) {
        return String.join(" ", group);
    }

    /** The group and whatever stands in a sum with any of it: what the suspicion rests on. */
    private static List<String> around(List<String> group, Evidence evidence) {
        Set<String> values = new LinkedHashSet<>(group);
        for (Bracket bracket : evidence.brackets()) {
            if (bracket.isJudged() && group.stream().map(ValueId::parse).anyMatch(bracket.closure()::concerns)) {
                bracket.closure().members().forEach(id -> values.add(id.toString()));
            }
        }
        return List.copyOf(values);
    }

    /** What is still wrong once the strongest is set aside. */
    private static Finding wrongToo(Adjustment.Removal removal, Evidence evidence) {
        List<String> steps =
                removal.group().stream().map(Evidence::label).distinct().toList();
        Map<String, Object> numbers = new LinkedHashMap<>();
        Double error = removal.error();
        if (error != null) {
            numbers.put("error", error);
        }
        String about = error == null ? "" : " by about " + Sentence.about(error, evidence.sheet());
        String sentence = steps.size() == 1
                ? steps.get(0) + " is wrong too" + about + "."
                : "One of " + String.join(", ", removal.group()) + " is wrong too" + about + ".";
        return new Finding(
                Rules.CLOSURE_WRONG,
                about(removal.group()),
                Severity.FAULT,
                steps,
                around(removal.group(), evidence),
                numbers,
                sentence,
                "Take " + Sentence.either(steps) + " again.");
    }

    private static Finding gap(Bracket bracket, Evidence evidence) {
        Length gap = Objects.requireNonNull(bracket.gap());
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("closure", bracket.closure().id());
        numbers.put("gap", evidence.number(gap.abs()));
        numbers.put("tolerance", evidence.number(bracket.closure().tolerance()));
        boolean large = isLarge(bracket, gap, evidence);
        return new Finding(
                GAP,
                bracket.closure().id(),
                evidence.sheet().onPaper()
                        ? Severity.FAULT
                        : large ? evidence.severity(GAP, Severity.WARNING) : Severity.NOTE,
                bracket.closure().labels(),
                bracket.closure().members().stream().map(ValueId::toString).toList(),
                numbers,
                said(bracket.closure(), gap, evidence) + "; the form allows "
                        + evidence.text(bracket.closure().tolerance()) + ".",
                large || evidence.sheet().onPaper()
                        ? (evidence.sheet().onPaper() ? "As on paper: " : "An honest tape hardly gives this: ")
                                + "take one of "
                                + String.join(", ", bracket.closure().labels()) + " again."
                        : "An honest tape may give this; nothing need be taken again.");
    }

    private static boolean isLarge(Bracket bracket, Length gap, Evidence evidence) {
        Adjustment.ClosureGap judged =
                evidence.adjustment().gap(bracket.closure().id());
        Double z = judged == null ? null : judged.z();
        return gap.abs().toMm()
                        > bracket.closure().tolerance().toMm()
                                * evidence.sheet().judging().tolerance(GAP)
                && z != null
                && Math.abs(z) > deviations(evidence);
    }

    /** The bound for one of the sums that are judged: Sidak's over all of them, but never under that of a single one. */
    private static double deviations(Evidence evidence) {
        long judged = evidence.brackets().stream().filter(Bracket::isJudged).count();
        double each = -Math.expm1(Math.log1p(-HONEST) / Math.max(1, judged));
        return Math.max(DEVIATIONS, NormalDistribution.of(0, 1).inverseSurvivalProbability(each / 2));
    }

    /** The sum and its gap with its direction: "S2 + D3 is 5.0 over S1". */
    static String said(Closure closure, Length gap, Evidence evidence) {
        return closure.partsSaid(evidence.sheet().unit()) + " is " + evidence.text(gap.abs())
                + (gap.isPositive() ? " over " : " under ") + closure.said(closure.wholes());
    }

    private static Finding contradiction(Evidence evidence) {
        return new Finding(
                "form-contradiction",
                "",
                Severity.FAULT,
                List.of(),
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
                Rules.CLOSURE_WRONG,
                about(suspect.members()),
                Severity.FAULT,
                List.copyOf(steps),
                around(suspect.members(), evidence),
                numbers,
                Sentence.suspect(suspect, evidence),
                "Take " + Sentence.either(List.copyOf(steps)) + " again.");
    }
}
