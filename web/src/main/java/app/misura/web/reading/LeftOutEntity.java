package app.misura.web.reading;

import app.misura.core.form.ValueId;
import app.misura.core.measure.Side;
import app.misura.core.reading.LeftOut;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** That a value is left out of a sheet: never removed, only taken back. */
@Entity
@Table(name = "left_out")
@NullUnmarked
class LeftOutEntity {
    @Id
    String id;

    String orderId;
    String step;

    @Enumerated(EnumType.STRING)
    Side side;

    @Enumerated(EnumType.STRING)
    LeftOut.Why why;

    String note;
    Instant saidAt;
    String saidBy;
    Instant takenBackAt;
    String takenBackBy;

    protected LeftOutEntity() {}

    LeftOutEntity(String id, String orderId, LeftOut out, Instant at, String by) {
        this.id = id;
        this.orderId = orderId;
        this.step = out.value().step();
        this.side = out.value().side();
        this.why = out.why();
        this.note = out.note();
        this.saidAt = at;
        this.saidBy = by;
    }

    LeftOut leftOut() {
        return new LeftOut(new ValueId(step, side), why, note);
    }
}
