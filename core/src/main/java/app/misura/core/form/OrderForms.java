package app.misura.core.form;

import app.misura.core.measure.Catalogue;
import app.misura.core.resource.Shipped;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Every order form there is, by id and version. Immutable. */
public final class OrderForms {
    record IndexDoc(List<String> forms, List<String> earlier) {}

    /** Stands between a form and the selection of it, where both are written in one text. */
    private static final String NEXT = "\n---\n";

    private final Map<String, OrderForm> byId;
    private final List<OrderForm> every;
    private final Map<OrderForm, String> sources;

    private OrderForms(Map<String, OrderForm> byId, Map<OrderForm, String> sources) {
        this.byId = byId;
        this.every = List.copyOf(sources.keySet());
        this.sources = sources;
    }

    private static final class Usual {
        static final OrderForms INSTANCE = read();

        static OrderForms read() {
            IndexDoc index = Shipped.yaml("forms/index.yaml", IndexDoc.class);
            Map<OrderForm, String> sources = new IdentityHashMap<>();
            List<String> earlier =
                    index.earlier().stream().map(n -> "earlier/" + n).toList();
            Map<OrderForm, String> inOrder = new LinkedHashMap<>();
            read(earlier, sources).values().forEach(f -> inOrder.put(f, Objects.requireNonNull(sources.get(f))));
            Map<String, OrderForm> now = read(index.forms(), sources);
            now.values().forEach(f -> inOrder.put(f, Objects.requireNonNull(sources.get(f))));
            return new OrderForms(now, inOrder);
        }

        /** Forms that select only from each other, by id. */
        private static Map<String, OrderForm> read(List<String> names, Map<OrderForm, String> sources) {
            OrderFormReader reader = new OrderFormReader(Catalogue.shipped());
            Map<String, OrderForm> byId = new LinkedHashMap<>();
            for (String name : names) {
                String text = Shipped.text("forms/" + name + ".yaml");
                OrderForm form = reader.read(text, byId);
                byId.put(form.id(), form);
                sources.put(
                        form, form.whole() == null ? text : sources.get(byId.get(form.selectionOf())) + NEXT + text);
            }
            return byId;
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

    /** The whole text a form that ships is read from, that of the form it selects from included. */
    public String source(OrderForm form) {
        return Objects.requireNonNull(sources.get(form), form.id());
    }

    /** The forms as they are now, in the order of lists. */
    public List<OrderForm> all() {
        return List.copyOf(byId.values());
    }

    /** The forms in every version that ships. */
    public List<OrderForm> everyVersion() {
        return every;
    }

    public Optional<OrderForm> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Optional<OrderForm> find(String id, int version) {
        return every.stream()
                .filter(f -> f.id().equals(id) && f.version() == version)
                .findFirst();
    }

    /** @throws IllegalArgumentException if there is none */
    public OrderForm get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no form has the id " + id));
    }
}
