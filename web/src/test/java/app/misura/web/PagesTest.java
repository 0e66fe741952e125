package app.misura.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.life.Stage;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The pages as a browser without a script sees them: rights, headers, tokens, bad input. */
class PagesTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    private String order;

    @BeforeEach
    void anOrder() {
        order = named("Leilani").id();
    }

    private GarmentOrder named(String start) {
        return orders.waiting(EnumSet.allOf(Stage.class), 200).stream()
                .filter(o -> o.client().name().startsWith(start))
                .findFirst()
                .orElseThrow();
    }

    /** A client and an order of their own, so that no test sees another's. */
    private String fresh(String name) {
        Client client = clients.add(Client.About.of(name, Side.RIGHT, AgeGroup.ADULT), "owner");
        return orders.add(
                        new Orders.NewOrder(
                                client.id(), "trousers", named("Leilani").form(), null, Map.of()),
                        "owner")
                .id();
    }

    private List<String> views() {
        List<String> views = new ArrayList<>(List.of("/", "/clients", "/clients/new", "/orders/new"));
        views.add("/clients/" + named("Leilani").client().id());
        for (String view : List.of("measure", "measure?step=D9", "measure?gate=S", "proof", "cut")) {
            views.add("/orders/" + order + "/" + view);
        }
        return views;
    }

    @Test
    void everyPageKeepsToItsPolicyAndHasNoInlineScriptOrStyle() {
        Visitor owner = Visitor.as(port, "owner");
        for (String view : views()) {
            Visitor.Page page = owner.get(view);
            assertThat(page.status()).as(view).isEqualTo(200);
            assertThat(page.header("Content-Security-Policy"))
                    .as(view)
                    .contains("default-src 'self'")
                    .doesNotContain("unsafe");
            assertThat(page.header("X-Content-Type-Options")).isEqualTo("nosniff");
            assertThat(page.body())
                    .as(view)
                    .doesNotContainPattern("<script(?![^>]*src=)")
                    .doesNotContain(" style=\"")
                    .doesNotContain("<style")
                    .doesNotContainPattern(" on[a-z]+=\"")
                    .doesNotContainPattern("(src|href|action)=\"(https?:)?//")
                    .doesNotContain("??");
        }
    }

    @Test
    void whatAPageLinksIsThere() {
        Visitor owner = Visitor.as(port, "owner");
        Set<String> linked = new TreeSet<>();
        for (String view : views()) {
            Matcher link = Pattern.compile("(?:<link[^>]*href|<script[^>]*src)=\"([^\"]+)\"")
                    .matcher(owner.get(view).body());
            while (link.find()) {
                linked.add(link.group(1));
            }
        }
        assertThat(linked).contains("/assets/css/theme.css", "/assets/css/parts/ladder.css", "/assets/js/measure.js");
        for (String file : linked) {
            assertThat(owner.get(file).status()).as(file).isEqualTo(200);
        }
        assertThat(owner.get("/assets/css/tokens.css").body()).contains("bootstrap.min.css\") layer(bootstrap)");
    }

    @Test
    void thePageThatHasAPartIsNotSentItAgain() {
        Visitor owner = Visitor.as(port, "owner");
        String path = "/orders/" + order + "/measure?step=D9";
        String whole =
                owner.get(path, "HX-Request", "true", "HX-Target", "measure").body();
        StringBuilder has = new StringBuilder();
        Matcher part = Pattern.compile("<[^>]*data-mark=\"[^>]*>").matcher(whole);
        while (part.find()) {
            has.append(part.group().replaceAll(".*\\bid=\"([^\"]*)\".*", "$1"))
                    .append('=')
                    .append(part.group().replaceAll(".*data-mark=\"([^\"]*)\".*", "$1"))
                    .append(' ');
        }
        assertThat(has.toString()).contains("figure=", "part-D=", "brackets=");
        String rest = owner.get(path, "HX-Request", "true", "HX-Target", "measure", "Misura-Has", has.toString())
                .body();
        assertThat(rest)
                .contains("id=\"stepname\"")
                .doesNotContain("id=\"rung-D9\"")
                .doesNotContain("<clipPath");
        assertThat(rest.length()).isLessThan(whole.length() / 4);
        String next = owner.get(
                        "/orders/" + order + "/measure?step=S1",
                        "HX-Request",
                        "true",
                        "HX-Target",
                        "measure",
                        "Misura-Has",
                        has.toString())
                .body();
        assertThat(next)
                .as("another step: its figure, the parts it is in and was in, no other")
                .contains("<clipPath", "id=\"rung-S1\"", "id=\"rung-D9\"")
                .doesNotContain("id=\"rung-M1\"");
    }

    @Test
    void withoutASessionAPageLeadsToTheSignInAndAPartOfOneSaysSo() {
        Visitor stranger = new Visitor(port);
        Visitor.Page page = stranger.get("/orders/" + order + "/measure");
        assertThat(page.status()).isEqualTo(302);
        assertThat(page.header("Location")).endsWith("/signin");
        assertThat(stranger.get("/orders/" + order + "/measure", "HX-Request", "true")
                        .status())
                .isEqualTo(401);
        assertThat(stranger.get("/actuator/env").status()).isEqualTo(302);
        assertThat(stranger.get("/h2-console").status()).isEqualTo(302);
        assertThat(Visitor.as(port, "owner").get("/h2-console").status()).isEqualTo(404);
    }

    @Test
    void aFormFromElsewhereChangesNothing() {
        Visitor owner = Visitor.as(port, "owner");
        String id = fresh("Forged Person");
        Visitor.Page page = owner.postWithoutToken("/orders/" + id + "/measure", Map.of("step", "P3", "text", "171"));
        assertThat(page.status()).isIn(302, 403);
        assertThat(orders.get(id).readings()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "viewer, /clients/new, 403",
        "viewer, /orders/new, 403",
        "measurer, /clients/new, 200",
        "cutter, /orders/new, 200",
        "owner, /clients/new, 200"
    })
    void whoMayOpenWhat(String account, String path, int status) {
        assertThat(Visitor.as(port, account).get(path).status()).isEqualTo(status);
    }

    @Test
    void aMeasurerChoosesNoCutAndOnlyTheOwnerDeletes() {
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/" + order + "/measure");
        assertThat(measurer.post(
                                "/orders/" + order + "/cut/garment",
                                Map.of("garment", "trousers-tailored", "version", "0"))
                        .status())
                .as("who measures turns to no other garment")
                .isEqualTo(403);
        assertThat(measurer.post("/orders/" + order + "/cut/choices", Map.of("fit", "easy"))
                        .status())
                .isEqualTo(403);
        Client kept = clients.add(Client.About.of("Kept Person", Side.RIGHT, AgeGroup.ADULT), "owner");
        Visitor cutter = Visitor.as(port, "cutter");
        cutter.get("/clients/" + kept.id() + "/edit");
        assertThat(cutter.post("/clients/" + kept.id() + "/delete", Map.of("confirm", "Kept Person"))
                        .status())
                .isEqualTo(403);
        assertThat(clients.find(kept.id())).isPresent();
    }

    @Test
    void aViewerWritesNothing() {
        Visitor viewer = Visitor.as(port, "viewer");
        String id = fresh("Watched Person");
        viewer.get("/orders/" + id + "/measure");
        for (String path : List.of("/orders/" + id + "/measure", "/orders/" + id + "/marks", "/orders")) {
            assertThat(viewer.post(path, Map.of("step", "P3", "text", "171")).status())
                    .as(path)
                    .isEqualTo(403);
        }
        assertThat(orders.get(id).readings()).isEmpty();
    }

    static List<String> bad() {
        return List.of(
                "12..5",
                "abc",
                "37 5/3",
                "-4",
                "0",
                "1e9",
                "67",
                "<script>alert(1)</script>",
                "🙂",
                "1".repeat(10_000));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void aBadEntryIsAnsweredWithTheWholePageAndWhatWasTyped(String text) {
        String id = fresh("Careful Person");
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/" + id + "/measure?step=P3");
        Visitor.Page page = measurer.post("/orders/" + id + "/measure", Map.of("step", "P3", "text", text));
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body())
                .contains("id=\"entry\"")
                .contains("value=\"" + text.replace("<", "&lt;").replace(">", "&gt;") + "\"")
                .contains("id=\"heard\"")
                .doesNotContain("<script>alert");
        assertThat(orders.get(id).readings()).isEmpty();
    }

    @Test
    void aReadingIsAnsweredWithTheNextPlace() {
        String id = fresh("Quick Person");
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/" + id + "/measure?step=P3");
        measurer.post("/orders/" + id + "/marks", Map.of("step", "P1"));
        Visitor.Page page =
                measurer.post("/orders/" + id + "/measure", Map.of("step", "P3", "text", "171", "key", "k-1"));
        assertThat(page.status()).isEqualTo(302);
        String next = page.header("Location").replaceFirst("^http://[^/]+", "");
        assertThat(next).startsWith("/orders/" + id + "/measure?step=");
        assertThat(measurer.get(next).body()).contains("Kept 171.0.");
        measurer.post("/orders/" + id + "/measure", Map.of("step", "P3", "text", "171", "key", "k-1"));
        assertThat(orders.get(id).readings()).as("the same key again").hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Z9", "P1", "rise", "../../etc", "<b>"})
    void aReadingForNoStepOfTheFormIsRefused(String step) {
        String id = fresh("Lost Person");
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/" + id + "/measure");
        Visitor.Page page = measurer.post("/orders/" + id + "/measure", Map.of("step", step, "text", "50"));
        assertThat(page.status()).isEqualTo(404);
        assertThat(page.body()).contains("has no step").doesNotContain("<b>");
        assertThat(orders.get(id).readings()).isEmpty();
    }

    @Test
    void theOrderOfADeletedClientSaysSoEverywhere() {
        String id = fresh("Leaving Person");
        Client client = orders.get(id).client();
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/clients/" + client.id() + "/edit");
        Visitor.Page wrong = owner.post("/clients/" + client.id() + "/delete", Map.of("confirm", "leaving"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.body()).contains("Nothing was deleted");
        assertThat(owner.post("/clients/" + client.id() + "/delete", Map.of("confirm", "Leaving Person"))
                        .status())
                .isEqualTo(302);
        for (String view : List.of("", "/measure", "/proof", "/cut", "/print/form.pdf", "/print/pattern.pdf")) {
            Visitor.Page page = owner.get("/orders/" + id + view);
            assertThat(page.status()).as(view).isEqualTo(404);
            assertThat(page.body()).contains("This order is not here any more");
        }
        assertThat(owner.post("/orders/" + id + "/measure", Map.of("step", "P3", "text", "171"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void anAddressThatIsNoneHasAWayOn() {
        Visitor.Page page = Visitor.as(port, "owner").get("/nowhere");
        assertThat(page.status()).isEqualTo(404);
        assertThat(page.body()).contains("href=\"/\"");
    }

    @Test
    void aNewClientWithFaultsKeepsWhatWasTyped() {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/clients/new");
        Visitor.Page page = owner.post(
                "/clients",
                Map.of("name", " ", "notes", "Allergic to <wool>", "handedness", "BOTH", "ageGroup", "ADULT"));
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body())
                .contains("A client has a name.")
                .contains("Say right or left.")
                .contains("Allergic to &lt;wool&gt;");
    }

    @Test
    void aNameWithAScriptIsOnlyAName() {
        String id = fresh("<script>alert(1)</script>");
        Visitor owner = Visitor.as(port, "owner");
        for (String view : List.of("/measure", "/proof", "/cut")) {
            assertThat(owner.get("/orders/" + id + view).body())
                    .as(view)
                    .contains("&lt;script&gt;")
                    .doesNotContain("<script>alert");
        }
        clients.delete(orders.get(id).client().id());
    }

    @Test
    void theListOfStepsHasNoNumberOfTheSheet() {
        Visitor.Page page = Visitor.as(port, "measurer").get("/orders/" + order + "/measure/steps");
        assertThat(page.header("Content-Type")).startsWith("application/json");
        assertThat(page.body())
                .contains("\"label\":\"D9\"")
                .contains("[\"left\",\"right\"]")
                .doesNotContain("104.5");
    }

    @Test
    void anOpenScreenSeesWhatWasReadElsewhere() {
        String id = fresh("Shared Person");
        Visitor measurer = Visitor.as(port, "measurer");
        String seen =
                measurer.get("/orders/" + id + "/measure?step=P3").body().replaceAll("(?s).*seen=([^&]+)&.*", "$1");
        assertThat(measurer.get("/orders/" + id + "/measure/ladder?step=P3&seen=" + seen)
                        .status())
                .isEqualTo(204);
        measurer.get("/orders/" + id + "/measure?step=P3");
        measurer.post("/orders/" + id + "/measure", Map.of("step", "P3", "text", "171"));
        Visitor.Page ladder = measurer.get("/orders/" + id + "/measure/ladder?step=D1&seen=0");
        assertThat(ladder.status()).isEqualTo(200);
        assertThat(ladder.body()).contains("171");
    }

    @Test
    void aNameThatFailedTooOftenIsToldSoWithTheStatusAndStaysTyped() {
        Visitor stranger = new Visitor(port);
        Map<String, String> wrong = Map.of("name", "nobody-at-the-door", "password", "wrong");
        for (int i = 0; i < 10; i++) {
            stranger.get("/signin");
            assertThat(stranger.post("/signin", wrong).status()).isLessThan(400);
        }
        stranger.get("/signin");
        Visitor.Page held = stranger.post("/signin", wrong);
        assertThat(held.status()).isEqualTo(429);
        assertThat(Integer.parseInt(held.header("Retry-After"))).isBetween(1, 300);
        assertThat(held.body()).contains("failed to sign in ten times").contains("value=\"nobody-at-the-door\"");
        assertThat(new Visitor(port).get("/signin/held").body())
                .as("nobody is told so who did not fail")
                .doesNotContain("failed to sign in ten times");
    }

    @Test
    void strangersHaveNoSession() {
        for (String path : new String[] {"/signin", "/", "/orders/" + order + "/proof", "/nowhere"}) {
            assertThat(new Visitor(port).get(path).headers().toString())
                    .as(path)
                    .doesNotContain("JSESSIONID");
        }
        Visitor stranger = new Visitor(port);
        stranger.get("/signin");
        assertThat(stranger.post("/signin", Map.of("name", "nobody-here", "password", "wrong"))
                        .headers()
                        .toString())
                .doesNotContain("JSESSIONID");
    }
}
