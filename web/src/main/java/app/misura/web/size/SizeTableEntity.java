package app.misura.web.size;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.envers.AuditTable;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "size_table")
@Audited
@AuditTable("size_table_change")
@NullUnmarked
class SizeTableEntity {
    @Id
    String id;

    String name;
    int stretchPercent;
    String text;

    @Version
    Long version;

    protected SizeTableEntity() {}

    SizeTableEntity(String id) {
        this.id = id;
    }

    HouseSizes.Typed typed() {
        return new HouseSizes.Typed(id, name, stretchPercent, text, version == null ? 0 : version);
    }
}
