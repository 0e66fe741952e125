package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.measure.Measure;
import app.misura.core.reading.Settled;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Does the number lie within what bodies have? Outside the hard limit it is another unit or a slip of the pen. */
final class SpanRule implements ProofRule {
    @Override
    public List<Finding> findings(Evidence evidence) {
        Optional<Double> scale = evidence.sheet().spanScale();
        List<Finding> findings = new ArrayList<>();
        if (scale.isPresent()) {
            for (Settled settled : evidence.settled().values()) {
                if (settled.length() != null) {
                    finding(settled, settled.length(), evidence, scale.get()).ifPresent(findings::add);
                }
            }
        }
        return findings;
    }

    /** The measure with the span that this house goes by; beyond the hard limit nothing is widened. */
    private static Measure widened(Measure measure, Length length, Evidence evidence) {
        double by = evidence.sheet().judging().tolerance("span") / 100;
        return by == 0
                        || measure.fit(length, evidence.sheet().spanScale().orElse(1.0))
                                .isImpossible()
                ? measure
                : measure.widened(by);
    }

    private static Optional<Finding> finding(Settled settled, Length length, Evidence evidence, double scale) {
        Measure measure = settled.step().taken();
        Measure.Fit fit = widened(measure, length, evidence).fit(length, scale);
        if (fit == Measure.Fit.USUAL) {
            return Optional.empty();
        }
        String value = evidence.text(length) + " " + evidence.unit();
        String name = measure.name().toLowerCase(Locale.ROOT);
        Unit likelier = measure.likelierUnit(length, evidence.sheet().unit(), scale);
        String id = settled.id().toString();
        String sentence;
        if (likelier != null) {
            sentence = "Step " + id + " reads " + value + ", which looks like "
                    + LengthText.column(length, evidence.sheet().unit())
                    + (likelier == Unit.INCH ? " inches." : " centimetres.");
        } else if (fit.isImpossible()) {
            sentence = "Step " + id + " reads " + value + "; no body has such a " + name + ".";
        } else {
            boolean large = fit == Measure.Fit.LARGE;
            sentence = "Step " + id + " reads " + value + ", " + (large ? "a lot" : "little") + " for " + name + ".";
        }
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("value", evidence.number(length));
        Measure usual = widened(measure, length, evidence);
        numbers.put("usualLowCm", usual.adultLowCm() * scale);
        numbers.put("usualHighCm", usual.adultHighCm() * scale);
        return Optional.of(new Finding(
                fit.isImpossible() ? "hard-limit" : "span",
                id,
                fit.isImpossible() ? Severity.FAULT : evidence.severity("span", Severity.WARNING),
                List.of(settled.step().label()),
                List.of(id),
                numbers,
                sentence,
                fit.isImpossible() ? "Take " + id + " again." : "Look once more, or go on: bodies differ."));
    }
}
