package app.misura.web.reading;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** A note at a step: never changed; the one that was written last stands, and an empty one takes it away. */
@Entity
@Table(name = "step_note")
@NullUnmarked
class StepNoteEntity {
    @Id
    String id;

    String orderId;
    String step;
    String text;
    Instant writtenAt;
    String writtenBy;

    protected StepNoteEntity() {}

    StepNoteEntity(String id, String orderId, String step, String text, Instant at, String by) {
        this.id = id;
        this.orderId = orderId;
        this.step = step;
        this.text = text;
        this.writtenAt = at;
        this.writtenBy = by;
    }
}
