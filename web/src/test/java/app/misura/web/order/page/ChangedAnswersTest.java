package app.misura.web.order.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Reading;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A question that is answered otherwise once something is read: nothing is lost. */
class ChangedAnswersTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    @Autowired
    private Readings readings;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private GarmentOrder order;

    private void answer(Visitor visitor, String shaping) {
        visitor.get("/orders/" + order.id() + "/edit");
        Map<String, String> fields =
                new HashMap<>(Map.of("version", "" + orders.get(order.id()).version(), "title", "coat", "unit", "cm"));
        orders.get(order.id()).answers().forEach((id, choice) -> fields.put("options[" + id + "]", choice));
        fields.put("options[bust-shaping]", shaping);
        assertThat(visitor.post("/orders/" + order.id() + "/edit", fields).status())
                .isEqualTo(302);
    }

    private boolean isSettled(String step) {
        return orders.get(order.id()).proof().settled().keySet().stream().anyMatch(v -> v.isOf(step));
    }

    @Test
    void whatIsNotAskedAnyMoreStandsAsideAndComesBack() {
        Client client = clients.add(Client.About.of("Asked " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        order = orders.add(
                new Orders.NewOrder(
                        client.id(),
                        "coat",
                        OrderForms.shipped().get("coat-tailored"),
                        null,
                        Map.of("bust-shaping", "yes")),
                "owner");
        String step = order.form().steps().stream()
                .filter(s -> "yes".equals(s.onlyIf().get("bust-shaping")) && s.takesReadings())
                .findFirst()
                .orElse(order.form().asked(order.answers()).stream()
                        .filter(s -> s.takesReadings() && s.taken().code().contains("bust"))
                        .findFirst()
                        .orElseThrow())
                .label();
        readings.keep(
                order.id(),
                List.of(new NewReading(
                        new Reading(
                                step,
                                null,
                                "19.5",
                                Length.of("19.5", Unit.CM),
                                order.form().step(step).play(),
                                clock.instant(),
                                "measurer",
                                null,
                                null),
                        null)));
        assertThat(isSettled(step)).isTrue();
        Visitor owner = Visitor.as(port, "owner");
        String page = "/orders/" + order.id() + "/order";
        assertThat(owner.get(page).body()).doesNotContain("not asked as this is answered now");
        answer(owner, "no");
        assertThat(isSettled(step)).isFalse();
        assertThat(orders.get(order.id()).readings()).hasSize(1);
        assertThat(owner.get(page).body())
                .contains("not asked as this is answered now")
                .contains(step + " 19.5");
        answer(owner, "yes");
        assertThat(isSettled(step)).isTrue();
    }

    /** Once something is read the page does not ask for the tape, and sends none; everything else may still be changed. */
    @Test
    void anOrderIsChangedBeforeTheFirstReadingInTheMiddleAndAtTheEnd() {
        Client client =
                clients.add(Client.About.of("Changed " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        order = orders.add(
                new Orders.NewOrder(
                        client.id(), "trousers", OrderForms.shipped().get("trousers-tailored"), null, Map.of()),
                "owner");
        Visitor owner = Visitor.as(port, "owner");
        for (int read = 0; read < 3; read++) {
            String page = owner.get("/orders/" + order.id() + "/edit").body();
            Map<String, String> fields = new HashMap<>(
                    Map.of("version", "" + orders.get(order.id()).version(), "title", "trousers " + read));
            if (page.contains("name=\"unit\"")) {
                fields.put("unit", "cm");
            }
            fields.put("neededOn", "");
            assertThat(owner.post("/orders/" + order.id() + "/edit", fields).status())
                    .as("after " + read)
                    .isEqualTo(302);
            assertThat(orders.get(order.id()).title()).isEqualTo("trousers " + read);
            readings.keep(
                    order.id(),
                    List.of(new NewReading(
                            new Reading(
                                    "U1",
                                    null,
                                    "98",
                                    Length.of("98", Unit.CM),
                                    order.form().step("U1").play(),
                                    clock.instant(),
                                    "measurer",
                                    null,
                                    null),
                            null)));
        }
    }

    /** A year of two digits would make an order vanish from every list. */
    @Test
    void aNeededDayLiesWithinReach() {
        Client client = clients.add(Client.About.of("Dated " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        order = orders.add(
                new Orders.NewOrder(
                        client.id(), "trousers", OrderForms.shipped().get("trousers-tailored"), null, Map.of()),
                "owner");
        Visitor owner = Visitor.as(port, "owner");
        for (String day : List.of("0026-12-20", "2126-12-20", "1926-01-01")) {
            owner.get("/orders/" + order.id() + "/edit");
            Visitor.Page said = owner.post(
                    "/orders/" + order.id() + "/edit",
                    Map.of("version", "" + order.version(), "title", "kept title", "unit", "cm", "neededOn", day));
            assertThat(said.status()).as(day).isEqualTo(422);
            assertThat(said.body())
                    .contains("too far away")
                    .contains("kept title")
                    .contains(day);
        }
    }
}
