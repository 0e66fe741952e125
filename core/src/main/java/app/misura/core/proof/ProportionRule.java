package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.norm.LikelyBody;
import app.misura.core.proportion.Expected;
import app.misura.core.proportion.Fits;
import app.misura.core.proportion.SheetBody;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** Does a number fit the rest of this body? Never more than a warning: bodies differ, and no rule calls one wrong. */
final class ProportionRule implements ProofRule {

    /** How the sheet's values fit each other, those left out that sums prove wrong already. */
    static Fits fits(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment) {
        return Fits.of(sheet, settled, wrong(sheet, settled, adjustment), hand(sheet, settled));
    }

    /** The body of a sheet without what is proved wrong, and without what stands out of it. */
    static Optional<LikelyBody> body(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment, Fits fits) {
        Set<ValueId> without = wrong(sheet, settled, adjustment);
        fits.unusual().forEach(without::addAll);
        return SheetBody.of(sheet, settled, without, hand(sheet, settled));
    }

    private static Set<ValueId> wrong(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment) {
        Set<ValueId> without = new HashSet<>();
        adjustment.removals().stream()
                .filter(r -> !Evidence.isOnePair(r.group()))
                .forEach(r -> r.group().forEach(id -> without.add(ValueId.parse(id))));
        settled.values().stream().filter(s -> isImpossible(s, sheet)).forEach(s -> without.add(s.id()));
        return without;
    }

    private static SheetBody.Hand hand(Sheet sheet, Map<ValueId, Settled> settled) {
        Map<String, Long> now = sheet.accepted().isEmpty() ? Map.of() : Sheet.nanometres(settled);
        return new SheetBody.Hand() {
            @Override
            public double sdCm(Sheet.Slot slot, Settled value) {
                return SheetNetwork.sdCm(sheet, slot, value);
            }

            @Override
            public boolean isUneven(String label) {
                return LeftRight.isConfirmed(label, sheet, now);
            }
        };
    }

    private static boolean isImpossible(Settled settled, Sheet sheet) {
        Length length = settled.length();
        return length != null
                && sheet.spanScale()
                        .filter(scale ->
                                settled.step().taken().fit(length, scale).isImpossible())
                        .isPresent();
    }

    @Override
    public List<Finding> findings(Evidence evidence) {
        return evidence.fits().unusual().stream()
                .filter(group -> !isSaidOfSides(group, evidence))
                .map(group -> finding(group, evidence))
                .toList();
    }

    /** Whether it is a side of a pair that is asked about already: there it is said which of them stands out. */
    private static boolean isSaidOfSides(List<ValueId> group, Evidence evidence) {
        return Evidence.labels(group).size() == 1
                && LeftRightRule.pairs(evidence)
                        .anyMatch(
                                pair -> pair.step().label().equals(group.get(0).step()));
    }

    private static Finding finding(List<ValueId> group, Evidence evidence) {
        List<String> ids = group.stream().map(ValueId::toString).toList();
        List<String> steps = Evidence.labels(group);
        Map<String, Object> numbers = new LinkedHashMap<>();
        for (ValueId id : group) {
            evidence.fits().of(id).ifPresent(e -> numbers.put(id.toString(), numbers(e, evidence)));
        }
        ValueId first = group.get(0);
        Expected expected = evidence.fits().of(first).orElseThrow();
        String sentence = group.size() == 1
                ? "Step " + first + " reads " + read(first, evidence) + "; the rest of this body makes about "
                        + about(expected, evidence) + " likely, which is unusual for this form."
                : String.join(" and ", ids) + " are unusual together: " + first + " reads " + read(first, evidence)
                        + ", and the others make about " + about(expected, evidence) + " likely.";
        return new Finding(
                Rules.PROPORTION,
                String.join(" ", ids),
                evidence.severity(Rules.PROPORTION, Severity.WARNING),
                steps,
                ids,
                numbers,
                sentence,
                "Check " + Sentence.either(steps) + ", or confirm that the body is so.");
    }

    private static Map<String, Object> numbers(Expected expected, Evidence evidence) {
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put(
                "expected",
                asRead(expected, expected.expected(), evidence)
                        .to(evidence.sheet().unit()));
        numbers.put("sd", Length.fromMm(10 * expected.sd()).to(evidence.sheet().unit()));
        return numbers;
    }

    private static String read(ValueId id, Evidence evidence) {
        return evidence.text(Objects.requireNonNull(
                        Objects.requireNonNull(evidence.settled().get(id)).length()))
                + " " + evidence.unit();
    }

    /** What the tape would show, as the form reads it, and how far bodies differ from that. */
    static String about(Expected expected, Evidence evidence) {
        return evidence.text(evidence.sheet().form().increment().snap(asRead(expected, expected.expected(), evidence)))
                + " ± "
                + evidence.text(evidence.sheet().form().increment().snap(Length.fromMm(10 * expected.band())));
    }

    /** A net length as the tape would have shown it, with what lay under it. */
    private static Length asRead(Expected expected, double net, Evidence evidence) {
        Length read = Objects.requireNonNull(
                Objects.requireNonNull(evidence.settled().get(expected.value())).length());
        return read.plus(Length.fromMm(10 * (net - expected.cm())));
    }
}
