package app.misura.web.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** One version of the house's tables. */
@Entity
@Table(name = "house_tables")
@NullUnmarked
class HouseTablesEntity implements Persistable<Integer> {
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

    @Override
    public Integer getId() {
        return version;
    }

    /** Versions are only ever added: two at once meet at their number, and the later one is refused. */
    @Override
    public boolean isNew() {
        return true;
    }
}
