package app.misura.web.client.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class CompareControllerTest extends TestHouse {
    @Autowired
    private Orders orders;

    @LocalServerPort
    private int port;

    private Api api;
    private Visitor measurer;
    private String client;
    private String before;
    private String now;

    @BeforeEach
    void twoSheets() {
        api = new Api(port, "owner:demo-misura");
        measurer = Visitor.as(port, "measurer");
        client = api.client("Compared " + System.nanoTime());
        before = api.trousers(client);
        now = api.trousers(client);
        read(before, "U1", "100");
        read(before, "S1", "78");
        read(now, "U1", "107");
        read(now, "S1", "78.5");
        read(now, "D1", "104");
    }

    private void read(String order, String step, String text) {
        assertThat(api.post(
                                "/api/v1/orders/" + order + "/readings",
                                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"" + step + "\",\"text\":\"" + text
                                        + "\"}]}")
                        .status())
                .isEqualTo(201);
    }

    private String page() {
        return measurer.get("/clients/" + client + "/compare?first=" + before + "&second=" + now)
                .body();
    }

    private Length settled(String order, String value) {
        return orders.get(order).proof().value(ValueId.parse(value)).orElseThrow();
    }

    @Test
    void whatDiffersIsSaidWithItsSizeAndWhatOnlyOneHas() {
        assertThat(page())
                .contains("2 values stand on both sheets; 1 differs more than two honest tapes do.")
                .contains("7 more")
                .contains("only here")
                .contains("100.0 cm")
                .contains("Take again");
    }

    @Test
    void theFormerValueIsTakenOverAndTheLaterOneStaysStruck() {
        measurer.post("/orders/" + now + "/take-over", Map.of("value", "U1", "from", before));
        assertThat(settled(now, "U1")).isEqualTo(Length.of("100", Unit.CM));
        GarmentOrder order = orders.get(now);
        assertThat(order.readings())
                .filteredOn(r -> r.reading().step().equals("U1"))
                .extracting(r -> r.reading().counts())
                .containsExactly(false, true);
        assertThat(page()).contains("none differs more than two honest tapes do.");
    }

    @Test
    void nothingIsTakenFromAnotherClientOrOfAnotherStep() {
        String stranger = api.trousers(api.client("Stranger " + System.nanoTime()));
        read(stranger, "U1", "90");
        assertThat(measurer.post("/orders/" + now + "/take-over", Map.of("value", "U1", "from", stranger))
                        .status())
                .isEqualTo(404);
        for (String value : new String[] {"D1", "Z9", "", "U1-left"}) {
            assertThat(measurer.post("/orders/" + now + "/take-over", Map.of("value", value, "from", before))
                            .status())
                    .as(value)
                    .isEqualTo(404);
        }
        assertThat(settled(now, "U1")).isEqualTo(Length.of("107", Unit.CM));
    }

    @Test
    void withoutASecondSheetThereIsNothingToCompare() {
        String alone = api.client("Alone " + System.nanoTime());
        read(api.trousers(alone), "U1", "90");
        assertThat(measurer.get("/clients/" + alone + "/compare").body())
                .contains("There is no second sheet with a value yet.");
        assertThat(measurer.get("/clients/" + client + "/compare?first=nobody&second=nothing")
                        .status())
                .isEqualTo(200);
    }
}
