package app.misura.web.cutting;

import app.misura.core.cut.Cutting;
import app.misura.core.format.json.KeptChoices;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.proof.Proof;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import java.util.List;

/** What an order is cut to, and what was chosen for its cut. */
public final class CutChoices {
    private CutChoices() {}

    /** The garments that are cut from the order's form. @throws NotThere if nothing is cut from it yet */
    public static List<Garment> garments(GarmentOrder order) {
        List<Garment> all = Garments.shipped().allOf(order.form());
        if (all.isEmpty()) {
            throw new NotThere("Nothing is cut from " + order.form().title() + " yet.");
        }
        return all;
    }

    /** What is kept of the order's choices. @throws NotThere if nothing is cut from the order's form yet */
    static KeptChoices kept(GarmentOrder order) {
        return KeptChoices.read(order.choices(), garments(order));
    }

    /** The garment that is looked at. @throws NotThere if nothing is cut from the order's form yet */
    public static Garment garment(GarmentOrder order) {
        String id = kept(order).garment();
        return garments(order).stream()
                .filter(g -> g.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Whether anything is cut from the order's form. */
    public static boolean isCut(GarmentOrder order) {
        return Garments.shipped().of(order.form()).isPresent();
    }

    /** An order's choices: what was kept, else what its form's answers and the house say. */
    public static Choices of(GarmentOrder order) {
        Garment garment = garment(order);
        return kept(order).choices(garment, garment.choices().usual(order.answers()));
    }

    /** The order's cut as it is now. */
    public static Cutting.Result cut(GarmentOrder order, Proof proof) {
        return cut(order, proof, of(order));
    }

    /** As it would be with other choices. */
    public static Cutting.Result cut(GarmentOrder order, Proof proof, Choices choices) {
        return Cutting.of(proof, garment(order), choices, order.tables());
    }
}
