package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.life.Stage;
import app.misura.core.proof.Proof;
import app.misura.web.order.GarmentOrder;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;

/** Does what a person does, from signing in to the paper in the hand. */
@EnabledIfSystemProperty(named = "misura.browser", matches = "true")
class MainWayTest extends InTheBrowser {
    @Test
    void fromSignInToThePaperByKeyboard() throws Exception {
        signInByKeyboard();
        orderByKeyboard("Keyboard Person");
        String id = orderId();
        measure();
        browser.type(Keys.ESCAPE);
        follow("#measure a[href$='/proof']", "proof");
        assertThat(browser.text(".sentence")).isEqualTo("These numbers are one body.");
        GarmentOrder order = orders.get(id);
        Proof proof = Proof.of(order.sheet());
        assertThat(proof.adjustment().holds()).isTrue();
        follow("main a[href$='/cut']", "cut");
        assertNumbers(order, "regular");
        browser.tabTo("input[name=fit]:checked");
        browser.type(Keys.ARROW_RIGHT);
        browser.await(
                "redrawn",
                () -> browser.text("tr[data-of=seat] [data-finished]").equals("109.0"));
        assertNumbers(orders.get(id), "easy");
        byte[] sheet = download("/orders/" + id + "/print/cut.pdf");
        try (var document = Loader.loadPDF(sheet)) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                    .contains("Keyboard Person")
                    .contains("109.0")
                    .contains("measured again on the drawn lines");
        }
        try (var pattern = Loader.loadPDF(download("/orders/" + id + "/print/pattern.pdf?paper=a4"))) {
            assertThat(pattern.getNumberOfPages()).isGreaterThan(10);
        }
        try (var form = Loader.loadPDF(download("/orders/" + id + "/print/form.pdf"))) {
            assertThat(new PDFTextStripper().getText(form)).contains("101.5").contains("These numbers are one body.");
        }
    }

    /** Opens the house's address, and from there on touches nothing but keys. */
    private void signInByKeyboard() {
        browser.driver().get(base + "/signin");
        browser.driver().manage().deleteAllCookies();
        browser.driver().get(base + "/");
        browser.tabTo("#name");
        browser.type("owner");
        browser.tabTo("#password");
        browser.type("demo-misura", Keys.ENTER);
        browser.await("signed in", () -> !browser.driver().getCurrentUrl().contains("/signin"));
    }

    private void follow(String link, String where) {
        browser.tabTo(link);
        browser.enter();
        browser.await(where, () -> browser.driver().getCurrentUrl().contains("/" + where));
    }

    private void orderByKeyboard(String name) {
        follow("nav a[href$='/clients']", "clients");
        follow("main a[href$='/clients/new']", "clients/new");
        browser.tabTo("#name");
        browser.type(name, Keys.ENTER);
        browser.await("client page", () -> browser.text("h1").equals(name));
        follow("main a[href*='/orders/new']", "orders/new");
        browser.tabTo("main form button[type=submit]");
        browser.enter();
        browser.waitFor("#measure");
    }

    private void assertNumbers(GarmentOrder order, String fit) {
        Garment garment = Garments.shipped().of(order.form()).orElseThrow();
        CutSpec spec = ((Cutting.Cut) Cutting.of(
                        Proof.of(order.sheet()),
                        garment,
                        garment.choices().usual(order.answers()).with("fit", fit)))
                .spec();
        for (String line :
                List.of("waist", "seat", "knee", "hem", "rise", "inside-leg", "outside-leg", "crotch-loop")) {
            assertThat(browser.text("tr[data-of=" + line + "] [data-finished]"))
                    .as(line)
                    .isEqualTo(
                            String.format(Locale.ROOT, "%.1f", spec.line(line).finished() / 10));
        }
        assertThat(browser.text(".proofcut h2")).matches("Proof of the cut: all \\d+ hold");
    }

    /** Fetches with the browser's own session. */
    private byte[] download(String path) throws Exception {
        String cookies = browser.driver().manage().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
        HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(base + path))
                                .header("Cookie", cookies)
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/pdf");
        return answer.body();
    }

    @Test
    void aWrongReadingIsNamedAndTheWayOutTaken() {
        String id = newOrder("Slipping Person");
        setMarks();
        for (String label : READINGS.keySet()) {
            if (label.equals("M1")) {
                break;
            }
            measure(label, label.equals("S2") ? List.of("40.5") : READINGS.get(label));
        }
        browser.await("the gate of part S", () -> browser.text(".stephead .no").equals("S"));
        assertThat(browser.text(".questions")).contains("S2 + D3 is 8.0 over S1");
        assertThat(browser.all(".againlist b").stream().map(WebElement::getText))
                .as("the seat would tell the two apart, and is offered first")
                .containsExactly("M1", "S1", "S2");
        assertThat(browser.all("#entry")).isEmpty();
        assertThat(browser.text("#onward")).as("who goes on leaves it open").isEqualTo("Go on, clear it later");
        browser.type("g");
        awaitStep("M1");
        measure("M1", READINGS.get("M1"));
        browser.await(
                "the gate knows which",
                () -> browser.text(".questions").contains("One number is wrong: S2, about 8 cm too long."));
        assertThat(browser.text("#rung-S2")).contains("wrong");
        browser.driver().get(base + "/orders/" + id + "/proof");
        assertThat(browser.text(".sentence")).contains("One number is wrong: S2, about 8 cm too long.");
        onPaperTheBarsAreThere();
        browser.driver().findElement(By.linkText("Take S2 again")).click();
        awaitStep("S2");
        int before = readings();
        browser.type("32.5");
        browser.enter();
        browser.await(
                "the list is walked", () -> browser.driver().getCurrentUrl().endsWith("/proof#taken-again"));
        assertThat(orders.get(id).readings()).hasSize(before + 1);
        assertThat(browser.text(".proof")).contains("Taken again: S2").contains("S2, 40.5, is 32.5 now.");
        assertThat(browser.text(".sentence"))
                .as("what is not taken yet is not said to agree")
                .contains("So far nothing contradicts itself.")
                .contains("Still to come: M2.");
        browser.driver().get(base + "/orders/" + id + "/measure");
        measure("M2", READINGS.get("M2"));
        measure("W1", READINGS.get("W1"));
        browser.driver().get(base + "/orders/" + id + "/proof");
        assertThat(browser.text(".sentence")).isEqualTo("These numbers are one body.");
    }

    /** Printed, the page loses its head and not its bars. */
    private void onPaperTheBarsAreThere() {
        browser.driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", "print"));
        assertThat(browser.all(".sumsfig .bar, .sumsfig .bad")).isNotEmpty().allMatch(WebElement::isDisplayed);
        assertThat(browser.find("header").isDisplayed()).isFalse();
        assertThat(browser.text(".proof")).contains("Slipping Person");
        browser.driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
    }

    @Test
    void badEntriesAreRefusedWithoutLoss() {
        newOrder("Careful Person");
        setMarks();
        for (String bad : List.of("12..5", "abc", "37 5/3", "-4", "0", "1e9", "<script>alert(1)</script>")) {
            browser.await(
                    "focus",
                    () -> browser.find("#entry")
                            .equals(browser.driver().switchTo().activeElement()));
            browser.type(Keys.chord(Keys.CONTROL, "a"), bad);
            browser.enter();
            browser.await(
                    "refused " + bad,
                    () -> browser.all(".entry.wrong").size() == 1
                            && browser.find("#entry").getAttribute("value").equals(bad));
            browser.await("said why " + bad, () -> !browser.text("#heard").isBlank() && step().equals("P3"));
            assertThat(readings()).isZero();
        }
        assertThat(browser.all("script:not([src])")).isEmpty();
    }

    @Test
    void anInchSizedNumberIsKeptOnlyTwiceAsked() {
        newOrder("Inch Person");
        setMarks();
        browser.type("67");
        browser.enter();
        browser.await("asked", () -> browser.text("#heard").contains("67.0 looks like inches; this form is in cm"));
        assertThat(readings()).isZero();
        browser.find("#entry").sendKeys(Keys.ENTER);
        browser.await("kept after all", () -> readings() == 1);
    }

    @Test
    void readingsSurviveAReloadAndAStrikeStays() {
        String id = newOrder("Striking Person");
        setMarks();
        browser.type("171");
        browser.enter();
        awaitStep("D1");
        browser.type("130");
        browser.await("understood", () -> browser.text("#heard").contains("read as 130.0 cm"));
        browser.type(Keys.SHIFT, Keys.ENTER);
        browser.await("a second try", () -> shown() == 2 && step().equals("D1"));
        browser.driver().navigate().to(base + "/orders/" + id + "/measure?step=D1");
        assertThat(browser.text(".tries")).contains("130.0");
        browser.type("x");
        browser.await("dialog", () -> browser.find("#strikedialog").isDisplayed());
        browser.find("#reason").sendKeys("tape twisted");
        browser.find("#reason").sendKeys(Keys.ENTER);
        browser.await("struck", () -> browser.text(".tries").contains("struck, tape twisted"));
        assertThat(browser.text("#rung-D1")).doesNotContain("130");
    }

    @Test
    void aNumberLightsItsLineAndAnEdgeItsPartner() {
        String id = orders.waiting(EnumSet.allOf(Stage.class), 200).stream()
                .filter(o -> o.client().name().startsWith("Anselm"))
                .findFirst()
                .orElseThrow()
                .id();
        browser.signIn(base, "cutter");
        browser.driver().get(base + "/orders/" + id + "/cut");
        browser.find("button[data-line=knee]").click();
        assertThat(browser.all(".pc .lv.lit")).hasSize(2);
        assertThat(browser.text("section[data-chain=knee]"))
                .contains("M2 read")
                .contains("41.0")
                .contains("= finished");
        browser.script(
                "document.querySelector('.hit[data-edge=inseam]').dispatchEvent(new MouseEvent('click',{bubbles:true}))");
        assertThat(browser.all(".pc .e.lit")).hasSize(2);
        new Select(browser.find("#choice-front")).selectByValue("two-pleats");
        browser.await(
                "two pleats and the back's dart", () -> browser.all(".pc .dart").size() == 3);
        WebElement hem = browser.find("#choice-hem-girth");
        hem.sendKeys("wide", Keys.TAB);
        browser.await(
                "fault said", () -> !browser.all("#choice-hem-girth-fault").isEmpty());
        assertThat(browser.find("#choice-hem-girth").getAttribute("value")).isEqualTo("wide");
    }

    @Test
    void aViewerReadsAndCannotWrite() {
        String id = orders.waiting(EnumSet.allOf(Stage.class), 200).get(0).id();
        browser.signIn(base, "viewer");
        browser.driver().get(base + "/orders/" + id + "/measure");
        assertThat(browser.all("#entry")).isEmpty();
        browser.driver().get(base + "/clients/new");
        assertThat(browser.text("h1")).isEqualTo("Not with this account");
        browser.driver().get(base + "/orders/none/proof");
        assertThat(browser.text("main")).contains("This order is not here any more");
    }

    @Test
    void everyViewIsAccessibleWideAndNarrowLightAndDark() {
        List<GarmentOrder> open = orders.waiting(EnumSet.allOf(Stage.class), 200);
        String slip = open.stream()
                .filter(o -> o.client().name().startsWith("Leilani"))
                .findFirst()
                .orElseThrow()
                .id();
        GarmentOrder good = open.stream()
                .filter(o -> o.client().name().startsWith("Anselm"))
                .findFirst()
                .orElseThrow();
        String suit = called(open, "race suit");
        browser.driver().manage().deleteAllCookies();
        browser.driver().get(base + "/signin");
        check("/signin");
        browser.signIn(base, "owner");
        List<String> views = List.of(
                "/",
                "/clients",
                "/clients/new",
                "/clients/" + good.client().id(),
                "/clients/" + good.client().id() + "/edit",
                "/house",
                "/house/rules",
                "/house/people/cutter",
                "/account",
                "/how",
                "/forms",
                "/tapes?q=crotch",
                "/clients/" + good.client().id() + "/garments",
                "/clients/" + good.client().id() + "/compare",
                "/house/sizes",
                "/house/tools",
                "/house/checks",
                "/house/proportions?fit=true",
                "/house/hands",
                "/orders/new?client=" + good.client().id(),
                "/orders/" + suit + "/ready",
                "/orders/" + called(open, "concert shirt") + "/measure?step=B1",
                "/orders/" + called(open, "concert shirt") + "/order",
                "/orders/" + suit + "/measure?step=S3",
                "/orders/" + suit + "/proof",
                "/orders",
                "/orders/new",
                "/orders/" + slip + "/order",
                "/orders/" + slip + "/edit",
                "/orders/" + slip + "/changes",
                "/orders/" + slip + "/measure?gate=S",
                "/orders/" + slip + "/measure?step=D9",
                "/orders/" + slip + "/measure?step=S4",
                "/orders/" + slip + "/measure?step=P1",
                "/orders/" + slip + "/photographs",
                "/orders/" + slip + "/tape",
                "/orders/" + slip + "/proof",
                "/orders/" + good.id() + "/cut",
                "/orders/" + of(open, "Joaquim") + "/measure?step=D2",
                "/orders/" + of(open, "Joaquim") + "/cut",
                "/orders/" + of(open, "Ngaire") + "/measure?step=D7",
                "/orders/" + of(open, "Ngaire") + "/proof",
                "/orders/" + of(open, "Ngaire") + "/cut",
                "/orders/none/cut",
                "/nowhere");
        look(views, 1280, 800, false);
        look(views, 360, 780, false);
        // dark differs in its colours alone, and they are the same however wide it is
        look(views, 1280, 800, true);
    }

    private void look(List<String> views, int width, int height, boolean dark) {
        browser.size(width, height, dark);
        for (String view : views) {
            browser.driver().get(base + view);
            check(view + " at " + width + (dark ? " dark" : " light"), dark);
            Long over = (Long) browser.script(
                    "return document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(over).as(view + " scrolls sideways at " + width).isLessThanOrEqualTo(0);
        }
    }

    private static String called(List<GarmentOrder> open, String title) {
        return open.stream()
                .filter(o -> o.title().startsWith(title))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static String of(List<GarmentOrder> open, String client) {
        return open.stream()
                .filter(o -> o.client().name().startsWith(client))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private void check(String view) {
        check(view, false);
    }

    /** @param dark whether the same was looked at in light: only its colours are others then */
    private void check(String view, boolean dark) {
        AxeBuilder axe = new AxeBuilder();
        axe = dark
                ? axe.withOnlyRules(List.of("color-contrast"))
                : axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"));
        List<Rule> violations = axe.analyze(browser.driver()).getViolations();
        assertThat(violations.stream()
                        .map(r -> r.getId() + ": "
                                + r.getNodes().stream()
                                        .limit(3)
                                        .map(n -> n.getHtml())
                                        .toList()))
                .as(view)
                .isEmpty();
    }
}
