package app.misura.core.garment;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Catalogue;
import app.misura.core.resource.Shipped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Every garment there is, by id, and which is cut from which form. Immutable. */
public final class Garments {
    private final Map<String, Garment> byId;

    private Garments(Map<String, Garment> byId) {
        this.byId = byId;
    }

    record IndexDoc(List<String> garments) {}

    private static final class Usual {
        static final Garments INSTANCE = read();

        static Garments read() {
            GarmentReader reader = new GarmentReader(Catalogue.shipped(), HouseTables.shipped(), OrderForms.shipped());
            Map<String, Garment> byId = new LinkedHashMap<>();
            for (String id : Shipped.yaml("garments/index.yaml", IndexDoc.class).garments()) {
                String file = "garments/" + id + ".yaml";
                byId.put(id, reader.read(Shipped.text(file), file));
            }
            return new Garments(byId);
        }
    }

    /** The garments that ship with the core, cross-checked against its forms, blocks and measures. */
    public static Garments shipped() {
        return Usual.INSTANCE;
    }

    public List<Garment> all() {
        return List.copyOf(byId.values());
    }

    public Optional<Garment> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The garment that a form's sheets are cut to where none is named; empty if none is. */
    public Optional<Garment> of(OrderForm form) {
        return allOf(form).stream().findFirst();
    }

    /** The garments that a form's sheets are cut to, in the order of the lists. */
    public List<Garment> allOf(OrderForm form) {
        return byId.values().stream().filter(g -> g.forms().contains(form.id())).toList();
    }
}
