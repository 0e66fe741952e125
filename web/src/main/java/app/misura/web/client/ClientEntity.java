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
import java.time.LocalDate;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "client")
@NullUnmarked
class ClientEntity {
    @Id
    String id;

    String name;

    /** As it is sorted and found; empty until it is made. */
    String sortName;

    @Enumerated(EnumType.STRING)
    Side handedness;

    @Enumerated(EnumType.STRING)
    AgeGroup ageGroup;

    String notes;
    String healthNote;
    LocalDate consentedOn;
    LocalDate seenOn;
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

    void set(Client.About about) {
        this.name = about.name().strip();
        this.sortName = Words.sorted(name);
        this.handedness = about.handedness();
        this.ageGroup = about.ageGroup();
        this.notes = about.notes().strip();
        this.healthNote = about.healthNote().strip();
        this.consentedOn = about.consentedOn();
    }

    Client client() {
        return new Client(
                id,
                new Client.About(name, handedness, ageGroup, notes, healthNote, consentedOn),
                seenOn,
                createdAt,
                version == null ? 0 : version);
    }
}
