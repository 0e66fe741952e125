package app.misura.web.client;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "client")
@NullUnmarked
class ClientEntity {
    @Id
    String id;

    String name;

    @Enumerated(EnumType.STRING)
    Side handedness;

    @Enumerated(EnumType.STRING)
    AgeGroup ageGroup;

    String notes;
    Instant createdAt;
    String createdBy;

    @Version
    Long version;

    protected ClientEntity() {}

    ClientEntity(String id, Instant at, String by) {
        this.id = id;
        this.createdAt = at;
        this.createdBy = by;
    }

    void set(String newName, Side hand, AgeGroup age, String newNotes) {
        this.name = newName;
        this.handedness = hand;
        this.ageGroup = age;
        this.notes = newNotes;
    }

    Client client() {
        return new Client(id, name, handedness, ageGroup, notes, createdAt, version == null ? 0 : version);
    }
}
