package app.misura.web.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** One version of how the house judges. */
@Entity
@Table(name = "house_judging")
@NullUnmarked
class HouseJudgingEntity implements Persistable<Integer> {
    @Id
    Integer version;

    String what;

    @Lob
    String judging;

    Instant madeAt;
    String madeBy;

    protected HouseJudgingEntity() {}

    HouseJudgingEntity(int version, String what, String judging, Instant at, String by) {
        this.version = version;
        this.what = what;
        this.judging = judging;
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
