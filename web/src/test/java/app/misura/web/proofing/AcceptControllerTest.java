package app.misura.web.proofing;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Finding;
import app.misura.core.proof.Proof;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.order.Orders;
import app.misura.web.reading.Acceptable;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A finding is accepted with a reason, by whoever may, and falls when a value changes. */
class AcceptControllerTest extends TestHouse {
    private static final String SLIP = "S2=40 S1=78 D2=58.5 D3=45.5 D1=104 U1=99 D9-left=53 D9-right=58";

    @Autowired
    private Orders orders;

    @LocalServerPort
    private int port;

    private Api api;
    private String id;

    @BeforeEach
    void anOrder() {
        api = new Api(port, "owner:demo-misura");
        id = api.trousers(api.client("Accepted " + System.nanoTime()));
        for (String each : SLIP.split(" ")) {
            String[] parts = each.split("=");
            String[] step = parts[0].split("-");
            read(step[0], step.length > 1 ? "\"" + step[1] + "\"" : "null", parts[1]);
        }
    }

    private void read(String step, String side, String text) {
        assertThat(api.post(
                                "/api/v1/orders/" + id + "/readings",
                                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"" + step + "\",\"side\":" + side
                                        + ",\"text\":\"" + text + "\"}]}")
                        .status())
                .isEqualTo(201);
    }

    private Finding finding(String rule) {
        return orders.get(id).proof().findings().stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private Map<String, String> offer(String rule, String reason) {
        Acceptable offer = Objects.requireNonNull(
                Acceptable.of(orders.get(id).proof()).get(finding(rule).key()));
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("rule", offer.rule());
        fields.put("about", offer.about());
        fields.put("seen", offer.seen());
        fields.put("reason", reason);
        return fields;
    }

    private Visitor.Page accept(Visitor who, Map<String, String> fields) {
        return who.post("/orders/" + id + "/accept", fields);
    }

    @Test
    void aCutterAcceptsAFaultWithAReasonAndTheSheetSaysSoUntilAValueChanges() {
        Visitor cutter = Visitor.as(port, "cutter");
        assertThat(cutter.get("/orders/" + id + "/proof").body()).contains("One of S1, S2 is wrong");
        accept(cutter, offer("closure-wrong", "short shank, looked at twice"));
        assertThat(orders.get(id).proof().verdict()).isNotEqualTo(Proof.Verdict.FAULTS);
        assertThat(cutter.get("/orders/" + id + "/proof").body())
                .contains("short shank, looked at twice")
                .contains(">accepted<")
                .contains("nothing else is proved wrong; 1 thing to look at.");
        read("S2", "null", "41");
        assertThat(orders.get(id).proof().verdict()).isEqualTo(Proof.Verdict.FAULTS);
        assertThat(cutter.get("/orders/" + id + "/proof").body())
                .contains("stands no more")
                .contains("a value of it has changed since");
    }

    @Test
    void aMeasurerConfirmsSidesAndAcceptsNoFault() {
        Visitor measurer = Visitor.as(port, "measurer");
        assertThat(accept(measurer, offer("closure-wrong", "no")).status()).isEqualTo(403);
        assertThat(orders.get(id).taken().accepted()).isEmpty();
        String page = measurer.get("/orders/" + id + "/proof").body();
        assertThat(page).contains("The body is so").doesNotContain("Accept with a reason");
        accept(measurer, offer("left-right", "an old break"));
        assertThat(finding("left-right").isAccepted()).isTrue();
        assertThat(orders.get(id).proof().adjustment().gap("left-right-D9")).isNull();
    }

    @Test
    void anAcceptanceIsTakenBack() {
        Visitor cutter = Visitor.as(port, "cutter");
        accept(cutter, offer("left-right", "an old break"));
        String page = cutter.get("/orders/" + id + "/proof").body();
        Matcher held = Pattern.compile("name=\"acceptance\" value=\"([^\"]+)\"").matcher(page);
        assertThat(held.find()).isTrue();
        cutter.post("/orders/" + id + "/accept/back", Map.of("acceptance", held.group(1)));
        assertThat(finding("left-right").isAccepted()).isFalse();
        assertThat(cutter.post("/orders/" + id + "/accept/back", Map.of("acceptance", "nothing"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatWasSeenBeforeAValueChangedIsLookedAtOnceMore() {
        Visitor cutter = Visitor.as(port, "cutter");
        Map<String, String> fields = offer("left-right", "an old break");
        read("D9", "\"left\"", "54");
        accept(cutter, fields);
        assertThat(orders.get(id).taken().accepted()).isEmpty();
        assertThat(cutter.get("/orders/" + id + "/proof").body())
                .contains("The sheet has changed meanwhile; look at it once more.");
    }

    @Test
    void withoutAReasonNothingIsAccepted() {
        Visitor cutter = Visitor.as(port, "cutter");
        for (String reason : new String[] {" ", "x".repeat(201)}) {
            accept(cutter, offer("left-right", reason));
            assertThat(orders.get(id).taken().accepted()).isEmpty();
            assertThat(cutter.get("/orders/" + id + "/proof").body()).contains("Say why, in at most 200 characters");
        }
    }

    /** What is written down carries the acceptance; read back, it stands. */
    @Test
    void aProofByTheInterfaceKnowsWhatWasAccepted() {
        Visitor cutter = Visitor.as(port, "cutter");
        accept(cutter, offer("closure-wrong", "short shank"));
        String sheet = cutter.get("/orders/" + id + "/print/readings.json").body();
        assertThat(sheet).contains("\"accepted\"").contains("short shank");
        assertThat(api.post("/api/v1/proof", sheet).json().get("findings").toString())
                .contains("\"reason\":\"short shank\"");
        assertThat(api.post("/api/v1/proof", sheet.replace("short shank", " ")).json())
                .satisfies(j -> assertThat(j.toString()).contains("/accepted/0/reason"));
    }
}
