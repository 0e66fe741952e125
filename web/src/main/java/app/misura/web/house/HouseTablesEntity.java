package app.misura.web.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** One version of the house's tables. */
@Entity
@Table(name = "house_tables")
@NullUnmarked
class HouseTablesEntity extends HouseVersion {
    String numbers;

    protected HouseTablesEntity() {}

    HouseTablesEntity(int version, String numbers, Instant at, String by) {
        super(version, at, by);
        this.numbers = numbers;
    }
}
