package app.misura.web.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.garment.Garment;
import app.misura.web.TestHouse;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

@Transactional
class CutSpecsTest extends TestHouse {
    @Autowired
    private CutSpecs specs;

    @Autowired
    private Orders orders;

    private GarmentOrder order() {
        return orders.waiting(java.util.EnumSet.allOf(app.misura.core.life.Stage.class), 200).stream()
                .filter(o -> o.client().name().startsWith("Anselm"))
                .findFirst()
                .orElseThrow();
    }

    private static CutSpec cut(GarmentOrder order, String fit) {
        Garment garment = CutChoices.garment(order);
        return ((Cutting.Cut) Cutting.of(
                        order.proof(),
                        garment,
                        garment.choices().usual(Map.of()).with("fit", fit)))
                .spec();
    }

    @Test
    void theSameCutIsKeptOnceAndAnotherBesideIt() {
        GarmentOrder order = order();
        int before = specs.of(order.id()).size();
        specs.keep(order, cut(order, "close"), "<p>close</p>", "cutter");
        specs.keep(order, cut(order, "close"), "<p>close, printed again</p>", "owner");
        assertThat(specs.of(order.id())).hasSize(before + 1);
        specs.keep(order, cut(order, "easy"), "<p>easy</p>", "owner");
        List<CutSpecs.Printed> printed = specs.of(order.id());
        assertThat(printed).hasSize(before + 2);
        assertThat(printed.stream().map(p -> specs.page(order.id(), p.id())))
                .contains("<p>close</p>", "<p>easy</p>")
                .doesNotContain("<p>close, printed again</p>");
    }

    @Test
    void aSheetIsShownOnlyAsOneOfItsOrder() {
        GarmentOrder order = order();
        specs.keep(order, cut(order, "regular"), "<p>regular</p>", "cutter");
        String id = specs.of(order.id()).get(0).id();
        String other = orders.waiting(java.util.EnumSet.allOf(app.misura.core.life.Stage.class), 200).stream()
                .filter(o -> !o.id().equals(order.id()))
                .findFirst()
                .orElseThrow()
                .id();
        assertThatThrownBy(() -> specs.page(other, id)).isInstanceOf(NotThere.class);
        assertThatThrownBy(() -> specs.page(order.id(), "none")).hasMessageContaining("was not printed");
    }
}
