package app.misura.core.form;

import app.misura.core.measure.Catalogue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Every order form there is, by id and version. Immutable. */
public final class OrderForms {
    private static final List<String> SHIPPED =
            List.of("trousers-tailored", "trousers-tailored-helper", "trousers-tailored-alone");

    private final Map<String, OrderForm> byId;

    private OrderForms(Map<String, OrderForm> byId) {
        this.byId = byId;
    }

    private static final class Shipped {
        static final OrderForms INSTANCE = read();

        static OrderForms read() {
            OrderFormReader reader = new OrderFormReader(Catalogue.shipped());
            Map<String, OrderForm> byId = new LinkedHashMap<>();
            for (String id : SHIPPED) {
                OrderForm form = reader.resource("/app/misura/core/forms/" + id + ".yaml", byId);
                byId.put(form.id(), form);
            }
            return new OrderForms(byId);
        }
    }

    /** The forms that ship with the core, cross-checked against its catalogue. */
    public static OrderForms shipped() {
        return Shipped.INSTANCE;
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
