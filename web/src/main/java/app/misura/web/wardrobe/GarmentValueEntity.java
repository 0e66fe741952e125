package app.misura.web.wardrobe;

import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.GarmentPlace;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** Only added, and struck. */
@Entity
@Table(name = "garment_value")
@NullUnmarked
class GarmentValueEntity {
    @Id
    String id;

    String clientId;
    String garment;

    @Enumerated(EnumType.STRING)
    GarmentPlace what;

    String text;
    String unit;
    long nanometres;
    Instant readAt;
    String readBy;
    Instant struckAt;
    String struckBy;

    Wardrobe.Worn worn() {
        return new Wardrobe.Worn(
                id, garment, what, text, Unit.parse(unit), new Length(nanometres), readAt, readBy, struckAt != null);
    }
}
