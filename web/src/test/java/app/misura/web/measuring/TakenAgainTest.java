package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.Settled;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.order.Orders;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A number that is taken again is the one that counts: on the page, over the interface, after a mark has moved. */
class TakenAgainTest extends TestHouse {
    private static final Pattern FIELD =
            Pattern.compile("<input type=\"hidden\" name=\"(\\w+)\"[^>]*? value=\"([^\"]*)\"");

    @Autowired
    private Orders orders;

    @LocalServerPort
    private int port;

    private Api api;
    private Visitor visitor;
    private String id;

    @BeforeEach
    void anOrder() {
        api = new Api(port, "owner:demo-misura");
        visitor = Visitor.as(port, "owner");
        id = api.trousers(api.client("Again " + System.nanoTime()));
        for (String mark : new String[] {"P1", "P2"}) {
            mark(mark);
        }
    }

    private void mark(String label) {
        visitor.get("/orders/" + id + "/measure?step=" + label);
        visitor.post("/orders/" + id + "/marks", Map.of("step", label));
    }

    private Settled settled(String value) {
        return Objects.requireNonNull(orders.get(id).proof().settled().get(ValueId.parse(value)));
    }

    private void stands(String value, String cm) {
        assertThat(settled(value).length()).as(value).isEqualTo(Length.of(cm, Unit.CM));
    }

    /** Opens an address of the measuring page and keeps what is typed there, as its form does. @return where it goes on */
    private String take(String address, String text) {
        String page = visitor.get(address).body();
        Map<String, String> fields = new HashMap<>();
        Matcher field = FIELD.matcher(page.substring(page.indexOf("id=\"entryform\"")));
        while (field.find()) {
            fields.putIfAbsent(field.group(1), field.group(2));
        }
        fields.keySet().retainAll(java.util.Set.of("step", "side", "key", "round", "walk", "then"));
        fields.put("text", text);
        Visitor.Page kept = visitor.post("/orders/" + id + "/measure", fields);
        assertThat(kept.status()).as(text + " at " + address).isEqualTo(302);
        return kept.header("Location").replaceAll("^https?://[^/]+", "");
    }

    private String at(String step) {
        return "/orders/" + id + "/measure?step=" + step;
    }

    private int post(String more, String... readings) {
        StringBuilder all = new StringBuilder();
        for (String each : readings) {
            String[] parts = each.split("=");
            all.append(all.isEmpty() ? "" : ",")
                    .append("{\"step\":\"" + parts[0] + "\",\"text\":\"" + parts[1] + "\"}");
        }
        return api.post(
                        "/api/v1/orders/" + id + "/readings",
                        "{\"misura\":\"readings/1\"" + more + ",\"readings\":[" + all + "]}")
                .status();
    }

    @Test
    void aSlipAtAWidestStepIsForgottenOnceItIsTakenAgain() {
        take(at("U1"), "113");
        take(at("S1"), "78.5");
        stands("U1", "113");
        take(at("U1"), "98");
        stands("U1", "98");
        assertThat(visitor.get(at("U1")).body()).contains("113").contains("before");
    }

    @Test
    void whoTakesItAgainAtOnceSaysSo() {
        take(at("U1"), "113");
        String page = visitor.get(at("U1")).body();
        assertThat(page).contains("Take it again");
        take(at("U1") + "&round=2", "98");
        stands("U1", "98");
        take(at("U1") + "&round=2", "99");
        stands("U1", "99");
        assertThat(settled("U1").round()).isEqualTo(2);
    }

    @Test
    void anotherTryIsOfTheSameRound() {
        take(at("U1"), "98");
        take(at("U1"), "99.5");
        take(at("U1"), "97");
        stands("U1", "99.5");
        assertThat(settled("U1").counted()).hasSize(3);
    }

    @Test
    void twoThatAgreedOverABandThatMovedSayNothingOfWhereItLiesNow() {
        take(at("U2"), "87");
        take(at("U2"), "87.5");
        stands("U2", "87.25");
        mark("P1");
        take(at("U2"), "83");
        stands("U2", "83");
        assertThat(settled("U2").note()).isEqualTo(Settled.Note.ONE_TRY);
        take(at("U2"), "83.5");
        stands("U2", "83.25");
    }

    @Test
    void overTheInterfaceARoundIsOpenedByAWord() {
        assertThat(post("", "U1=113")).isEqualTo(201);
        assertThat(post("", "U1=98")).isEqualTo(201);
        stands("U1", "113");
        assertThat(post(",\"again\":true", "U1=98", "U1=99")).isEqualTo(201);
        stands("U1", "99");
        String all = api.get("/api/v1/orders/" + id + "/readings").body();
        assertThat(all).contains("\"round\":2").contains("\"round\":1");
    }

    @Test
    void aRoundThatNobodyCouldHaveOpenedIsRefused() {
        post("", "U1=113");
        for (String round : new String[] {"0", "3", "1.5", "\"2\"", "100"}) {
            String document = "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"98\",\"round\":"
                    + round + "}]}";
            Api.Answer answer = api.post("/api/v1/orders/" + id + "/readings", document);
            assertThat(answer.status()).as(round).isEqualTo(422);
            assertThat(answer.body()).contains("/readings/0/round");
        }
        assertThat(post(",\"again\":\"yes\"", "U1=98")).isEqualTo(422);
        stands("U1", "113");
    }

    @Test
    void overTheInterfaceAMarkThatMovedOpensARoundToo() {
        post("", "U2=87", "U2=87.5");
        mark("P1");
        post("", "U2=83");
        stands("U2", "83");
    }

    /** The same key again is the reading that is kept already, and opens nothing. */
    @Test
    void whatIsSentTwiceOpensNoSecondRound() {
        post("", "U1=113");
        String document =
                "{\"misura\":\"readings/1\",\"again\":true,\"readings\":[{\"step\":\"U1\",\"text\":\"98\",\"key\":\"k-"
                        + id + "\"}]}";
        assertThat(api.post("/api/v1/orders/" + id + "/readings", document).status())
                .isEqualTo(201);
        assertThat(api.post("/api/v1/orders/" + id + "/readings", document).status())
                .isEqualTo(200);
        assertThat(settled("U1").round()).isEqualTo(2);
        assertThat(orders.get(id).readings()).hasSize(2);
    }

    /** A list that is to be taken again is walked from step to step and ends with what it changed. */
    @Test
    void aListIsWalkedAndEndsWithWhatChanged() {
        post("", "P3=171", "D1=103", "S1=78.5", "U1=113", "U2=82", "U2=82.5");
        String first = visitor.get("/orders/" + id + "/measure/again?steps=U1,U2,S1")
                .header("Location")
                .replaceAll("^https?://[^/]+", "");
        assertThat(first).contains("step=U1").contains("round=2").contains("walk=U2");
        String second = take(first, "98");
        assertThat(second).contains("step=U2").contains("round=2").contains("walk=S1");
        String still = take(second.replaceAll("&kept=[^&]*", ""), "83");
        assertThat(still).as("two tries are wanted").contains("step=U2").contains("round=2");
        String third = take(still, "83.5");
        assertThat(third).contains("step=S1").contains("walk=");
        String end = take(third, "78.5");
        assertThat(end).endsWith("/orders/" + id + "/proof#taken-again");
        stands("U1", "98");
        stands("U2", "83.25");
        String proof = visitor.get("/orders/" + id + "/proof").body();
        assertThat(proof)
                .contains("Taken again: U1, U2, S1".replace("U1, U2, S1", "U1, U2, S1"))
                .contains("U1, 113.0, is 98.0 now.")
                .contains("S1 came out the same.");
    }

    /** On a second screen the round that was opened on the first goes on. */
    @Test
    void aRoundThatIsBegunOnOneScreenEndsOnAnother() {
        post("", "U1=113");
        take(at("U1") + "&round=2", "98");
        Visitor other = Visitor.as(port, "measurer");
        Visitor mine = visitor;
        visitor = other;
        take(at("U1") + "&round=2", "99");
        visitor = mine;
        stands("U1", "99");
        assertThat(settled("U1").counted()).hasSize(2);
    }
}
