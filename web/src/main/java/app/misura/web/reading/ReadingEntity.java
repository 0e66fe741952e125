package app.misura.web.reading;

import app.misura.core.length.Length;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Strike;
import app.misura.core.reading.Taking;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "reading")
@NullUnmarked
class ReadingEntity implements Persistable<String> {
    @Id
    String id;

    String orderId;
    int position;
    String step;

    @Enumerated(EnumType.STRING)
    Side side;

    String text;
    Long nanometres;

    @Enumerated(EnumType.STRING)
    Play play;

    Instant takenAt;
    String takenBy;

    /** Which taking of its value it belongs to. */
    int round;

    String tool;

    @Enumerated(EnumType.STRING)
    Taking.Hand hand;

    @Enumerated(EnumType.STRING)
    Taking.Doubt doubt;

    @Enumerated(EnumType.STRING)
    Taking.Origin origin;

    /** What was worn under the tape; null where its step says nothing of it. */
    String worn;

    String clientKey;

    /** Where it was known from; null where it was taken on this sheet. */
    String fromOrder;

    Integer fromNumber;

    protected ReadingEntity() {}

    ReadingEntity(String id, String orderId, int position, Reading reading, String key) {
        this.id = id;
        this.orderId = orderId;
        this.position = position;
        this.step = reading.step();
        this.side = reading.side();
        this.text = reading.text();
        this.nanometres = reading.length() == null ? null : reading.length().nanometres();
        this.play = reading.play();
        this.takenAt = reading.at();
        this.takenBy = reading.by();
        this.round = reading.round();
        this.tool = reading.taking().tool();
        this.hand = reading.taking().hand();
        this.doubt = reading.taking().doubt();
        this.origin = reading.taking().origin();
        this.worn = reading.taking().over();
        this.clientKey = key;
    }

    /** One that another sheet had already. */
    ReadingEntity(String id, String orderId, int position, Reading reading, Origin from) {
        this(id, orderId, position, reading, (String) null);
        this.fromOrder = from.orderId();
        this.fromNumber = from.number();
    }

    StoredReading reading(StrikeEntity strike) {
        Strike struck = strike == null ? null : new Strike(strike.reason, strike.struckAt, strike.struckBy);
        Length length = nanometres == null ? null : new Length(nanometres);
        return new StoredReading(
                id,
                new Reading(
                        step,
                        side,
                        text,
                        length,
                        play,
                        takenAt,
                        takenBy,
                        new Taking(tool, hand, doubt, origin, worn),
                        round,
                        struck),
                clientKey,
                fromOrder == null ? Optional.empty() : Optional.of(new Origin(fromOrder, fromNumber)));
    }

    @Override
    public String getId() {
        return id;
    }

    /** Readings are only ever added. */
    @Override
    public boolean isNew() {
        return true;
    }
}
