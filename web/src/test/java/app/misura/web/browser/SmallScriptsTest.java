package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.client.Clients;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.springframework.beans.factory.annotation.Autowired;

/** What scripts do on every page: a form is sent once, a ladder is one stop, a refusal reaches the eye. */
class SmallScriptsTest extends InTheBrowser {
    @Autowired
    private Clients clients;

    @Test
    void aButtonThatIsTouchedTwiceMakesOneClient() {
        browser.signIn(base, "owner");
        browser.driver().get(base + "/clients/new");
        browser.find("#name").sendKeys("Twice Touched");
        new Actions(browser.driver())
                .doubleClick(browser.find("main form button[type=submit]"))
                .perform();
        browser.await("client page", () -> browser.text("h1").equals("Twice Touched"));
        assertThat(clients.search("Twice Touched", 0, 10).total()).isEqualTo(1);
        browser.driver().navigate().back();
        browser.waitFor("#name");
        browser.find("#name").clear();
        browser.find("#name").sendKeys("Twice Touched Again");
        browser.find("main form button[type=submit]").click();
        browser.await("come back to, it is sent anew", () -> browser.text("h1").equals("Twice Touched Again"));
    }

    @Test
    void theRungsOfALadderAreOneStopAndTheArrowsGoAlongThem() {
        String id = newOrder("Arrow Person");
        browser.driver().get(base + "/orders/" + id + "/proof");
        List<String> labels = browser.all(".rungs a[data-rung]").stream()
                .map(r -> r.getAttribute("id"))
                .toList();
        assertThat(labels).hasSizeGreaterThan(15);
        browser.tabTo(".rungs a[data-rung]");
        int at = labels.indexOf(focused().getAttribute("id"));
        focused().sendKeys(Keys.ARROW_DOWN);
        assertThat(focused().getAttribute("id")).isEqualTo(labels.get(at + 1));
        focused().sendKeys(Keys.ARROW_DOWN);
        focused().sendKeys(Keys.ARROW_UP);
        assertThat(focused().getAttribute("id")).isEqualTo(labels.get(at + 1));
        focused().sendKeys(Keys.TAB);
        assertThat(focused().getAttribute("data-rung"))
                .as("one more stop is off the ladder")
                .isNull();
    }

    private WebElement focused() {
        return browser.driver().switchTo().activeElement();
    }

    @Test
    void whatASignedOutPageIsRefusedIsSaidThere() {
        String id = newOrder("Refused Person");
        for (String mark : List.of("P1", "P2")) {
            awaitStep(mark);
            browser.type("m");
        }
        awaitStep("P3");
        browser.driver().get(base + "/orders/" + id + "/cut");
        browser.driver().manage().deleteAllCookies();
        browser.find("label[for=fit-easy]").click();
        browser.await(
                "a refusal",
                () -> !browser.all("#refusal, [role=alert]").isEmpty()
                        && !browser.text("main [role=alert]").isEmpty());
        assertThat(browser.driver().findElements(By.id("refusal")))
                .singleElement()
                .satisfies(said -> assertThat(said.getText()).containsAnyOf("signed out", "open too long"));
        browser.signIn(base, "owner");
        browser.driver().get(base + "/orders/" + id + "/cut");
        assertThat(browser.find("#fit-regular").isSelected())
                .as("and nothing was changed")
                .isTrue();
    }
}
