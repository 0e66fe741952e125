package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.reading.Settled;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Do the tries of one measure agree, where its step wants two that do? */
final class AgreementRule implements ProofRule {
    @Override
    public List<Finding> findings(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        for (Settled settled : evidence.settled().values()) {
            if (settled.note() != Settled.Note.NONE) {
                findings.add(finding(settled, evidence));
            }
        }
        return findings;
    }

    private static Finding finding(Settled settled, Evidence evidence) {
        List<String> tries = settled.counted().stream()
                .filter(r -> r.length() != null)
                .map(r -> evidence.text(java.util.Objects.requireNonNull(r.length())))
                .toList();
        String id = settled.id().toString();
        String within = evidence.text(settled.step().within()) + " " + evidence.unit();
        String said = String.join(" and ", tries);
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("tries", tries);
        numbers.put("within", evidence.number(settled.step().within()));
        boolean open = settled.note() == Settled.Note.ONE_TRY || settled.note() == Settled.Note.BAND_OPEN;
        String sentence = switch (settled.note()) {
            case ONE_TRY -> "Step " + id + " has one try; its rule wants two within " + within + ".";
            case DISAGREE -> "Step " + id + " has " + said + ", more than " + within + " apart; the last stands.";
            case BAND_OPEN ->
                "Step " + id + " has " + said + "; its rule wants the lowest and the highest that would do, then the"
                        + " preferred one.";
            case OUTSIDE_BAND ->
                "Step " + id + " has " + said + "; the last, the preferred one, lies outside the others.";
            default -> "Step " + id + " has " + said + ", none within " + within + "; the middle one stands.";
        };
        return new Finding(
                Rules.AGREEMENT,
                id,
                open ? Severity.NOTE : evidence.severity(Rules.AGREEMENT, Severity.WARNING),
                List.of(settled.step().label()),
                List.of(id),
                numbers,
                sentence,
                "Take the tape off and take " + id + " once more.");
    }
}
