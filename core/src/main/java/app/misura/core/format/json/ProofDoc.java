package app.misura.core.format.json;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.Settled;
import app.misura.core.slip.Slip;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code proof/1}: whether the numbers of a sheet are one body. */
public record ProofDoc(
        @OneOf("proof/1") String misura,

        @OneOf({"holds", "warnings", "faults", "incomplete"})
        String verdict,

        String sentence,
        List<SettledDoc> settled,
        AdjustmentDoc adjustment,
        List<FindingDoc> findings,
        List<SlipDoc> slips,
        List<String> retake) {

    /** @param cm null where none is wanted @param round which taking of the value it is, from 1 */
    public record SettledDoc(
            String step,
            String measure,
            @OneOf({"left", "right"}) @Nullable String side,
            Map<String, String> condition,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            String place,

            String text,
            @Nullable Double cm,
            int round) {}

    /** @param about what of the form it is about; with the rule it names the finding */
    public record FindingDoc(
            String rule,
            String about,
            @OneOf({"note", "warning", "fault"}) String severity,
            List<String> steps,
            Map<String, Object> evidence,
            String sentence,
            String action,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            AcceptedDoc accepted) {}

    public record SlipDoc(String step, String kind, String would, double likelihood) {}

    public static ProofDoc of(Proof proof) {
        return new ProofDoc(
                "proof/1",
                proof.verdict().word(),
                proof.sentence().whole(),
                proof.settled().values().stream().map(s -> settled(s, proof)).toList(),
                AdjustmentDoc.of(SheetNetwork.of(proof.sheet(), proof.settled()), proof.adjustment()),
                proof.findings().stream().map(ProofDoc::finding).toList(),
                proof.slips().stream().map(s -> slip(s, proof)).toList(),
                proof.retake().first());
    }

    private static FindingDoc finding(Finding finding) {
        Acceptance accepted = finding.accepted();
        return new FindingDoc(
                finding.rule(),
                finding.about(),
                finding.severity().word(),
                finding.steps(),
                finding.evidence(),
                finding.sentence(),
                finding.action(),
                accepted == null ? null : AcceptedDoc.of(accepted));
    }

    private static SlipDoc slip(Slip slip, Proof proof) {
        return new SlipDoc(
                slip.value().toString(),
                slip.kind().word(),
                LengthText.column(slip.would(), proof.sheet().unit()),
                slip.likelihood());
    }

    private static SettledDoc settled(Settled settled, Proof proof) {
        Length length = settled.length();
        return new SettledDoc(
                settled.step().label(),
                settled.step().taken().code(),
                settled.side() == null ? null : settled.side().word(),
                settled.step().condition().words(),
                settled.step().at().isOnly() ? null : settled.step().at().word(),
                length == null
                        ? settled.said()
                        : LengthText.column(length, proof.sheet().unit()),
                length == null ? null : length.toCm(),
                settled.round());
    }
}
