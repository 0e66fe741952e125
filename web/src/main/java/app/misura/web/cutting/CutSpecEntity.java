package app.misura.web.cutting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "cut_spec")
@NullUnmarked
class CutSpecEntity {
    @Id
    String id;

    String orderId;
    Instant madeAt;
    String madeBy;
    String form;
    String release;
    String choices;
    String document;
    String page;
    String hash;

    protected CutSpecEntity() {}

    CutSpecEntity(String id) {
        this.id = id;
    }
}
