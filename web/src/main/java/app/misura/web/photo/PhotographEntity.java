package app.misura.web.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "photograph")
@NullUnmarked
class PhotographEntity {
    @Id
    String id;

    String orderId;

    @Enumerated(EnumType.STRING)
    SeenFrom seenFrom;

    @Lob
    byte[] jpeg;

    int width;
    int height;
    Instant addedAt;
    String addedBy;
    Instant deletedAt;
    String deletedBy;

    protected PhotographEntity() {}

    PhotographEntity(String id, String orderId, SeenFrom from, Upright picture, Instant at, String by) {
        this.id = id;
        this.orderId = orderId;
        this.seenFrom = from;
        this.jpeg = picture.jpeg();
        this.width = picture.width();
        this.height = picture.height();
        this.addedAt = at;
        this.addedBy = by;
    }
}
