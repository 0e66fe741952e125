package app.misura.web.order;

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
@Table(name = "garment_order")
@NullUnmarked
class OrderEntity {
    @Id
    String id;

    int number;
    String clientId;
    String title;
    String form;
    int formVersion;
    String unit;

    @Enumerated(EnumType.STRING)
    Stage stage;

    LocalDate neededOn;
    String options;
    String choices;
    Instant createdAt;
    String createdBy;

    @Version
    Long version;

    protected OrderEntity() {}

    OrderEntity(String id) {
        this.id = id;
    }
}
