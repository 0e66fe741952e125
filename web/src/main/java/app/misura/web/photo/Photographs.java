package app.misura.web.photo;

import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import app.misura.web.reading.Readings;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The photographs of orders. They lie with the other data, so that a backup and a deletion have them too. */
@Service
public class Photographs {
    /** So many of one order at a time. */
    static final int MOST = 12;

    private final PhotographRepository repository;
    private final Readings orders;
    private final TransactionTemplate transaction;
    private final Clock clock;

    /** One is made upright at a time: it takes a processor and the memory of a large picture. */
    private final Semaphore table = new Semaphore(1, true);

    Photographs(PhotographRepository repository, Readings orders, TransactionTemplate transaction, Clock clock) {
        this.repository = repository;
        this.orders = orders;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** A photograph without the picture. @param deletedAt null while it is there */
    public record Photograph(
            String id,
            SeenFrom from,
            int width,
            int height,
            Instant addedAt,
            String addedBy,
            @Nullable Instant deletedAt,
            @Nullable String deletedBy) {
        public boolean isThere() {
            return deletedAt == null;
        }
    }

    /** Those of an order, by where they are seen from, deleted ones among them. */
    @Transactional(readOnly = true)
    public List<Photograph> of(String orderId) {
        return repository.of(orderId);
    }

    /** Those of an order that are there, by where they are seen from. */
    @Transactional(readOnly = true)
    public List<Photograph> there(String orderId) {
        return of(orderId).stream().filter(Photograph::isThere).toList();
    }

    /** The picture, as JPEG. @throws NotThere if it is not there, or was deleted */
    @Transactional(readOnly = true)
    public byte[] picture(String orderId, String id) {
        return one(orderId, id).jpeg;
    }

    private PhotographEntity one(String orderId, String id) {
        return repository
                .findByIdAndOrderIdAndDeletedAtIsNull(id, orderId)
                .orElseThrow(() -> new NotThere("This photograph is not here any more."));
    }

    /**
     * Keeps a photograph, upright and small.
     *
     * @param file as a camera wrote it
     * @throws NoPhotograph if it cannot be kept
     * @throws NotThere if there is no such order
     */
    public void add(String orderId, SeenFrom from, byte[] file, String by) {
        Upright picture = upright(file);
        transaction.executeWithoutResult(t -> {
            orders.hold(orderId);
            if (there(orderId).size() >= MOST) {
                throw new NoPhotograph("An order has at most " + MOST + " photographs; delete one first.");
            }
            repository.saveAndFlush(new PhotographEntity(Ids.next(), orderId, from, picture, clock.instant(), by));
        });
    }

    private Upright upright(byte[] file) {
        table.acquireUninterruptibly();
        try {
            return Upright.of(file);
        } finally {
            table.release();
        }
    }

    /** Deletes a picture for good; that it was there, and who deleted it, stays known. */
    @Transactional
    public void delete(String orderId, String id, String by) {
        orders.hold(orderId);
        PhotographEntity photograph = one(orderId, id);
        photograph.jpeg = new byte[0];
        photograph.deletedAt = clock.instant();
        photograph.deletedBy = by;
        repository.saveAndFlush(photograph);
    }
}
