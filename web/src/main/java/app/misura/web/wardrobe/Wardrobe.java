package app.misura.web.wardrobe;

import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.GarmentPlace;
import app.misura.web.client.Clients;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Garments that fit, by client. */
@Service
public class Wardrobe {
    private final GarmentValueRepository repository;
    private final Clients clients;
    private final Clock clock;

    Wardrobe(GarmentValueRepository repository, Clients clients, Clock clock) {
        this.repository = repository;
        this.clients = clients;
        this.clock = clock;
    }

    /** A length of a garment, as it was read off it. @param read what the tape showed; flat where the place is read flat */
    public record Worn(
            String id,
            String garment,
            GarmentPlace what,
            String text,
            Unit unit,
            Length read,
            Instant at,
            String by,
            boolean struck) {}

    /** What is known of a client's garments, by garment, in the order in which it was read; struck ones among it. */
    @Transactional(readOnly = true)
    public List<Worn> of(String clientId) {
        return repository.findByClientIdOrderByGarmentAscReadAtAsc(clientId).stream()
                .map(GarmentValueEntity::worn)
                .toList();
    }

    /** @throws NotThere if there is no such client */
    @Transactional
    public void add(
            String clientId, String garment, GarmentPlace what, String text, Unit unit, Length read, String by) {
        clients.hold(clientId);
        GarmentValueEntity entity = new GarmentValueEntity();
        entity.id = Ids.next();
        entity.clientId = clientId;
        entity.garment = garment;
        entity.what = what;
        entity.text = text;
        entity.unit = unit.symbol();
        entity.nanometres = read.nanometres();
        entity.readAt = clock.instant();
        entity.readBy = by;
        repository.saveAndFlush(entity);
    }

    /** Strikes a length; it stays to be seen. */
    @Transactional
    public void strike(String clientId, String id, String by) {
        clients.hold(clientId);
        GarmentValueEntity entity = repository
                .findById(id)
                .filter(v -> v.clientId.equals(clientId))
                .orElseThrow(() -> new NotThere("This length is not here any more."));
        if (entity.struckAt == null) {
            entity.struckAt = clock.instant();
            entity.struckBy = by;
            repository.saveAndFlush(entity);
        }
    }
}
