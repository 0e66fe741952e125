package app.misura.core.form;

import app.misura.core.measure.Catalogue;
import app.misura.core.resource.Shipped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Every order form there is, by id and version. Immutable. */
public final class OrderForms {
    record IndexDoc(List<String> forms) {}

    /** Stands between a form and the selection of it, where both are written in one text. */
    private static final String NEXT = "\n---\n";

    private final Map<String, OrderForm> byId;
    private final Map<String, String> sources;

    private OrderForms(Map<String, OrderForm> byId, Map<String, String> sources) {
        this.byId = byId;
        this.sources = sources;
    }

    private static final class Usual {
        static final OrderForms INSTANCE = read();

        static OrderForms read() {
            OrderFormReader reader = new OrderFormReader(Catalogue.shipped());
            Map<String, OrderForm> byId = new LinkedHashMap<>();
            Map<String, String> sources = new LinkedHashMap<>();
            for (String id : Shipped.yaml("forms/index.yaml", IndexDoc.class).forms()) {
                String text = Shipped.text("forms/" + id + ".yaml");
                OrderForm form = reader.read(text, byId);
                byId.put(form.id(), form);
                String base = form.selectionOf() == null ? "" : sources.get(form.selectionOf()) + NEXT;
                sources.put(form.id(), base + text);
            }
            return new OrderForms(byId, sources);
        }
    }

    /** The forms that ship with the core, cross-checked against its catalogue. */
    public static OrderForms shipped() {
        return Usual.INSTANCE;
    }

    /**
     * Reads one form from a text that {@link #source} gave, now or in an earlier release.
     *
     * @throws IllegalArgumentException listing every fault
     */
    public static OrderForm read(String source) {
        return read(source, Catalogue.shipped());
    }

    /**
     * Reads one form against the measures as they were then.
     *
     * @throws IllegalArgumentException listing every fault
     */
    public static OrderForm read(String source, Catalogue catalogue) {
        OrderFormReader reader = new OrderFormReader(catalogue);
        Map<String, OrderForm> known = new LinkedHashMap<>();
        OrderForm form = null;
        for (String text : source.split(NEXT)) {
            form = reader.read(text, known);
            known.put(form.id(), form);
        }
        return Objects.requireNonNull(form);
    }

    /** The whole text a form is read from, that of the form it selects from included. */
    public String source(String id) {
        return Objects.requireNonNull(sources.get(get(id).id()));
    }

    public List<OrderForm> all() {
        return List.copyOf(byId.values());
    }

    public Optional<OrderForm> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Optional<OrderForm> find(String id, int version) {
        return find(id).filter(f -> f.version() == version);
    }

    /** @throws IllegalArgumentException if there is none */
    public OrderForm get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no form has the id " + id));
    }
}
