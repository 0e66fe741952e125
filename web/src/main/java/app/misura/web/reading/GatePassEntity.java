package app.misura.web.reading;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "gate_pass")
@NullUnmarked
class GatePassEntity {
    @Id
    String id;

    String orderId;
    String part;
    String question;
    Instant passedAt;
    String passedBy;

    protected GatePassEntity() {}

    GatePassEntity(String id, String orderId, String part, String question, Instant at, String by) {
        this.id = id;
        this.orderId = orderId;
        this.part = part;
        this.question = question;
        this.passedAt = at;
        this.passedBy = by;
    }
}
