package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.proof.Proof;
import app.misura.core.reading.LeftOut;
import app.misura.web.order.GarmentOrder;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.support.ui.Select;

/** A limb that ends early, from the order to its pieces. */
@EnabledIfSystemProperty(named = "misura.browser", matches = "true")
class LimbTest extends InTheBrowser {
    private static final List<String> LEG = List.of(
            "D4=31",
            "D5=27",
            "D6=34.5",
            "D7=41",
            "D8=38",
            "D9=47",
            "D10=41",
            "D11=54",
            "D12=47.5",
            "D13=64",
            "D14=51",
            "D15=71",
            "D16=69.5");

    /** Orders the cover of a leg for somebody new, and comes to its first step. */
    private String cover(String name) {
        browser.signIn(base, "owner");
        browser.driver().get(base + "/clients/new");
        browser.find("#name").sendKeys(name);
        browser.find("main form button[type=submit]").click();
        browser.await("client page", () -> browser.text("h1").equals(name));
        browser.driver().get(clientOrder(name));
        new Select(browser.find("#form")).selectByValue("limb-cover");
        browser.await(
                "the questions of the cover",
                () -> browser.find("#title").getAttribute("value").equals("Limb cover")
                        && !browser.all("input[name='options[sides]']").isEmpty());
        assertThat(browser.all("input[name='options[front]']"))
                .as("what trousers ask")
                .isEmpty();
        browser.find("main form button[type=submit]").click();
        browser.waitFor("#measure");
        for (String mark : List.of("P1", "P2", "P3")) {
            awaitStep(mark);
            browser.type("m");
        }
        awaitStep("D1");
        return orderId();
    }

    private void leaveOut(String label, String word) {
        awaitStep(label);
        browser.find(".leaveout summary").click();
        browser.find(".leaveout button[value=" + word + "]").click();
        browser.await("on from " + label, () -> !step().equals(label));
    }

    @Test
    void aLimbThatEndsEarlyIsMeasuredProvedAndCut() {
        String id = cover("Limb Person");
        for (String label : List.of("D1", "D2", "D3")) {
            leaveOut(label, "not-there");
        }
        assertThat(browser.text("#rung-D2")).contains("not there");
        for (String entry : LEG) {
            measure(entry.split("=")[0], List.of(entry.split("=")[1]));
        }
        browser.driver().get(base + "/orders/" + id + "/proof");
        assertThat(browser.text(".sentence").replaceAll("\\s+", " "))
                .isEqualTo("Nothing here contradicts itself. Of the lengths only D13, D15 are checked by a sum.");
        browser.driver().get(base + "/orders/" + id + "/cut");
        GarmentOrder order = orders.get(id);
        Garment garment = Garments.shipped().of(order.form()).orElseThrow();
        CutSpec spec = ((Cutting.Cut) Cutting.of(
                        Proof.of(order.sheet()), garment, garment.choices().usual(order.answers())))
                .spec();
        for (String line : List.of("top", "knee", "calf", "grip-band")) {
            assertThat(browser.text("tr[data-of=" + line + "] [data-finished]"))
                    .as(line)
                    .isEqualTo(
                            String.format(Locale.ROOT, "%.1f", spec.line(line).finished() / 10));
        }
        assertThat(browser.all("tr[data-of=ankle]")).isEmpty();
        assertThat(browser.text(".proofcut h2")).matches("Proof of the cut: all \\d+ hold");
        browser.find("label[for=skin-numb]").click();
        browser.await("refused", () -> browser.text(".pieces").contains("a licensed fitter decides"));
        assertThat(browser.all("svg.pc")).isEmpty();
    }

    @Test
    void whatWasLeftOutIsTakenAfterAll() {
        String id = cover("Second Thought");
        leaveOut("D1", "refused");
        browser.driver().get(base + "/orders/" + id + "/measure?step=D1");
        assertThat(browser.text(".out")).startsWith("Left out: refused.");
        browser.find(".out button").click();
        browser.await("taken back", () -> browser.all(".out").isEmpty());
        assertThat(orders.get(id).sheet().leftOut()).isEmpty();
        leaveOut("D1", "not-known");
        browser.driver().get(base + "/orders/" + id + "/measure?step=D1");
        measure("D1", List.of("26"));
        assertThat(browser.text("#rung-D1").replaceAll("\\s+", ""))
                .contains("26.0")
                .doesNotContain("notknown");
        assertThat(orders.get(id).sheet().leftOut())
                .as("what was said stays, and what was read stands")
                .extracting(LeftOut::why)
                .containsExactly(LeftOut.Why.NOT_KNOWN);
    }

    @Test
    void whatIsTypedIsNotLostByLeavingTheStepOut() {
        String id = cover("Typing Person");
        browser.find("#entry").sendKeys("26");
        browser.find(".leaveout summary").click();
        browser.find(".leaveout button[value=refused]").click();
        browser.await("held back", () -> browser.text("[data-held]").contains("stands in the entry"));
        assertThat(browser.find("#entry").getAttribute("value")).isEqualTo("26");
        assertThat(orders.get(id).sheet().leftOut()).isEmpty();
    }
}
