package app.misura.web.history.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is changed of a client, an order and the house is kept with who and when, and goes with what it is of. */
class ChangesTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate data;

    private Visitor owner;

    @BeforeEach
    void owner() {
        owner = Visitor.as(port, "owner");
    }

    private String client(String name, String note, String health) {
        owner.get("/clients/new");
        return owner.post("/clients", about(name, note, health)).header("location");
    }

    private static Map<String, String> about(String name, String note, String health) {
        return Map.of("name", name, "handedness", "RIGHT", "ageGroup", "ADULT", "notes", note, "healthNote", health);
    }

    private void change(String at, String name, String note, String health) {
        String page = owner.get(at + "/edit").body();
        Map<String, String> fields = new HashMap<>(about(name, note, health));
        fields.put("version", page.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1"));
        assertThat(owner.post(at + "/edit", fields).status()).isEqualTo(302);
    }

    private static String plain(String html) {
        return html.replaceAll("<[^>]*>", " ").replaceAll("\\s+", " ");
    }

    @Test
    void aChangeOfAClientIsKeptWithItsHandAndTheHealthNoteIsNotShownToViewers() {
        String at = client("Orla Brandt-Vance", "ticklish", "new knee");
        change(at, "Orla Brandt-Vance", "not ticklish", "two new knees");
        String page = plain(owner.get(at + "/changes").body());
        assertThat(page)
                .contains("Marisol Achterberg")
                .contains("Note ticklish not ticklish")
                .contains("Health note new knee two new knees");
        assertThat(page.indexOf("two new knees")).as("newest first").isLessThan(page.lastIndexOf("new knee "));
        String viewed = plain(Visitor.as(port, "viewer").get(at + "/changes").body());
        assertThat(viewed).contains("Health note changed").doesNotContain("knee");
    }

    @Test
    void anOrdersTitleAndItsCutAreKeptAndGoWithTheClient() {
        String at = client("Gone Person", "Xanthippean", "");
        change(at, "Gone Person", "Xanthippeans", "");
        String id = at.replace("/clients/", "");
        Api api = new Api(port, "cutter:demo-misura");
        String order = api.post(
                        "/api/v1/orders",
                        "{\"misura\":\"order/1\",\"client\":\"" + id + "\",\"form\":\"trousers-tailored\"}")
                .json()
                .path("id")
                .asString();
        String cut = owner.get("/orders/" + order + "/cut").body();
        assertThat(owner.post(
                                "/orders/" + order + "/cut/choices",
                                Map.of(
                                        "version",
                                        cut.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1"),
                                        "fit",
                                        "easy"))
                        .status())
                .isIn(200, 302);
        String page = plain(owner.get("/orders/" + order + "/changes").body());
        assertThat(page).contains("Cut: fit").contains("easy").contains("Marisol Achterberg");
        assertThat(rows("garment_order_change", "client_id", id)).isGreaterThan(1);
        owner.get(at + "/edit");
        assertThat(owner.post(at + "/delete", Map.of("confirm", "Gone Person")).status())
                .isEqualTo(302);
        assertThat(rows("garment_order_change", "client_id", id)).isZero();
        assertThat(data.queryForObject(
                        "select count(*) from client_change where id = ? and name is not null", Integer.class, id))
                .as("no words of them are left")
                .isZero();
        assertThat(owner.get("/clients/" + id + "/changes").status()).isEqualTo(404);
    }

    private int rows(String table, String column, String id) {
        Integer count =
                data.queryForObject("select count(*) from " + table + " where " + column + " = ?", Integer.class, id);
        return count == null ? 0 : count;
    }

    @Test
    void whatIsUsualInTheHouseIsKeptTooAndIsForTheOwner() {
        String form = owner.get("/house/rules").body();
        Map<String, String> fields = new HashMap<>(Map.of(
                "version", form.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1"),
                "name", "Workroom on Heron Quay",
                "address", "Heron Quay 9, Morrowsluys",
                "paper", "a4",
                "unit", "cm",
                "consent", "We keep your measures.",
                "keepMonths", "36",
                "freshMonths", "6",
                "freshWeeks", "6"));
        assertThat(owner.post("/house/rules", fields).status()).isEqualTo(302);
        assertThat(plain(owner.get("/house/changes").body())).contains("Heron Quay 9, Morrowsluys");
        assertThat(Visitor.as(port, "cutter").get("/house/changes").status()).isEqualTo(403);
    }
}
