package app.misura.web.house;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** One version of something that a house sets: its number, when it was made and by whom. */
@MappedSuperclass
@NullUnmarked
abstract class HouseVersion implements Persistable<Integer> {
    @Id
    Integer version;

    Instant madeAt;
    String madeBy;

    protected HouseVersion() {}

    HouseVersion(int version, Instant at, String by) {
        this.version = version;
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
