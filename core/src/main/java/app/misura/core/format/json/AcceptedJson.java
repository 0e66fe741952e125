package app.misura.core.format.json;

import app.misura.core.finding.Acceptance;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What was accepted of a sheet: {@code {"rule":"left-right","about":"D9","reason":"a thinner leg since birth"}}. */
final class AcceptedJson {
    private AcceptedJson() {}

    /** Reads one; faults are noted where they are, and then the result is not to be used. */
    static Acceptance read(JsonIn in) {
        String rule = in.text("rule");
        String about = in.text("about");
        String reason = in.text("reason").strip();
        if (reason.isEmpty() && in.has("reason")) {
            in.fault("reason", "must say why");
        }
        if (reason.length() > Acceptance.LONGEST_REASON) {
            in.fault("reason", "is longer than " + Acceptance.LONGEST_REASON + " characters");
        }
        Map<String, Long> values = new LinkedHashMap<>();
        in.numbers("values").forEach((id, mm) -> values.put(id, Math.round(mm * AcceptedDoc.NM_A_MM)));
        Instant at = at(in);
        String by = Optional.ofNullable(in.textOrNull("by")).orElse("");
        in.close();
        return new Acceptance(rule, about, values, reason, by, at);
    }

    private static Instant at(JsonIn in) {
        String at = in.textOrNull("at");
        try {
            return at == null ? Instant.EPOCH : Instant.parse(at);
        } catch (DateTimeException e) {
            in.fault("at", "must be a time such as 2026-01-31T10:15:00Z");
            return Instant.EPOCH;
        }
    }
}
