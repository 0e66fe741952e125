package app.misura.web.cutting;

import app.misura.core.cut.CutSpec;
import app.misura.core.format.json.ChoicesJson;
import app.misura.core.format.json.CutJson;
import app.misura.web.id.Digest;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what was cut from. A printed sheet can be shown again as it was, whatever is measured, chosen or reckoned
 * otherwise since. The same cut printed twice is kept once.
 */
@Service
public class CutSpecs {
    private final CutSpecRepository repository;
    private final Orders orders;
    private final Clock clock;
    private final String release;

    CutSpecs(CutSpecRepository repository, Orders orders, Clock clock) {
        this.repository = repository;
        this.orders = orders;
        this.clock = clock;
        this.release = Optional.ofNullable(CutSpec.class.getPackage().getImplementationVersion())
                .orElse("built by hand");
    }

    /** A sheet that was printed. */
    public record Printed(String id, Instant at, String by) {}

    /**
     * Keeps what is printed.
     *
     * @param page the sheet as it is printed, in the print's own language
     * @return id of the sheet
     */
    @Transactional
    public String keep(GarmentOrder order, CutSpec spec, String page, String by) {
        String document = CutJson.write(spec);
        String choices = ChoicesJson.write(spec.choices());
        String form = order.form().id() + "/" + order.form().version();
        String hash = Digest.of(form + "\n" + choices + "\n" + document);
        orders.hold(order.id());
        Optional<CutSpecEntity> last = repository.findFirstByOrderIdOrderByMadeAtDesc(order.id());
        if (last.isPresent() && last.get().hash.equals(hash)) {
            return last.get().id;
        }
        CutSpecEntity entity = new CutSpecEntity(Ids.next());
        entity.orderId = order.id();
        entity.madeAt = clock.instant();
        entity.madeBy = by;
        entity.form = form;
        entity.release = release;
        entity.choices = choices;
        entity.document = document;
        entity.page = page;
        entity.hash = hash;
        repository.saveAndFlush(entity);
        return entity.id;
    }

    /** What was printed of an order, newest first. */
    @Transactional(readOnly = true)
    public List<Printed> of(String orderId) {
        return repository.lines(orderId).stream()
                .map(l -> new Printed(l.getId(), l.getMadeAt(), l.getMadeBy()))
                .toList();
    }

    /** The sheet as it was printed. @throws NotThere if there is no such sheet of the order */
    @Transactional(readOnly = true)
    public String page(String orderId, String id) {
        return repository
                .findByIdAndOrderId(id, orderId)
                .map(c -> c.page)
                .orElseThrow(() -> new NotThere("This sheet was not printed of this order."));
    }
}
