package app.misura.web.client;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.hibernate.envers.AuditTable;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "client")
@Audited
@AuditTable("client_change")
@NullUnmarked
class ClientEntity {
    @Id
    String id;

    String name;

    /** As it is sorted and found; empty until it is made. */
    @NotAudited
    String sortName;

    @Enumerated(EnumType.STRING)
    Side handedness;

    @Enumerated(EnumType.STRING)
    AgeGroup ageGroup;

    String notes;
    String healthNote;
    String differs = "";
    LocalDate consentedOn;
    Instant bodyChangedAt;

    @NotAudited
    LocalDate seenOn;

    @NotAudited
    Instant createdAt;

    @NotAudited
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
        this.differs = about.differs().stream().sorted().map(Differs::word).collect(Collectors.joining(" "));
        this.consentedOn = about.consentedOn();
    }

    /** As it stands in the list of changes. */
    Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("Name", name);
        words.put("Hand", handedness.word());
        words.put("Age", ageGroup.word());
        words.put("Note", notes);
        words.put(Clients.HEALTH_NOTE, healthNote);
        words.put(Clients.DIFFERS, differs().stream().map(Differs::title).collect(Collectors.joining(", ")));
        words.put("Agreed on", consentedOn == null ? "" : consentedOn.toString());
        words.put("Body has changed", bodyChangedAt == null ? "" : bodyChangedAt.toString());
        return words;
    }

    private Set<Differs> differs() {
        return differs == null ? Set.of() : Differs.all(List.of(differs.split(" ")));
    }

    Client client() {
        return new Client(
                id,
                new Client.About(name, handedness, ageGroup, notes, healthNote, differs(), consentedOn),
                seenOn,
                bodyChangedAt,
                createdAt,
                version == null ? 0 : version);
    }
}
