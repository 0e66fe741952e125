package app.misura.web.photo;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.Orders;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

class PhotographsTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    @Autowired
    private Photographs photographs;

    @Autowired
    private JdbcTemplate jdbc;

    @LocalServerPort
    private int port;

    private Client client;
    private String order;
    private String page;
    private Visitor measurer;

    @BeforeEach
    void anOrder() {
        client = clients.add(Client.About.of("Seen " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        order = orders.add(
                        new Orders.NewOrder(
                                client.id(), "trousers", OrderForms.shipped().get("trousers-tailored"), null, Map.of()),
                        "owner")
                .id();
        page = "/orders/" + order + "/photographs";
        measurer = Visitor.as(port, "measurer");
        assertThat(measurer.get(page).body()).contains("None yet.");
    }

    private static byte[] jpeg() {
        return UprightTest.held(UprightTest.scene(400, 200), 6);
    }

    private String only() {
        return photographs.of(order).stream()
                .filter(Photographs.Photograph::isThere)
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void aPhotographIsKeptShownAndDeletedForGood() {
        assertThat(measurer.send(page + "?from=side", jpeg()).status()).isEqualTo(201);
        assertThat(measurer.get(page).body()).contains("Dewi Farouk-Lind").contains("width=\"200\" height=\"400\"");
        assertThat(measurer.get("/orders/" + order + "/order").body()).contains("alt=\"from the side\"");
        String at = page + "/" + only();
        Visitor.Page picture = measurer.get(at);
        assertThat(picture.header("content-type")).isEqualTo("image/jpeg");
        assertThat(picture.header("cache-control")).contains("private");
        assertThat(new String(measurer.bytes(at), StandardCharsets.ISO_8859_1))
                .doesNotContain("GPS")
                .doesNotContain("Exif");
        measurer.get(page);
        measurer.post(at + "/delete", Map.of());
        assertThat(measurer.get(at).status()).isEqualTo(404);
        assertThat(measurer.get(page).body()).contains("side, deleted ");
        assertThat(jdbc.queryForObject(
                        "select sum(length(jpeg)) from photograph where order_id = ?", Long.class, order))
                .isZero();
    }

    /** Where nobody trained measures, whoever cuts wants to see the person. */
    @Test
    void aSheetOfUntrainedHandsWantsPhotographs() {
        String alone = orders.add(
                        new Orders.NewOrder(
                                client.id(),
                                "trousers",
                                OrderForms.shipped().get("trousers-tailored-helper"),
                                null,
                                Map.of()),
                        "owner")
                .id();
        assertThat(measurer.get("/orders/" + alone + "/order").body())
                .contains("a photograph is still wanted from the front, side, back.");
        measurer.send("/orders/" + alone + "/photographs?from=side", jpeg());
        assertThat(measurer.get("/orders/" + alone + "/order").body())
                .contains("a photograph is still wanted from the front, back.");
        assertThat(measurer.get("/orders/" + order + "/order").body()).doesNotContain("still wanted");
    }

    @Test
    void whoOnlyReadsSeesNone() {
        measurer.send(page + "?from=front", jpeg());
        Visitor viewer = Visitor.as(port, "viewer");
        assertThat(viewer.get(page).status()).isEqualTo(403);
        assertThat(viewer.get(page + "/" + only()).status()).isEqualTo(403);
        assertThat(viewer.get("/orders/" + order + "/order").body()).doesNotContain("/photographs");
        assertThat(new Visitor(port).get(page + "/" + only()).status()).isEqualTo(302);
        assertThat(measurer.get("/orders/none/photographs/" + only()).status())
                .as("of another order")
                .isEqualTo(404);
    }

    @Test
    void whatIsTooLargeOrNoPictureIsRefusedInWordsAndNothingIsKept() {
        Visitor.Page large = measurer.send(page + "?from=front", new byte[30 * 1024 * 1024]);
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.body()).isEqualTo("A photograph has at most 16 MB; this one is larger.");
        Visitor.Page text = measurer.send(page + "?from=front", "not a picture".getBytes(StandardCharsets.UTF_8));
        assertThat(text.status()).isEqualTo(422);
        assertThat(text.body()).contains("This is no photograph");
        assertThat(measurer.send(page + "?from=above", jpeg()).status()).isEqualTo(404);
        assertThat(photographs.of(order)).isEmpty();
    }

    @Test
    void anOrderHasSoManyAndNoMore() {
        for (int i = 0; i < Photographs.MOST; i++) {
            assertThat(measurer.send(page + "?from=back", jpeg()).status()).isEqualTo(201);
        }
        Visitor.Page more = measurer.send(page + "?from=back", jpeg());
        assertThat(more.status()).isEqualTo(422);
        assertThat(more.body()).contains("at most 12 photographs");
        measurer.get(page);
        measurer.post(page + "/" + only() + "/delete", Map.of());
        assertThat(measurer.send(page + "?from=back", jpeg()).status()).isEqualTo(201);
    }

    @Test
    void whoIsDeletedLeavesNoPhotograph() {
        measurer.send(page + "?from=front", jpeg());
        clients.delete(client.id());
        assertThat(jdbc.queryForObject("select count(*) from photograph where order_id = ?", Long.class, order))
                .isZero();
    }
}
