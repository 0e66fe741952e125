package app.misura.web.door;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** Something that happened at the door. */
@Entity
@Table(name = "door_event")
@NullUnmarked
class DoorEventEntity {
    @Id
    String id;

    Instant happenedAt;
    String kind;
    String account;
    String address;
    String detail;

    protected DoorEventEntity() {}

    DoorEventEntity(String id, Instant at, String kind, String account, String address, String detail) {
        this.id = id;
        this.happenedAt = at;
        this.kind = kind;
        this.account = account;
        this.address = address;
        this.detail = detail;
    }
}
