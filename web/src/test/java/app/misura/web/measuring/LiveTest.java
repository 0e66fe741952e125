package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** An open page hears of what others do at its sheet, at once, and of no other sheet. */
class LiveTest extends TestHouse {
    private static final Duration AT_ONCE = Duration.ofSeconds(10);

    @LocalServerPort
    private int port;

    @Autowired
    private Live live;

    private final List<String> heard = new CopyOnWriteArrayList<>();

    private static void reading(Api api, String order) {
        api.post(
                "/api/v1/orders/" + order + "/readings",
                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"104.5\"}]}");
    }

    private long news() {
        return heard.stream().filter(l -> l.equals("event:news")).count();
    }

    @Test
    void readingsOfThisSheetAreToldAndOfNoOther() {
        Api api = new Api(port, "measurer:demo-misura");
        String client = api.client("Live");
        String order = api.trousers(client);
        String other = api.trousers(client);
        try (Visitor.Line line = Visitor.as(port, "viewer").listen("/orders/" + order + "/measure/live", heard::add)) {
            await().atMost(AT_ONCE).until(() -> heard.contains("event:open"));
            assertThat(live.listening(order)).isEqualTo(1);
            assertThat(line.status()).isEqualTo(200);
            reading(api, other);
            reading(api, order);
            await().atMost(AT_ONCE).until(() -> news() > 0);
            assertThat(news()).isEqualTo(1);
            Visitor cutter = Visitor.as(port, "cutter");
            cutter.get("/orders/" + order + "/measure?step=S1");
            await().atMost(AT_ONCE).until(() -> news() == 2);
            cutter.get("/orders/" + order + "/measure?step=S1");
            cutter.get("/orders/" + order + "/measure?step=S2");
            await().atMost(AT_ONCE).until(() -> news() == 3);
        }
        reading(api, order);
        reading(api, order);
        await().atMost(Duration.ofSeconds(10)).until(() -> {
            live.tell(order);
            return live.listening(order) == 0;
        });
    }

    /** Each page asks when it is told; if asking told the others, they would never stop. */
    @Test
    void twoPagesOfOneAccountDoNotKeepEachOtherAsking() {
        Api api = new Api(port, "measurer:demo-misura");
        String order = api.trousers(api.client("Twice"));
        String page = "/orders/" + order + "/measure";
        Visitor tablet = Visitor.as(port, "measurer");
        Visitor desk = Visitor.as(port, "measurer");
        try (Visitor.Line line = Visitor.as(port, "viewer").listen(page + "/live", heard::add)) {
            await().atMost(AT_ONCE).until(() -> heard.contains("event:open"));
            assertThat(line.status()).isEqualTo(200);
            tablet.get(page + "?step=S1");
            desk.get(page + "?step=S2");
            await().atMost(AT_ONCE).until(() -> news() == 2);
            for (int i = 0; i < 5; i++) {
                tablet.get(page + "/ladder?step=S1&seen=", "Misura-Follows", "cutter");
                desk.get(page + "/ladder?step=S2&seen=");
            }
            desk.get(page + "?step=S3");
            await().atMost(AT_ONCE).until(() -> news() >= 3);
            assertThat(news()).isEqualTo(3);
        }
    }

    @Test
    void whoIsNotSignedInHearsNothing() {
        Visitor.Page page = new Visitor(port).get("/orders/none/measure/live");
        assertThat(page.status()).isEqualTo(302);
    }

    @Test
    void aSheetHasSoManyListenersAndNoMore() {
        Live own = new Live();
        for (int i = 0; i < 20; i++) {
            assertThat(own.open("o1")).isPresent();
        }
        assertThat(own.open("o1")).as("it asks every few seconds").isEmpty();
        assertThat(own.open("o2")).isPresent();
        own.end();
    }
}
