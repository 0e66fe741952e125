package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
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
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.springframework.beans.factory.annotation.Autowired;

/** A slip on any form is named in words, taken again it is gone, and accepted it stands until its value changes. */
class SlipsOnFormsTest extends InTheBrowser {
    @Autowired
    private Clients clients;

    @Autowired
    private OrderForms forms;

    private String id;
    private final Map<String, String> honest = new LinkedHashMap<>();

    /** An order of a form with the readings of an honest body, but for one. */
    private void order(String form, String planted, String wrong) throws IOException {
        String all = new String(
                SlipsOnFormsTest.class.getResourceAsStream("/walks.txt").readAllBytes(), StandardCharsets.UTF_8);
        String[] line = all.lines()
                .filter(l -> l.startsWith(form + "|"))
                .findFirst()
                .orElseThrow()
                .split("\\|");
        Client client = clients.add(
                new Client.About("Slip on " + form, Side.RIGHT, AgeGroup.ADULT, "", "", LocalDate.of(2026, 1, 1)),
                "owner");
        id = orders.add(
                        new NewOrder(
                                client.id(),
                                "slipped",
                                forms.get(form).in(Unit.parse(line[1])),
                                LocalDate.of(2027, 1, 1),
                                Map.of()),
                        "owner")
                .id();
        List<String> readings = new ArrayList<>();
        for (String each : line[2].split(" ")) {
            String[] parts = each.split("=");
            honest.put(parts[0], parts[1].replace('_', ' '));
            String text = parts[0].equals(planted) ? wrong : parts[1];
            String[] step = parts[0].split("-");
            readings.add("{\"step\":\"" + step[0] + "\",\"side\":"
                    + (step.length > 1 ? "\"" + step[1] + "\"" : "null") + ",\"text\":\"" + text.replace('_', ' ')
                    + "\"}");
        }
        String port = base.substring(base.lastIndexOf(':') + 1);
        assertThat(new Api(Integer.parseInt(port), "owner:demo-misura")
                        .post(
                                "/api/v1/orders/" + id + "/readings",
                                "{\"misura\":\"readings/1\",\"readings\":[" + String.join(",", readings) + "]}")
                        .status())
                .isEqualTo(201);
    }

    /** Sets every mark that the form asks for, as before any reading. */
    private void setMarksOf(String form) {
        for (Step step : forms.get(form).asked(Map.of())) {
            if (!step.takesReadings() && step.derived() == null) {
                browser.driver().get(base + "/orders/" + id + "/measure?step=" + step.label());
                browser.waitFor("#mark").click();
                browser.await(
                        "set " + step.label(),
                        () -> orders.get(id).taken().marks().isSet(step.label()));
            }
        }
    }

    private String sentence() {
        browser.driver().get(base + "/orders/" + id + "/proof");
        browser.waitFor("h1.sentence");
        return browser.text("h1.sentence");
    }

    /** Takes a value again on the screen, as whoever measures does. */
    private void take(String value, String text) {
        String[] step = value.split("-");
        browser.driver()
                .get(base + "/orders/" + id + "/measure?step=" + step[0] + (step.length > 1 ? "&side=" + step[1] : ""));
        browser.waitFor("#entry");
        int before = readings();
        browser.find("#entry").sendKeys(text, Keys.ENTER);
        // what is unusual for the measure is asked once more
        browser.await("kept or asked", () -> readings() > before || isAsked());
        if (readings() == before) {
            browser.find("#entry").sendKeys(Keys.ENTER);
        }
        browser.await("kept " + value, () -> readings() > before);
    }

    private boolean isAsked() {
        return browser.driver().getPageSource().contains("Enter again keeps it");
    }

    @ParameterizedTest
    @CsvSource({
        "trousers-tailored, S2, 39.5",
        "coat-tailored, A1-right, 71",
        "race-suit, S3, 15_1/2",
        "trousers-seated, S1-left, 78",
        "stage-wear, S1, 166",
        "period-upper, A4, 35"
    })
    void aSlipIsNamedTakenAgainAcceptedAndFalls(String form, String planted, String wrong) throws IOException {
        order(form, planted, wrong);
        browser.signIn(base, "owner");
        setMarksOf(form);
        assertThat(sentence()).contains("wrong").containsPattern("\\b" + planted.replace('-', ' ') + "\\b");
        assertThat(browser.text(".ask h2")).startsWith("Ask for again: ");

        take(planted, honest.get(planted));
        assertThat(sentence()).doesNotContain("wrong");
        assertThat(browser.driver().findElement(By.tagName("main")).getText())
                .contains("Taken again: " + planted.split("-")[0], "Before, the proof said:");

        take(planted, wrong.replace('_', ' '));
        assertThat(sentence()).contains("wrong");
        browser.find(".ask details.accept summary").click();
        browser.find(".ask details.accept input[name=reason]").sendKeys("looked at twice");
        browser.find(".ask details.accept button").click();
        browser.await("accepted", () -> browser.driver().getPageSource().contains("Accepted as it is"));
        assertThat(browser.text("h1.sentence")).doesNotContain("is wrong").doesNotContain("one body");
        assertThat(browser.text("#accepted-closure-wrong")).contains("looked at twice");

        take(planted, honest.get(planted));
        assertThat(sentence()).doesNotContain("Accepted as it is");
        assertThat(browser.text("#accepted-closure-wrong")).contains("stands no more");
    }
}
