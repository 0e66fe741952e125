package app.misura.web.client.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.reading.Differs;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Clients;
import app.misura.web.order.Orders;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What is not compared of a body is switched off by name in the client's file, and is nobody's business who does not measure. */
class DiffersTest extends TestHouse {
    @Autowired
    private Clients clients;

    @Autowired
    private Orders orders;

    @LocalServerPort
    private int port;

    private boolean isUnusual(String order) {
        return orders.get(order).proof().findings().stream()
                .anyMatch(f -> f.rule().equals("proportion"));
    }

    private Map<String, String> fields(String client, String differs) {
        Map<String, String> fields = new HashMap<>();
        fields.put("name", clients.get(client).name());
        fields.put("handedness", "RIGHT");
        fields.put("ageGroup", "ADULT");
        fields.put("version", String.valueOf(clients.get(client).version()));
        fields.put("differs", differs);
        return fields;
    }

    @Test
    void aPregnancyIsNoOddity() {
        Api api = new Api(port, "owner:demo-misura");
        String client = api.client("Differs " + System.nanoTime());
        String order = api.trousers(client);
        StringBuilder readings = new StringBuilder();
        for (String each : "U1=101.5 D8=38 D7=36.5 U2=128".split(" ")) {
            String[] parts = each.split("=");
            readings.append(readings.isEmpty() ? "" : ",")
                    .append("{\"step\":\"" + parts[0] + "\",\"side\":null,\"text\":\"" + parts[1] + "\"}");
        }
        api.post(
                "/api/v1/orders/" + order + "/readings", "{\"misura\":\"readings/1\",\"readings\":[" + readings + "]}");
        assertThat(isUnusual(order)).isTrue();
        Visitor measurer = Visitor.as(port, "measurer");
        String edit = "/clients/" + client + "/edit";
        assertThat(measurer.get(edit).body()).contains("a pregnancy", "girths of the trunk");
        assertThat(measurer.post(edit, fields(client, "pregnancy,leg")).status())
                .isEqualTo(302);
        assertThat(clients.get(client).wearer().differs()).containsExactlyInAnyOrder(Differs.PREGNANCY, Differs.LEG);
        assertThat(isUnusual(order)).as("the sheet is judged anew at once").isFalse();
        assertThat(measurer.get("/clients/" + client).body()).contains("Not compared with most bodies");
        assertThat(measurer.get("/clients/" + client + "/changes").body()).contains("a leg, pregnancy");
        Visitor viewer = Visitor.as(port, "viewer");
        assertThat(viewer.get("/clients/" + client).body()).doesNotContain("pregnancy");
        assertThat(viewer.get("/clients/" + client + "/changes").body()).doesNotContain("pregnancy");
        assertThat(viewer.get("/orders/" + order + "/proof").body()).doesNotContain("pregnancy");
        measurer.get(edit);
        assertThat(measurer.post(edit, fields(client, "")).status()).isEqualTo(302);
        assertThat(clients.get(client).wearer().differs()).isEmpty();
    }
}
