package app.misura.web.form;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.web.store.Digest;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;

/**
 * Keeps every version of a form with the sheets that were measured on it: a version never changes, so an old sheet says
 * what it said. At the start the forms that ship are kept; one that changed without a new version stops the house.
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
        shipped.all().forEach(this::keep);
    }

    private void keep(OrderForm form) {
        String document = shipped.source(form.id());
        String hash = Digest.of(document);
        Optional<FormVersionEntity> kept = repository.findById(FormVersionEntity.id(form.id(), form.version()));
        if (kept.isEmpty()) {
            repository.saveAndFlush(new FormVersionEntity(form, document, hash, clock.instant()));
        } else if (!kept.get().hash.equals(hash)) {
            throw new IllegalStateException("The form " + form.id() + " was changed, but is still version "
                    + form.version() + ", which sheets of this house were measured with. Give it a new version.");
        }
    }

    /** A form as it was in one version: one that ships, else as it is kept. */
    public Optional<OrderForm> find(String id, int version) {
        Optional<OrderForm> now = shipped.find(id, version);
        return now.isPresent()
                ? now
                : Optional.ofNullable(old.computeIfAbsent(FormVersionEntity.id(id, version), this::read));
    }

    private @org.jspecify.annotations.Nullable OrderForm read(String id) {
        return repository
                .findById(id)
                .map(kept -> OrderForms.read(kept.document))
                .orElse(null);
    }
}
