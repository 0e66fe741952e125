package app.misura.web.order.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.life.Stage;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Orders are changed, moved and lived to their end by the people of the house, over their pages. */
class OrderLifeTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Orders orders;

    private Visitor owner;

    @BeforeEach
    void owner() {
        owner = Visitor.as(port, "owner");
    }

    private GarmentOrder of(String client) {
        return orders.waiting(EnumSet.allOf(Stage.class), 300).stream()
                .filter(o -> o.client().name().startsWith(client))
                .findFirst()
                .orElseThrow();
    }

    private GarmentOrder fresh(Visitor who, Map<String, String> more) {
        Map<String, String> fields = new HashMap<>(
                Map.of("client", of("Noor").client().id(), "form", "trousers-tailored", "title", "life", "unit", "cm"));
        fields.putAll(more);
        String to = who.post("/orders", fields).header("location");
        return orders.get(to.replaceAll(".*/orders/([a-z0-9]+)/.*", "$1"));
    }

    private Visitor.Page move(Visitor who, String id, Stage to, String reason) {
        who.get("/orders/" + id + "/order");
        return who.post(
                "/orders/" + id + "/move",
                Map.of("to", to.name(), "version", "" + orders.get(id).version(), "reason", reason));
    }

    @Test
    void anOrderThatHoldsIsLivedToItsEndAndKeepsWhoMovedIt() {
        String id = of("Tavi").id();
        assertThat(move(owner, id, Stage.MEASURED, "").status()).isEqualTo(302);
        assertThat(move(owner, id, Stage.CUTTING, "").status()).isEqualTo(302);
        Visitor.Page notPrinted = move(owner, id, Stage.MAKING, "");
        assertThat(notPrinted.status()).isEqualTo(422);
        assertThat(notPrinted.body()).contains("No cut sheet was printed of the cut as it is now.");
        Visitor.Page printed = owner.post("/orders/" + id + "/print/cut", Map.of());
        assertThat(printed.status()).isEqualTo(302);
        assertThat(owner.get(printed.header("location").replaceAll("^http://[^/]+", ""))
                        .header("content-type"))
                .isEqualTo("application/pdf");
        for (Stage stage : new Stage[] {Stage.MAKING, Stage.READY, Stage.HANDED_OVER}) {
            assertThat(move(owner, id, stage, "").status()).as(stage.word()).isEqualTo(302);
        }
        assertThat(orders.get(id).stage()).isEqualTo(Stage.HANDED_OVER);
        assertThat(owner.get("/").body()).as("what is done leaves Today").doesNotContain("Tavi Mbeki");
        String page = owner.get("/orders/" + id + "/order").body();
        assertThat(page)
                .contains("ready → handed over")
                .contains("Marisol Achterberg")
                .contains("is what would be cut now");
        move(owner, id, Stage.READY, "");
        move(owner, id, Stage.MAKING, "");
    }

    @Test
    void whatStandsInTheWayIsSaidAndNothingMoves() {
        String id = of("Leilani").id();
        Visitor.Page refused = move(owner, id, Stage.MEASURED, "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("One number is wrong: S2, about 7 cm too long.");
        assertThat(orders.get(id).stage()).isEqualTo(Stage.IN_REVIEW);
        assertThat(move(owner, id, Stage.HANDED_OVER, "").status()).isEqualTo(404);
    }

    @Test
    void whatIsPutOnHoldSaysWhyLeavesTodayAndIsTakenUpAgain() {
        String id = fresh(owner, Map.of()).id();
        Visitor.Page asked = move(owner, id, Stage.ON_HOLD, " ");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.body()).contains("Say why");
        move(owner, id, Stage.ON_HOLD, "waits for the cloth");
        assertThat(orders.waiting(EnumSet.allOf(Stage.class), 300)).noneMatch(o -> o.id().equals(id));
        assertThat(owner.get("/orders/" + id + "/order").body())
                .contains("waits for the cloth")
                .contains("Take up again");
        move(owner, id, Stage.MEASURING, "");
        assertThat(orders.get(id).stage()).isEqualTo(Stage.MEASURING);
        move(owner, id, Stage.CALLED_OFF, "changed their mind");
        assertThat(orders.get(id).stage()).isEqualTo(Stage.CALLED_OFF);
    }

    @Test
    void whoMeasuresMovesNothingToTheCut() {
        String id = of("Bartholomew").id();
        Visitor measurer = Visitor.as(port, "measurer");
        assertThat(move(measurer, id, Stage.MEASURED, "").status()).isEqualTo(302);
        assertThat(measurer.get("/orders/" + id + "/order").body()).contains("The cutter or the owner decides.");
        assertThat(move(measurer, id, Stage.CUTTING, "").status()).isEqualTo(403);
        assertThat(orders.get(id).stage()).isEqualTo(Stage.MEASURED);
        Visitor viewer = Visitor.as(port, "viewer");
        assertThat(move(viewer, id, Stage.MEASURING, "").status()).isEqualTo(403);
        move(owner, id, Stage.MEASURING, "");
        move(owner, id, Stage.IN_REVIEW, "");
    }

    @Test
    void anOrderIsChangedAndWhoComesLaterIsTold() {
        GarmentOrder order = fresh(owner, Map.of());
        String edit = "/orders/" + order.id() + "/edit";
        owner.get(edit);
        Map<String, String> fields = new HashMap<>(Map.of(
                "version", "" + order.version(),
                "title", "winter trousers",
                "neededOn", "2027-01-15",
                "notes", "Band lower at the back.",
                "unit", "in",
                "options[narrow-hem]", "yes"));
        assertThat(owner.post(edit, fields).status()).isEqualTo(302);
        GarmentOrder changed = orders.get(order.id());
        assertThat(changed.title()).isEqualTo("winter trousers");
        assertThat(changed.neededOn()).hasToString("2027-01-15");
        assertThat(changed.about().notes()).isEqualTo("Band lower at the back.");
        assertThat(changed.form().unit().symbol()).isEqualTo("in");
        assertThat(changed.course().steps())
                .as("what a narrow hem asks for")
                .anyMatch(s -> s.label().equals("D6"));
        fields.put("title", "summer trousers");
        Visitor.Page late = owner.post(edit, fields);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body())
                .contains("winter trousers")
                .contains("summer trousers")
                .contains("keep it once more");
    }

    @Test
    void theTapeIsNotChangedOnceSomethingIsRead() {
        GarmentOrder order = fresh(owner, Map.of());
        owner.get("/orders/" + order.id() + "/measure?step=P3");
        owner.post("/orders/" + order.id() + "/measure", Map.of("step", "P3", "text", "171"));
        Visitor.Page page = owner.get("/orders/" + order.id() + "/edit");
        assertThat(page.body()).contains("Measured in centimetres: what was read is not converted.");
        owner.post(
                "/orders/" + order.id() + "/edit",
                Map.of("version", "" + orders.get(order.id()).version(), "title", "t", "unit", "in"));
        assertThat(orders.get(order.id()).form().unit().symbol()).isEqualTo("cm");
        assertThat(orders.get(order.id()).title()).isEqualTo("t");
    }

    @Test
    void aNoteAtAStepIsShownAtTheStepAndOnTheOrder() {
        String id = fresh(owner, Map.of()).id();
        owner.get("/orders/" + id + "/measure?step=D1");
        owner.post("/orders/" + id + "/note", Map.of("step", "D1", "note", "Stands on the left leg."));
        assertThat(owner.get("/orders/" + id + "/measure?step=D1").body()).contains("Stands on the left leg.");
        assertThat(owner.get("/orders/" + id + "/order").body()).contains("Stands on the left leg.");
        owner.post("/orders/" + id + "/note", Map.of("step", "D1", "note", ""));
        assertThat(owner.get("/orders/" + id + "/order").body()).doesNotContain("Stands on the left leg.");
    }

    @Test
    void ordersAreFoundByNumberByTheClientsNameAndByStage() {
        GarmentOrder order = of("Anselm");
        assertThat(owner.get("/orders?q=" + order.number()).body()).contains("Anselm Tuilagi-Roth");
        assertThat(owner.get("/orders?q=tuil").body())
                .contains("Anselm Tuilagi-Roth")
                .doesNotContain("Leilani");
        assertThat(owner.get("/orders?stage=CUTTING").body())
                .contains("Anselm Tuilagi-Roth")
                .doesNotContain("Leilani");
        assertThat(owner.get("/orders?q=nobody").body()).contains("No order is found so.");
    }

    @Test
    void aSheetSaysWhatWouldBeCutOtherwiseNow() {
        String id = of("Yusra").id();
        owner.get("/orders/" + id + "/cut");
        owner.post("/orders/" + id + "/print/cut", Map.of());
        owner.get("/orders/" + id + "/measure?step=U1");
        owner.post("/orders/" + id + "/measure", Map.of("step", "U1", "text", "101"));
        assertThat(owner.get("/orders/" + id + "/order").body())
                .contains("out of date")
                .contains("seat 104.5 → 105.5 cm");
    }
}
