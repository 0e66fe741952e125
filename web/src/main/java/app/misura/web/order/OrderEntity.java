package app.misura.web.order;

import app.misura.core.life.Stage;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.envers.AuditTable;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "garment_order")
@Audited
@AuditTable("garment_order_change")
@NullUnmarked
class OrderEntity {
    private static final LocalDate NO_DAY = LocalDate.of(9999, 12, 31);

    @Id
    String id;

    @NotAudited
    int number;

    String clientId;
    String title;
    String form;
    int formVersion;
    String unit;

    @Enumerated(EnumType.STRING)
    Stage stage;

    LocalDate neededOn;
    /** The day by which it waits for somebody: far away where none is set, null where it waits for nobody. */
    @NotAudited
    LocalDate queueOn;

    String notes;
    /** Labels of the whole form that a selection has besides, with blanks between. */
    String added;

    /** Version of the house's tables that it is cut by. */
    Integer tables;

    String options;
    String choices;

    /** The first of the sheets that are one order; null where it stands alone. */
    @NotAudited
    String together;

    @NotAudited
    Instant createdAt;

    @NotAudited
    String createdBy;

    @Version
    Long version;

    protected OrderEntity() {}

    OrderEntity(String id) {
        this.id = id;
        this.notes = "";
        this.added = "";
        this.tables = 1;
    }

    void stands(Stage at, LocalDate needed) {
        this.stage = at;
        this.neededOn = needed;
        this.queueOn = at.isOpen() ? (needed == null ? NO_DAY : needed) : null;
    }
}
