package app.misura.web.order.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.Closure;
import app.misura.core.form.Step;
import app.misura.core.reading.Reading;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Clients;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.StoredReading;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What was measured alone or with a helper grows: by single steps of the whole form, or into all of it. */
class OrderStepsTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    private Visitor owner;

    @BeforeEach
    void owner() {
        owner = Visitor.as(port, "owner");
    }

    private GarmentOrder fresh(String form, String unit) {
        String client = clients.search("Noor", 0, 1).clients().get(0).id();
        String to = owner.post(
                        "/orders",
                        Map.of("client", client, "form", form, "title", "at home", "unit", unit, "_known", "on"))
                .header("location");
        return orders.get(to.replaceAll(".*/orders/([a-z0-9]+)/.*", "$1"));
    }

    private void read(GarmentOrder order, String step, String text) {
        assertThat(owner.post("/orders/" + order.id() + "/measure", Map.of("step", step, "text", text))
                        .status())
                .as(step)
                .isEqualTo(302);
    }

    private static List<String> labels(GarmentOrder order) {
        return order.form().steps().stream().map(Step::label).toList();
    }

    @Test
    void aStepOfTheWholeFormIsAskedTooWithWhatItNeedsAndChecks() {
        GarmentOrder order = fresh("trousers-tailored-alone", "cm");
        String page = owner.get("/orders/" + order.id() + "/order").body();
        assertThat(page).contains("nothing is cut from it; what is read can go on into Trousers, tailored");
        assertThat(page).contains("more-D1").contains("checks rise").doesNotContain("more-rise");
        owner.post(
                "/orders/" + order.id() + "/steps", Map.of("step", "D1,D3,nonsense", "version", "" + order.version()));
        GarmentOrder more = orders.get(order.id());
        assertThat(labels(more)).containsExactly("P1", "P2", "P3", "D1", "D3", "U1", "U2", "S1", "M1");
        assertThat(more.form().closures().stream().map(Closure::id)).containsExactly("rise");
        read(more, "D1", "103");
        assertThat(owner.get("/orders/" + order.id() + "/measure?step=D3").body())
                .contains("Knee to floor")
                .contains("Needs <b>P2</b> first");
        owner.post(
                "/orders/" + order.id() + "/steps",
                Map.of("version", "" + orders.get(order.id()).version()));
        assertThat(labels(orders.get(order.id())))
                .as("what was read stays")
                .containsExactly("P1", "P3", "D1", "U1", "U2", "S1", "M1");
    }

    @Test
    void whoAsksForStepsAfterAnotherDidIsTold() {
        GarmentOrder order = fresh("trousers-tailored-alone", "cm");
        Map<String, String> first = Map.of("step", "D1", "version", "" + order.version());
        assertThat(owner.post("/orders/" + order.id() + "/steps", first).status())
                .isEqualTo(302);
        assertThat(owner.post("/orders/" + order.id() + "/steps", Map.of("step", "D2", "version", "" + order.version()))
                        .status())
                .isEqualTo(409);
        assertThat(labels(orders.get(order.id()))).contains("D1").doesNotContain("D2");
    }

    @Test
    void afterTheLastStepTheSheetEndsAndSaysWhatIsKnownOfIt() {
        GarmentOrder alone = fresh("trousers-tailored-alone", "cm");
        String sheet = "/orders/" + alone.id();
        owner.post(sheet + "/marks", Map.of("step", "P1"));
        read(alone, "U2", "88");
        read(alone, "U1", "103");
        read(alone, "S1", "79");
        read(alone, "M1", "27");
        assertThat(owner.get(sheet + "/measure").body()).contains("P3").doesNotContain("End of the sheet");
        String onward = owner.post(sheet + "/leave-out", Map.of("step", "P3", "why", "not-known"))
                .header("location");
        assertThat(onward).endsWith(sheet + "/measure");
        assertThat(owner.get(sheet + "/measure").body())
                .contains("All 6 steps are taken or left out.")
                .contains("Nothing here checks itself.")
                .contains("Height</a> <span class=\"soft\">not known")
                .contains("Go on with Trousers, tailored");
        assertThat(owner.get(sheet + "/measure?step=M1").body())
                .as("a step can be gone back to")
                .contains("Body rise")
                .contains("All 6 steps are taken or left out.");
    }

    @Test
    void whatWasReadAloneStandsOnTheWholeFormAndScattersAsItDid() {
        GarmentOrder alone = fresh("trousers-tailored-alone", "in");
        read(alone, "U1", "40");
        read(alone, "S1", "30 1/2");
        assertThat(owner.get("/orders/" + alone.id() + "/order").body())
                .contains("What was read at 2 steps stays there; 17 more of Trousers, tailored are asked,");
        Visitor.Page onward = owner.post(
                "/orders/" + alone.id() + "/whole-form",
                Map.of("version", "" + orders.get(alone.id()).version()));
        assertThat(onward.status()).isEqualTo(302);
        GarmentOrder whole = orders.get(alone.id());
        assertThat(whole.form().id()).isEqualTo("trousers-tailored");
        assertThat(whole.form().unit().symbol()).isEqualTo("in");
        assertThat(whole.readings().stream().map(StoredReading::reading).map(Reading::text))
                .containsExactly("40", "30 1/2");
        assertThat(whole.readings().stream().map(StoredReading::reading).map(Reading::aid))
                .containsOnly("alone");
        assertThat(whole.readings().stream().map(StoredReading::reading)).allMatch(Reading::isUntrained);
        read(whole, "U1", "39 1/2");
        assertThat(orders.get(alone.id()).last().reading().isUntrained()).isFalse();
        assertThat(owner.post("/orders/" + alone.id() + "/whole-form", Map.of("version", "" + whole.version()))
                        .status())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({"cm, a4", "in, letter"})
    void theFormsOfWhoMeasuresAloneArePrinted(String unit, String paper) {
        GarmentOrder order = fresh("trousers-tailored-alone", unit);
        for (String form : List.of("blank", "form")) {
            Visitor.Page pdf = owner.get("/orders/" + order.id() + "/print/" + form + ".pdf?paper=" + paper);
            assertThat(pdf.status()).isEqualTo(200);
            assertThat(pdf.header("content-type")).isEqualTo("application/pdf");
        }
    }
}
