package app.misura.web.order;

import app.misura.core.life.Stage;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** That an order was moved: never changed. */
@Entity
@Table(name = "stage_move")
@NullUnmarked
class StageMoveEntity {
    @Id
    String id;

    String orderId;

    @Enumerated(EnumType.STRING)
    Stage fromStage;

    @Enumerated(EnumType.STRING)
    Stage toStage;

    String reason;
    Instant movedAt;
    String movedBy;

    protected StageMoveEntity() {}

    StageMoveEntity(String id, OrderEntity order, Stage to, String reason, Instant at, String by) {
        this.id = id;
        this.orderId = order.id;
        this.fromStage = order.stage;
        this.toStage = to;
        this.reason = reason;
        this.movedAt = at;
        this.movedBy = by;
    }

    Moved moved() {
        return new Moved(fromStage, toStage, reason, movedAt, movedBy);
    }
}
