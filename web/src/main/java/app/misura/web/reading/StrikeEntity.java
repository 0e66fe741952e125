package app.misura.web.reading;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "strike")
@NullUnmarked
class StrikeEntity implements Persistable<String> {
    @Id
    String readingId;

    String reason;
    Instant struckAt;
    String struckBy;

    protected StrikeEntity() {}

    StrikeEntity(String readingId, String reason, Instant at, String by) {
        this.readingId = readingId;
        this.reason = reason;
        this.struckAt = at;
        this.struckBy = by;
    }

    @Override
    public String getId() {
        return readingId;
    }

    /** Strikes are only ever added. */
    @Override
    public boolean isNew() {
        return true;
    }
}
