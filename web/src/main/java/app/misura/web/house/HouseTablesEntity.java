package app.misura.web.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** One version of the house's tables. */
@Entity
@Table(name = "house_tables")
@NullUnmarked
class HouseTablesEntity {
    @Id
    Integer version;

    String numbers;
    Instant madeAt;
    String madeBy;

    protected HouseTablesEntity() {}

    HouseTablesEntity(int version, String numbers, Instant at, String by) {
        this.version = version;
        this.numbers = numbers;
        this.madeAt = at;
        this.madeBy = by;
    }
}
