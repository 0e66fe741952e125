package app.misura.web.cutting;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.format.json.ChoicesJson;
import app.misura.core.format.json.CutChanges;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.proof.Proof;
import app.misura.web.id.Digest;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.HtmlUtils;

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
        String hash = hash(order, spec, document);
        orders.hold(order.id());
        Optional<CutSpecEntity> last = repository.findFirstByOrderIdOrderByMadeAtDesc(order.id());
        if (last.isPresent() && last.get().hash.equals(hash)) {
            return last.get().id;
        }
        CutSpecEntity entity = new CutSpecEntity(Ids.next());
        entity.orderId = order.id();
        entity.madeAt = clock.instant();
        entity.madeBy = by;
        entity.form = form(order);
        entity.release = release;
        entity.choices = ChoicesJson.write(spec.choices());
        entity.document = document;
        entity.page = page;
        entity.hash = hash;
        repository.saveAndFlush(entity);
        return entity.id;
    }

    private static String form(GarmentOrder order) {
        return order.form().id() + "/" + order.form().version();
    }

    private static final String STAMP =
            "<p style=\"border:0.6mm solid #a3211c;color:#a3211c;padding:2mm 3mm;margin:0 0 3mm;font-weight:600\">"
                    + "≠ Out of date: do not cut by this sheet. Since it was printed there changed: %s.</p>";

    private static String hash(GarmentOrder order, CutSpec spec, String document) {
        return Digest.of(form(order) + "\n" + ChoicesJson.write(spec.choices()) + "\n" + document);
    }

    /** Whether the sheet that was printed last is what would be cut now. */
    @Transactional(readOnly = true)
    public boolean isPrinted(GarmentOrder order, Proof proof) {
        return repository
                .findFirstByOrderIdOrderByMadeAtDesc(order.id())
                .filter(last -> now(order, proof)
                        .filter(spec -> last.hash.equals(hash(order, spec, CutJson.write(spec))))
                        .isPresent())
                .isPresent();
    }

    private static Optional<CutSpec> now(GarmentOrder order, Proof proof) {
        return CutChoices.isCut(order) && CutChoices.cut(order, proof) instanceof Cutting.Cut cut
                ? Optional.of(cut.spec())
                : Optional.empty();
    }

    /**
     * A sheet that was printed, beside what would be cut now.
     *
     * @param changed what would be cut otherwise, in words; empty if the sheet still stands
     */
    public record Compared(String id, Instant at, String by, List<String> changed) {}

    /** The last sheets that were printed of an order, newest first, with what has changed since. */
    @Transactional(readOnly = true)
    public List<Compared> changes(GarmentOrder order, Proof proof) {
        List<CutSpecEntity> kept = repository.findFirst5ByOrderIdOrderByMadeAtDesc(order.id());
        Optional<CutSpec> spec = kept.isEmpty() ? Optional.empty() : now(order, proof);
        return kept.stream()
                .map(k -> new Compared(k.id, k.madeAt, k.madeBy, changed(k, order, spec.orElse(null))))
                .toList();
    }

    private static List<String> changed(CutSpecEntity kept, GarmentOrder order, @Nullable CutSpec now) {
        if (now == null) {
            return List.of("nothing can be cut now");
        }
        if (kept.hash.equals(hash(order, now, CutJson.write(now)))) {
            return List.of();
        }
        try {
            List<String> lines = CutChanges.of(kept.document, now, order.form().unit());
            return lines.isEmpty() ? List.of("the drawing, its allowances or its notes") : lines;
        } catch (JsonRefused e) {
            return List.of("more than can be compared: the sheet is of an older kind");
        }
    }

    /** The sheet that was printed last, where it is not what would be cut now: nobody may pick up shears by it unwarned. */
    @Transactional(readOnly = true)
    public Optional<Compared> outOfDate(GarmentOrder order, Proof proof) {
        return repository
                .findFirstByOrderIdOrderByMadeAtDesc(order.id())
                .map(k -> new Compared(
                        k.id,
                        k.madeAt,
                        k.madeBy,
                        changed(k, order, now(order, proof).orElse(null))))
                .filter(c -> !c.changed().isEmpty());
    }

    /** What was printed of an order, newest first. */
    @Transactional(readOnly = true)
    public List<Printed> of(String orderId) {
        return repository.lines(orderId).stream()
                .map(l -> new Printed(l.getId(), l.getMadeAt(), l.getMadeBy()))
                .toList();
    }

    /**
     * The sheet as it was printed, with a word on its head where it is not what would be cut now. @throws NotThere if there is no
     * such sheet of the order
     */
    @Transactional(readOnly = true)
    public String stamped(GarmentOrder order, Proof proof, String id) {
        CutSpecEntity kept = repository
                .findByIdAndOrderId(id, order.id())
                .orElseThrow(() -> new NotThere("This sheet was not printed of this order."));
        List<String> changed = changed(kept, order, now(order, proof).orElse(null));
        return changed.isEmpty()
                ? kept.page
                : kept.page.replaceFirst(
                        "<body[^>]*>",
                        "$0"
                                + Matcher.quoteReplacement(
                                        STAMP.formatted(HtmlUtils.htmlEscape(String.join(", ", changed)))));
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
