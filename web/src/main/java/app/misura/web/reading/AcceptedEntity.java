package app.misura.web.reading;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.NullUnmarked;

/** That a finding is taken as it is: never removed, only taken back. */
@Entity
@Table(name = "accepted")
@NullUnmarked
class AcceptedEntity {
    @Id
    String id;

    String orderId;
    String rule;
    String about;

    /** The values it rests on, in nanometres: {@code D3=440000000 S4=...}. */
    String resting;

    String sentence;
    String reason;
    Instant saidAt;
    String saidBy;
    Instant takenBackAt;
    String takenBackBy;

    protected AcceptedEntity() {}

    AcceptedEntity(
            String id,
            String orderId,
            Finding finding,
            Map<String, Long> values,
            String reason,
            Instant at,
            String by) {
        this.id = id;
        this.orderId = orderId;
        this.rule = finding.rule();
        this.about = finding.about();
        this.resting = text(values);
        this.sentence = finding.sentence();
        this.reason = reason;
        this.saidAt = at;
        this.saidBy = by;
    }

    static String text(Map<String, Long> values) {
        return values.entrySet().stream()
                .map(v -> v.getKey() + "=" + v.getValue())
                .collect(Collectors.joining(" "));
    }

    private Map<String, Long> values() {
        Map<String, Long> values = new LinkedHashMap<>();
        for (String each : resting.split(" ")) {
            int at = each.lastIndexOf('=');
            values.put(each.substring(0, at), Long.valueOf(each.substring(at + 1)));
        }
        return values;
    }

    StoredAcceptance acceptance() {
        return new StoredAcceptance(id, new Acceptance(rule, about, values(), reason, saidBy, saidAt), sentence);
    }
}
