package app.misura.web.house;

import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** One version of how the house judges. */
@Entity
@Table(name = "house_judging")
@NullUnmarked
class HouseJudgingEntity extends HouseVersion {
    String what;

    @Lob
    String judging;

    protected HouseJudgingEntity() {}

    HouseJudgingEntity(int version, String what, String judging, Instant at, String by) {
        super(version, at, by);
        this.what = what;
        this.judging = judging;
    }
}
