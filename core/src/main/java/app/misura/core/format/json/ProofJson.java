package app.misura.core.format.json;

import app.misura.core.finding.Finding;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Settled;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code proof/1}. */
public final class ProofJson {
    private ProofJson() {}

    public static Map<String, @Nullable Object> write(Proof proof) {
        return JsonOut.document("proof/1")
                .put("verdict", proof.verdict().word())
                .put("sentence", proof.sentence().whole())
                .put(
                        "settled",
                        proof.settled().values().stream()
                                .map(s -> settled(s, proof))
                                .toList())
                .put("adjustment", NetworkJson.write(proof.adjustment()))
                .put(
                        "findings",
                        proof.findings().stream().map(ProofJson::finding).toList())
                .put("slips", List.of())
                .put("retake", proof.retake())
                .tree();
    }

    static Map<String, @Nullable Object> finding(Finding finding) {
        return JsonOut.object()
                .put("rule", finding.rule())
                .put("severity", finding.severity().word())
                .put("steps", finding.steps())
                .put("evidence", finding.evidence())
                .put("sentence", finding.sentence())
                .put("action", finding.action())
                .tree();
    }

    private static Map<String, @Nullable Object> settled(Settled settled, Proof proof) {
        Length length = settled.length();
        return JsonOut.object()
                .put("step", settled.step().label())
                .put("measure", settled.step().taken().code())
                .put("side", settled.side() == null ? null : settled.side().word())
                .put("condition", settled.step().condition().words())
                .put(
                        "text",
                        length == null
                                ? "none"
                                : LengthText.column(length, proof.sheet().unit()))
                .put("cm", length == null ? null : length.toCm())
                .tree();
    }
}
