package app.misura.web.house.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.house.HouseTables;
import app.misura.core.life.Stage;
import app.misura.web.AtOnce;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.cutting.CutChoices;
import app.misura.web.house.Tables;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.jdbc.core.JdbcTemplate;

/** The house's tables are changed as a new version, and never under an order that is there. */
class TablesTest extends TestHouse {
    private static final Pattern INPUT = Pattern.compile("name=\"([^\"]+)\" value=\"([^\"]*)\"");

    private static final int ROUNDS = 10;

    @LocalServerPort
    private int port;

    @Autowired
    private Tables tables;

    @Autowired
    private Orders orders;

    @Autowired
    private JdbcTemplate data;

    @AfterEach
    void asBefore() {
        HouseTables now = tables.now();
        if (!now.numbers().equals(HouseTables.shipped().numbers())) {
            tables.change(now.version(), HouseTables.shipped().numbers(), "owner");
        }
    }

    private Map<String, String> form(Visitor owner) {
        Map<String, String> fields = new HashMap<>();
        String page = owner.get("/house/tables").body();
        Matcher input = INPUT.matcher(page.substring(page.indexOf("<main")));
        while (input.find()) {
            fields.put(input.group(1), input.group(2));
        }
        fields.put("margin", page.replaceAll("(?s).*id=\"margin\"[^>]*value=\"([^\"]*)\".*", "$1"));
        fields.remove("_csrf");
        return fields;
    }

    private CutSpec cut(String id) {
        GarmentOrder order = orders.get(id);
        return ((Cutting.Cut) CutChoices.cut(order, order.proof())).spec();
    }

    @Test
    void anOrderThatIsThereStaysWithItsTablesUntilTheCutterSaysOtherwise() {
        Visitor owner = Visitor.as(port, "owner");
        String id = orders.waiting(EnumSet.allOf(Stage.class), 300).stream()
                .filter(o -> o.client().name().startsWith("Bartholomew"))
                .findFirst()
                .orElseThrow()
                .id();
        int before = orders.get(id).tables().version();
        double seat = cut(id).line("seat").finished();
        Map<String, String> fields = form(owner);
        assertThat(fields).containsEntry("1-finger-trunk", "15").containsEntry("margin", "10");
        fields.put("1-finger-trunk", "25");
        assertThat(owner.post("/house/tables", fields).status()).isEqualTo(302);
        int after = tables.now().version();
        assertThat(after).isGreaterThan(before);
        assertThat(orders.get(id).tables().version()).isEqualTo(before);
        assertThat(cut(id).line("seat").finished()).isEqualTo(seat);
        String page = owner.get("/orders/" + id + "/cut").body();
        assertThat(page).contains("Cut by house tables " + before + "; tables " + after + " stand now.");
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/" + id + "/cut");
        Map<String, String> move = Map.of("version", "" + orders.get(id).version(), "tables", "" + after);
        assertThat(measurer.post("/orders/" + id + "/cut/tables", move).status())
                .isEqualTo(403);
        owner.get("/orders/" + id + "/cut");
        assertThat(owner.post("/orders/" + id + "/cut/tables", move).status()).isEqualTo(302);
        assertThat(cut(id).line("seat").finished())
                .as("one finger takes off 10 mm more")
                .isEqualTo(seat - 10, within(1e-9));
        assertThat(owner.get("/orders/" + id + "/cut").body()).doesNotContain("stand now.");
        assertThat(owner.get("/orders/" + id + "/changes").body()).contains("House tables");
    }

    @Test
    void whatCannotBeSoIsSaidAndNothingTypedIsLost() {
        Visitor owner = Visitor.as(port, "owner");
        Map<String, String> fields = form(owner);
        fields.put("2-fingers-limb", "two");
        fields.put("margin", "400");
        Visitor.Page page = owner.post("/house/tables", fields);
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body())
                .contains("What two fingers adds lies between -20 and 80 mm.")
                .contains("lies between 0 and 60 mm")
                .contains("value=\"two\"")
                .contains("value=\"400\"");
        fields.put("2-fingers-limb", "22,5");
        fields.put("margin", "10");
        fields.put("version", "0");
        Visitor.Page late = owner.post("/house/tables", fields);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body()).contains("meanwhile").contains("value=\"22,5\"");
        assertThat(Visitor.as(port, "cutter").get("/house/tables").status()).isEqualTo(403);
    }

    /** An order of tables that are not there, from a folder put together by hand: it answers for itself alone. */
    @Test
    void anOrderOfUnknownTablesTakesNoListAlong() {
        GarmentOrder order = orders.waiting(EnumSet.allOf(Stage.class), 300).get(0);
        Visitor owner = Visitor.as(port, "owner");
        String to = "update garment_order set tables = ?, version = version + 1 where id = ?";
        data.update(to, 999, order.id());
        try {
            assertThat(owner.get("/").status()).isEqualTo(200);
            assertThat(owner.get("/orders").status()).isEqualTo(200);
            assertThat(owner.get("/orders/" + order.id() + "/order").status()).isEqualTo(404);
        } finally {
            data.update(to, order.tables().version(), order.id());
        }
        assertThat(owner.get("/orders/" + order.id() + "/order").status()).isEqualTo(200);
    }

    @Test
    void ofTwoOwnersAtOnceOneIsToldAndNothingIsOverwritten() throws InterruptedException {
        for (int round = 0; round < ROUNDS; round++) {
            HouseTables before = tables.now();
            List<Throwable> came = AtOnce.doing(3, () -> tables.change(before.version(), before.numbers(), "owner"));
            assertThat(came).filteredOn(Objects::isNull).hasSize(1);
            assertThat(came).filteredOn(Objects::nonNull).allMatch(OptimisticLockingFailureException.class::isInstance);
            assertThat(tables.now().version()).isEqualTo(before.version() + 1);
        }
    }
}
