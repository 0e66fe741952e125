package app.misura.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "api_token")
@NullUnmarked
class TokenEntity {
    @Id
    String id;

    String name;
    String account;
    String hash;
    Instant madeAt;
    String madeBy;
    Instant endsAt;
    Instant usedAt;

    protected TokenEntity() {}

    TokenEntity(String id, String name, String account, String hash, Instant at, Instant ends, String by) {
        this.id = id;
        this.name = name;
        this.account = account;
        this.hash = hash;
        this.madeAt = at;
        this.madeBy = by;
        this.endsAt = ends;
    }
}
