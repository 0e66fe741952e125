package app.misura.web.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.life.Stage;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.TestOrders;
import app.misura.web.Visitor;
import app.misura.web.known.KnownBody;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A sheet that is over is only read, until somebody moves it back; one that was called off feeds nobody. */
class EndedOrderTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private OrderLife life;

    @Autowired
    private KnownBody known;

    @LocalServerPort
    private int port;

    private Api api;
    private Visitor visitor;
    private String client;
    private String id;

    @BeforeEach
    void aMeasuredOrder() {
        api = new Api(port, "owner:demo-misura");
        visitor = Visitor.as(port, "owner");
        client = api.client("Ended " + System.nanoTime());
        id = api.trousers(client);
        String readings = Stream.of((TestOrders.FULL + " W1=21.5").split(" "))
                .map(each -> {
                    String[] parts = each.split("=");
                    String[] step = parts[0].split("-");
                    return "{\"step\":\"" + step[0] + "\",\"side\":"
                            + (step.length > 1 ? "\"" + step[1] + "\"" : "null") + ",\"text\":\""
                            + parts[1].replace('_', ' ') + "\"}";
                })
                .collect(Collectors.joining(","));
        assertThat(post(readings)).isEqualTo(201);
    }

    private int post(String readings) {
        return api.post(
                        "/api/v1/orders/" + id + "/readings",
                        "{\"misura\":\"readings/1\",\"readings\":[" + readings + "]}")
                .status();
    }

    private void move(Stage to) {
        life.move(id, orders.get(id).version(), to, "", "owner");
    }

    private int write(String path, Map<String, String> fields) {
        visitor.get("/orders/" + id + "/order");
        return visitor.post("/orders/" + id + path, fields).status();
    }

    @ParameterizedTest
    @EnumSource(
            value = Stage.class,
            names = {"HANDED_OVER", "CALLED_OFF"})
    void nothingIsWrittenOnASheetThatIsOver(Stage over) {
        String reading = orders.get(id).readings().get(0).id();
        move(over);
        int before = orders.get(id).readings().size();
        long version = orders.get(id).version();
        assertThat(post("{\"step\":\"U1\",\"text\":\"99\"}")).isEqualTo(409);
        assertThat(write("/measure", Map.of("step", "U1", "text", "99"))).isEqualTo(409);
        assertThat(write("/strike", Map.of("reading", reading, "reason", "late")))
                .isEqualTo(409);
        assertThat(write("/marks", Map.of("step", "P1"))).isEqualTo(409);
        assertThat(write("/note", Map.of("step", "U1", "note", "late"))).isEqualTo(409);
        assertThat(write("/leave-out", Map.of("step", "D4", "why", "refused"))).isEqualTo(409);
        Map<String, String> title = new HashMap<>(Map.of("version", "" + version, "title", "other", "unit", "cm"));
        assertThat(write("/edit", title)).isIn(409, 422);
        assertThat(orders.get(id).readings()).hasSize(before);
        assertThat(orders.get(id).readings()).allMatch(r -> r.reading().counts());
        assertThat(orders.get(id).version()).isEqualTo(version);
        String page = visitor.get("/orders/" + id + "/measure?step=U1").body();
        assertThat(page).contains("its sheet is only read").doesNotContain("id=\"entryform\"");
    }

    @Test
    void movedBackItIsWrittenAgain() {
        move(Stage.HANDED_OVER);
        move(Stage.MEASURING);
        assertThat(post("{\"step\":\"U1\",\"text\":\"99\"}")).isEqualTo(201);
    }

    @Test
    void whatWasCalledOffIsOfferedToNoOtherSheet() {
        String second = api.trousers(client);
        assertThat(known.missingOn(orders.get(second)).carried()).isNotEmpty();
        move(Stage.CALLED_OFF);
        assertThat(known.missingOn(orders.get(second)).carried()).isEmpty();
        assertThat(known.of(orders.get(id).client()).count()).isZero();
    }
}
