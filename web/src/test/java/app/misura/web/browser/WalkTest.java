package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.Api;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.Orders.NewOrder;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;

/** Other forms than trousers, walked from the first mark to the printed cut sheet as a measurer walks them. */
class WalkTest extends InTheBrowser {
    @Autowired
    private Clients clients;

    @Autowired
    private OrderForms forms;

    /** What is read on a form, by value. */
    private static Map<String, Deque<String>> read(String form) throws IOException {
        String all =
                new String(WalkTest.class.getResourceAsStream("/walks.txt").readAllBytes(), StandardCharsets.UTF_8);
        String line =
                all.lines().filter(l -> l.startsWith(form + "|")).findFirst().orElseThrow();
        Map<String, Deque<String>> values = new HashMap<>();
        for (String each : line.split("\\|")[2].split(" ")) {
            String[] parts = each.split("=");
            values.computeIfAbsent(parts[0], k -> new ArrayDeque<>()).add(parts[1].replace('_', ' '));
        }
        return values;
    }

    private String order(String form, String unit, String name) {
        Client client = clients.add(
                new Client.About(name, Side.RIGHT, AgeGroup.ADULT, "", "", LocalDate.of(2026, 1, 1)), "owner");
        return orders.add(
                        new NewOrder(
                                client.id(),
                                "walked",
                                forms.get(form).in(Unit.parse(unit)),
                                LocalDate.of(2027, 1, 1),
                                Map.of()),
                        "owner")
                .id();
    }

    private String value(String css, String attribute) {
        return browser.all(css).isEmpty() ? "" : browser.find(css).getAttribute(attribute);
    }

    /** Types what is asked until nothing is asked any more. @return the labels of the steps, in the order they were asked */
    private List<String> walk(Map<String, Deque<String>> values) {
        List<String> asked = new ArrayList<>();
        for (int i = 0; i < 200 && browser.all("#finished").isEmpty(); i++) {
            String at = browser.driver().getTitle() + shown() + value("#entryform [name=side]", "value");
            if (!browser.all("#mark").isEmpty()) {
                asked.add(step());
                browser.find("#mark").click();
            } else if (!browser.all("#onward").isEmpty()) {
                browser.find("#onward").click();
            } else {
                String side = value("#entryform [name=side]", "value");
                String id = step() + (side.isEmpty() ? "" : "-" + side);
                Deque<String> left = values.get(id);
                assertThat(left).as("a value for " + id).isNotEmpty();
                asked.add(id);
                browser.find("#entry").sendKeys(left.peek(), Keys.ENTER);
                if (left.size() > 1) {
                    left.poll();
                }
            }
            browser.await(
                    "on from " + at,
                    () -> !(browser.driver().getTitle() + shown() + value("#entryform [name=side]", "value")).equals(at)
                            || !browser.all("#finished").isEmpty());
        }
        return asked;
    }

    /** From paper a form is typed in by numbers and Enter alone: no pointer, and no key more. */
    @Test
    void knownValuesCostTheirDigitsAndOneKey() throws IOException {
        browser.signIn(base, "owner");
        String id = order("coat-tailored", "cm", "Typist");
        browser.driver().get(base + "/orders/" + id + "/measure");
        browser.waitFor("#measure");
        browser.script("window.pressed = 0; window.addEventListener('keydown', () => window.pressed++, true);");
        Map<String, Deque<String>> values = read("coat-tailored");
        int needed = 0;
        while (browser.all("#finished").isEmpty()) {
            String at = browser.driver().getTitle() + shown() + value("#entryform [name=side]", "value");
            String side = value("#entryform [name=side]", "value");
            boolean mark = !browser.all("#mark").isEmpty();
            Deque<String> left = values.get(step() + (side.isEmpty() ? "" : "-" + side));
            String text = mark ? "m" : left.peek();
            browser.type(text);
            needed += text.length();
            if (!mark) {
                browser.enter();
                needed++;
                if (left.size() > 1) {
                    left.poll();
                }
            }
            browser.await(
                    "on from " + at,
                    () -> !(browser.driver().getTitle() + shown() + value("#entryform [name=side]", "value")).equals(at)
                            || !browser.all("#finished").isEmpty());
        }
        assertThat(((Number) browser.script("return window.pressed")).intValue())
                .isEqualTo(needed);
        assertThat(orders.get(id).course().isAtEnd()).isTrue();
        assertThat(orders.get(id).course().counted()).hasSizeGreaterThan(25);
    }

    @ParameterizedTest
    @CsvSource({
        "coat-tailored,cm,1280,800",
        "race-suit,in,1280,800",
        "tunic,in,1280,800",
        "stage-wear,cm,390,844",
        "trousers-seated,cm,1280,800"
    })
    void aFormIsWalkedToThePrintedCutSheet(String form, String unit, int width, int height) throws IOException {
        browser.signIn(base, "owner");
        browser.size(width, height, false);
        String id = order(form, unit, "Walker of " + form);
        browser.driver().get(base + "/orders/" + id + "/measure");
        browser.waitFor("#measure");
        List<String> asked = walk(read(form));
        assertThat(asked)
                .as("every value of the form")
                .hasSizeGreaterThanOrEqualTo(orders.get(id).course().counted().size());
        assertThat(browser.text("#stepname")).startsWith("All ").endsWith("steps are taken.");
        browser.driver().get(base + "/orders/" + id + "/cut");
        assertThat(browser.all("tbody tr[data-of]")).hasSizeGreaterThan(9);
        assertThat(browser.text("main")).contains("No pieces are drawn for this garment yet");
        browser.find("#print").click();
        browser.await(
                "printed",
                () -> orders.get(id) != null
                                && !browser.all(".proofcut a[href*='/print/cut/']")
                                        .isEmpty()
                        || browser.driver().getCurrentUrl().contains("/print/"));
    }

    @Test
    void theEntryStandsInOnePlaceOnTheLongestForm() throws IOException {
        browser.signIn(base, "owner");
        String id = order("race-suit", "in", "Long Form");
        browser.driver().get(base + "/orders/" + id + "/measure?step=P1");
        browser.find("#mark").click();
        awaitStep("P1a");
        List<String> labels = orders.get(id).course().counted().stream()
                .filter(s -> s.takesReadings() && !s.side().isTwo())
                .map(app.misura.core.form.Step::label)
                .toList();
        Long place = null;
        for (String label : labels) {
            browser.driver().get(base + "/orders/" + id + "/measure?step=" + label);
            awaitStep(label);
            Long top = (Long) browser.script(
                    "return Math.round(document.querySelector('#entry').getBoundingClientRect().bottom)");
            place = place == null ? top : place;
            assertThat(top).as("entry of " + label).isEqualTo(place);
            assertThat((Long) browser.script("return document.documentElement.scrollHeight"))
                    .as("page of " + label)
                    .isLessThanOrEqualTo(800);
        }
        assertThat(labels).hasSizeGreaterThan(45);
    }

    /** A short form with a wrong sum and the longest form, from the narrowest phone to the desk. */
    @Test
    void nothingScrollsSidewaysAtAnyWidth() throws IOException {
        browser.signIn(base, "owner");
        List<String> sheets = List.of(order("trousers-tailored", "cm", "Wide"), order("race-suit", "in", "Wider"));
        Api api = new Api(Integer.parseInt(base.replaceAll(".*:", "")), "measurer:demo-misura");
        api.post(
                "/api/v1/orders/" + sheets.get(0) + "/readings",
                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"D3\",\"text\":\"45.5\"},"
                        + "{\"step\":\"S1\",\"text\":\"78.5\"},{\"step\":\"S2\",\"text\":\"40\"}]}");
        for (String id : sheets) {
            for (int width : List.of(360, 390, 767, 799, 800, 1024, 1079, 1080, 1180, 1263, 1264, 1600)) {
                browser.size(width, 800, false);
                browser.driver().get(base + "/orders/" + id + "/measure");
                browser.waitFor("#measure");
                assertThat(((Number) browser.script("return document.documentElement.scrollWidth")).intValue())
                        .as(id + " at " + width)
                        .isLessThanOrEqualTo(width);
            }
        }
    }

    @Test
    void aFoldedPartIsLookedAtAndTheWorkStays() throws IOException {
        browser.signIn(base, "owner");
        String id = order("race-suit", "in", "Folded Form");
        browser.driver().get(base + "/orders/" + id + "/measure?step=P1");
        browser.find("#mark").click();
        awaitStep("P1a");
        browser.driver().get(base + "/orders/" + id + "/measure?step=S3");
        awaitStep("S3");
        assertThat(browser.text(".partline.open .name")).isEqualTo("Self-held");
        browser.find("#entry").sendKeys("12");
        browser.find("#line-U").click();
        browser.await(
                "the part is open", () -> browser.text(".partline.open .name").equals("Up"));
        assertThat(browser.all("#rung-U1")).hasSize(1);
        assertThat(value("#entry", "value")).as("what is typed stays").isEqualTo("12");
        browser.find("#entry").sendKeys(Keys.ESCAPE);
        browser.await(
                "the own part again", () -> browser.text(".partline.open .name").equals("Self-held"));
        browser.driver().findElement(By.id("line-M")).sendKeys(Keys.ENTER);
        browser.await("by keys", () -> browser.text(".partline.open .name").equals("Moved"));
        assertThat(browser.driver().switchTo().activeElement().getAttribute("id"))
                .isEqualTo("line-M");
    }
}
