package app.misura.web.form;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.measure.Catalogue;
import app.misura.web.id.Digest;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;

/**
 * Keeps every version of a form with the sheets that were measured on it: a version never changes, so an old sheet says
 * what it said. What was known of its measures is kept with it, so that a catalogue that is mended later proves no old
 * sheet otherwise. At the start the forms that ship are kept; one that changed without a new version stops the house.
 */
@Service
@Order(Ordered.HIGHEST_PRECEDENCE)
public class FormVersions implements ApplicationRunner {
    private final FormVersionRepository repository;
    private final OrderForms shipped;
    private final Clock clock;
    private final ConcurrentHashMap<String, OrderForm> old = new ConcurrentHashMap<>();

    FormVersions(FormVersionRepository repository, OrderForms shipped, Clock clock) {
        this.repository = repository;
        this.shipped = shipped;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        shipped.everyVersion().forEach(this::keep);
    }

    private void keep(OrderForm form) {
        String document = shipped.source(form);
        String hash = Digest.of(document);
        String measures = Catalogue.source(form.steps().stream()
                .filter(Step::takesReadings)
                .map(s -> s.taken().code())
                .collect(Collectors.toSet()));
        Optional<FormVersionEntity> kept = repository.findById(FormVersionEntity.id(form.id(), form.version()));
        if (kept.isEmpty()) {
            repository.saveAndFlush(new FormVersionEntity(form, document, measures, hash, clock.instant()));
            return;
        }
        if (!kept.get().hash.equals(hash)) {
            throw new IllegalStateException("The form " + form.id() + " was changed, but is still version "
                    + form.version() + ", which sheets of this house were measured with. Give it a new version.");
        }
        measures(kept.get(), measures);
    }

    /** A version that was kept without its measures gets them; one whose measures were others then keeps those. */
    private void measures(FormVersionEntity kept, String now) {
        if (kept.measures == null) {
            kept.measures = now;
            repository.saveAndFlush(kept);
        } else if (!kept.measures.equals(now)) {
            old.put(kept.id, read(kept));
        }
    }

    /** A form as it was in one version: one that ships, else as it is kept. */
    public Optional<OrderForm> find(String id, int version) {
        OrderForm before = old.get(FormVersionEntity.id(id, version));
        return Optional.ofNullable(before)
                .or(() -> shipped.find(id, version))
                .or(() -> Optional.ofNullable(old.computeIfAbsent(FormVersionEntity.id(id, version), this::read)));
    }

    private @org.jspecify.annotations.Nullable OrderForm read(String id) {
        return repository.findById(id).map(FormVersions::read).orElse(null);
    }

    private static OrderForm read(FormVersionEntity kept) {
        if (kept.measures == null) {
            return OrderForms.read(kept.document);
        }
        try {
            return OrderForms.read(kept.document, Catalogue.read(new StringReader(kept.measures)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
