package app.misura.web.reading;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "mark_set")
@NullUnmarked
class MarkEntity {
    @Id
    String id;

    String orderId;
    String step;
    Instant setAt;
    String setBy;

    protected MarkEntity() {}

    MarkEntity(String id, String orderId, String step, Instant at, String by) {
        this.id = id;
        this.orderId = orderId;
        this.step = step;
        this.setAt = at;
        this.setBy = by;
    }
}
