package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.order.Orders;
import app.misura.web.reading.VisitNote;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class ReadyControllerTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    @Autowired
    private House house;

    @LocalServerPort
    private int port;

    private String order;
    private Visitor measurer;

    @BeforeEach
    void anOrderOfAChild() {
        Client client = clients.add(Client.About.of("Young " + System.nanoTime(), Side.LEFT, AgeGroup.CHILD), "owner");
        order = orders.add(
                        new Orders.NewOrder(
                                client.id(), "trousers", OrderForms.shipped().get("trousers-tailored"), null, Map.of()),
                        "owner")
                .id();
        measurer = Visitor.as(port, "measurer");
    }

    @Test
    void thePageSaysWhatThisSheetWantsAndWhomItIsAbout() {
        assertThat(measurer.get("/orders/" + order + "/measure").body()).contains("/ready\"");
        assertThat(measurer.get("/orders/" + order + "/ready").body())
                .contains("A hard, level chair")
                .contains("<b>left</b> is written down")
                .contains("The tape goes between the legs")
                .contains("a second person is in the room")
                .contains(house.rules().consent().split("'")[0])
                .contains("It was said, and they agree");
        assertThat(Visitor.as(port, "viewer").get("/orders/" + order + "/ready").body())
                .doesNotContain("It was said, and they agree");
    }

    @Test
    void whatIsWornAndAgreedStandsWithTheOrder() {
        measurer.get("/orders/" + order + "/ready");
        assertThat(measurer.post("/orders/" + order + "/ready", Map.of("worn", "thick tights", "agreed", "yes"))
                        .status())
                .isEqualTo(302);
        assertThat(measurer.get("/orders/" + order + "/ready").body())
                .contains("thick tights")
                .contains("told by Dewi Farouk-Lind")
                .doesNotContain("It was said, and they agree");
        measurer.post("/orders/" + order + "/ready", Map.of("worn", "thick tights"));
        measurer.post("/orders/" + order + "/seen", Map.of("seen", "right shoulder lower"));
        assertThat(measurer.get("/orders/" + order + "/order").body())
                .contains("Worn beneath:")
                .contains("right shoulder lower")
                .contains("Said and agreed to:")
                .doesNotContain("Noted at steps");
        assertThat(orders.get(order).taken().note(VisitNote.AGREED))
                .as("not taken back")
                .isPresent();
        assertThat(orders.get(order).taken().stepNotes()).isEmpty();
    }
}
