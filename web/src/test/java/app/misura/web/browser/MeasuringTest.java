package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.ValueId;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.web.Visitor;
import app.misura.web.reading.StoredReading;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The measuring screen by hand: its keys, its marks, both sides, and a house that cannot be reached. */
@EnabledIfSystemProperty(named = "misura.browser", matches = "true")
class MeasuringTest extends InTheBrowser {
    @AfterEach
    void reachable() {
        network(false);
    }

    private void network(boolean away) {
        network(away, 0);
    }

    /** @param latency so many milliseconds until an answer comes */
    private void network(boolean away, int latency) {
        browser.driver().executeCdpCommand("Network.enable", Map.of());
        browser.driver()
                .executeCdpCommand(
                        "Network.emulateNetworkConditions",
                        Map.of("offline", away, "latency", latency, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    private String entry() {
        return browser.find("#entry").getAttribute("value");
    }

    /** Goes out of the house's reach, once the page knows the steps. */
    private void leave() {
        browser.await(
                "steps are there",
                () -> Boolean.TRUE.equals(
                        browser.script(
                                "return performance.getEntriesByType('resource').some(e => e.name.endsWith('/steps') && e.responseEnd > 0)")));
        network(true);
    }

    private void at(String id, String step) {
        browser.driver().get(base + "/orders/" + id + "/measure?step=" + step);
        awaitStep(step);
    }

    /** What stands on a rung, seen and unseen, without blanks. */
    private String rung(String label) {
        return browser.find("#rung-" + label).getAttribute("textContent").replaceAll("\\s+", "");
    }

    private List<String> texts(String id, String step) {
        return orders.get(id).readings().stream()
                .filter(r -> r.reading().step().equals(step) && r.reading().counts())
                .map(StoredReading::reading)
                .map(r -> LengthText.column(Objects.requireNonNull(r.length()), Unit.CM))
                .toList();
    }

    @Test
    void partsStepsAndTheFigureTurnByKey() {
        String id = newOrder("Handy Person");
        setMarks();
        at(id, "D1");
        browser.type(Keys.ARROW_DOWN);
        awaitStep("D2");
        browser.type(Keys.ARROW_UP);
        awaitStep("D1");
        browser.type("]");
        awaitStep("U1");
        browser.type("[");
        awaitStep("D1");
        browser.type("f");
        browser.await("turned", () -> browser.driver().getCurrentUrl().contains("view="));
        browser.type("?");
        browser.await("keys", () -> browser.find("#keysdialog").isDisplayed());
        browser.type(Keys.ESCAPE);
        browser.await("back", () -> !browser.find("#keysdialog").isDisplayed());
    }

    /** Only what changed is sent: after each way on, what stands on the page is what a fresh load would show. */
    @Test
    void whatThePageKeepsIsWhatItWouldBeSent() {
        String id = newOrder("Kept Person");
        setMarks();
        browser.type("171", Keys.ENTER);
        awaitStep("D1");
        asFresh(id, "D1");
        browser.type("103", Keys.chord(Keys.SHIFT, Keys.ENTER));
        browser.await("again", () -> browser.all(".tries").size() == 1);
        browser.script("document.getElementById('figure').own = 'still here'");
        browser.type("103", Keys.chord(Keys.SHIFT, Keys.ENTER));
        browser.await(
                "twice", () -> browser.text(".tries").replaceAll("\\s+", " ").contains("103.0 103.0"));
        assertThat(browser.script("return document.getElementById('figure').own"))
                .as("the same step has the same figure, which is not sent again")
                .isEqualTo("still here");
        asFresh(id, "D1");
        browser.type(Keys.ARROW_DOWN);
        awaitStep("D2");
        browser.type("58.5", Keys.ENTER);
        awaitStep("D3");
        asFresh(id, "D3");
    }

    private void asFresh(String id, String step) {
        String parts =
                "return Array.from(document.querySelectorAll('[data-mark]')).map(e => e.id + e.className + e.innerHTML).join('\\n')";
        browser.await(
                "settled",
                () -> Boolean.TRUE.equals(browser.script(
                        "return !document.querySelector('.htmx-request,.htmx-swapping,.htmx-settling')")));
        Object kept = browser.script(parts);
        at(id, step);
        assertThat(kept).isEqualTo(browser.script(parts));
    }

    @Test
    void aKeyThatIsACommandIsALetterInAnEntryThatIsNotEmpty() {
        newOrder("Typing Person");
        setMarks();
        browser.type("18x2");
        browser.await("understood", () -> browser.text("#heard").contains("36.0"));
        assertThat(browser.find("#entry").getAttribute("value")).isEqualTo("18x2");
        assertThat(browser.find("#strikedialog").isDisplayed()).isFalse();
        browser.type(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
        browser.type("w");
        browser.await(
                "said",
                () -> browser.find("#measure [role=status]")
                        .getAttribute("textContent")
                        .contains("No sum has this step"));
    }

    @Test
    void lettersMayBeSwitchedOff() {
        String id = newOrder("Speaking Person");
        setMarks();
        browser.type("?");
        browser.await("keys", () -> browser.find("#keysdialog").isDisplayed());
        browser.find("#letters").click();
        browser.type(Keys.ESCAPE);
        at(id, "D1");
        browser.type("]");
        browser.await(
                "typed", () -> browser.find("#entry").getAttribute("value").equals("]"));
        assertThat(step()).isEqualTo("D1");
        browser.script("localStorage.clear()");
    }

    @Test
    void bothSidesAreReachedByTheirLetter() {
        String id = newOrder("Even Person");
        setMarks();
        at(id, "D9");
        browser.type("r");
        browser.await("right", () -> browser.driver().getCurrentUrl().contains("side=right"));
        browser.type("58");
        browser.enter();
        browser.await("the left waits", () -> browser.text(".sidename.on").equals("left"));
        browser.type("57.5");
        browser.enter();
        browser.await("kept", () -> readings() == 2);
        assertThat(orders.get(id).sheet().settled()).containsKeys(ValueId.parse("D9-left"), ValueId.parse("D9-right"));
        browser.await("page after", () -> shown() == 2);
        assertThat(rung("D9")).contains("57.5").contains("58.0");
    }

    @Test
    void aStepWithoutItsMarkWaitsAndSetsItInPlace() {
        String id = newOrder("Unmarked Person");
        at(id, "D3");
        assertThat(browser.all("#entry")).isEmpty();
        assertThat(browser.text("form.locked")).contains("Needs P2 first");
        assertThat(rung("D8")).contains("needsP2");
        browser.type("m");
        browser.await("unlocked", () -> browser.all("#entry").size() == 1);
        assertThat(step()).isEqualTo("D3");
        assertThat(orders.get(id).taken().marks().isSet("P2")).isTrue();
        browser.type("45");
        browser.enter();
        browser.await("kept", () -> readings() == 1);
    }

    /** Whoever reads before the mark is set has read it all the same. */
    @Test
    void whatIsTypedAtAStepThatWaitsForItsMarkWaitsWithIt() {
        String id = newOrder("Hasty Reader");
        at(id, "D1");
        browser.waitFor("form.locked");
        browser.type("105.5");
        browser.await("it waits", () -> browser.text("#waiting").contains("105.5"));
        browser.enter();
        browser.await("typed for the step", () -> entry().equals("105.5"));
        assertThat(orders.get(id).taken().marks().isSet("P1")).isTrue();
        assertThat(orders.get(id).readings()).isEmpty();
        browser.enter();
        browser.await("kept", () -> texts(id, "D1").equals(List.of("105.5")));
    }

    /** What the entry holds back may be sent the moment it is cleared. */
    @Test
    void aNoteIsKeptAsSoonAsTheEntryIsCleared() {
        String id = newOrder("Noted Person");
        setMarks();
        browser.find("#entry").sendKeys("18");
        browser.find(".outs details:last-of-type summary").click();
        browser.find("#note").sendKeys("stands crooked");
        browser.driver()
                .findElement(By.xpath("//button[text()='Keep the note']"))
                .click();
        browser.await("held", () -> browser.driver().getPageSource().contains("stands in the entry"));
        browser.find("#entry").clear();
        browser.driver()
                .findElement(By.xpath("//button[text()='Keep the note']"))
                .click();
        browser.await("noted", () -> orders.get(id).taken().notes().containsKey("P3"));
    }

    /** At a step that looks for the widest a slip is forgotten once it is taken again, whoever goes back to it by key. */
    @Test
    void aWidestIsTakenAgain() {
        String id = newOrder("Widest Again");
        setMarks();
        at(id, "U1");
        browser.type("113");
        browser.enter();
        browser.await("kept", () -> texts(id, "U1").equals(List.of("113.0")));
        at(id, "S1");
        browser.type("78.5");
        browser.enter();
        browser.await("kept", () -> texts(id, "S1").equals(List.of("78.5")));
        at(id, "U1");
        assertThat(browser.text(".tries")).contains("113.0").contains("before");
        browser.type("98");
        browser.enter();
        browser.await("kept again", () -> texts(id, "U1").size() == 2);
        browser.await("the ladder has it", () -> rung("U1").contains("98.0"));
        assertThat(orders.get(id).readings().get(2).reading().round()).isEqualTo(2);
    }

    @Test
    void aMarkThatMovedIsAnsweredWithOneClickWhereTheNumberStays() {
        String id = newOrder("Moving Person");
        setMarks();
        at(id, "D3");
        browser.type("45");
        browser.enter();
        browser.await("kept", () -> readings() == 1);
        at(id, "P2");
        browser.type("m");
        browser.await("moved", () -> browser.all(".moved").size() == 1);
        assertThat(browser.text(".moved")).isEqualTo("Knee centre moved: 1 step to look at again");
        assertThat(rung("D3")).contains("tobelookedatagain");
        at(id, "D3");
        browser.find("#still").click();
        browser.await("kept again", () -> readings() == 2);
        browser.await("settled", () -> browser.all(".moved").isEmpty());
        assertThat(texts(id, "D3")).containsExactly("45.0", "45.0");
    }

    @Test
    void whatIsReadAwayFromTheHouseComesHomeInOrderAndOnce() {
        String id = newOrder("Far Person");
        setMarks();
        leave();
        browser.type("171");
        browser.enter();
        awaitStep("D1");
        assertThat(browser.text("#alone")).contains("Not reached since").contains("1 reading is kept here");
        assertThat(rung("P3")).contains("171");
        browser.type("103");
        browser.enter();
        awaitStep("D2");
        assertThat(browser.text("#alone")).contains("2 readings are kept here");
        assertThat(readings()).isZero();
        network(false);
        browser.await("home", () -> readings() == 2);
        browser.await(
                "said no more",
                () -> browser.all("#alone").isEmpty() || !browser.find("#alone").isDisplayed());
        assertThat(orders.get(id).readings())
                .extracting(r -> r.reading().step())
                .containsExactly("P3", "D1");
        browser.driver().navigate().refresh();
        browser.await("loaded", () -> rung("D1").contains("103.0"));
        assertThat(readings()).isEqualTo(2);
    }

    @Test
    void theScreenStaysAtItsStepWhenTheHouseAnswersAgainAndSoDoesWhatIsTyped() {
        String id = newOrder("Steady Person");
        setMarks();
        leave();
        browser.type("171");
        browser.enter();
        awaitStep("D1");
        browser.type("103");
        browser.enter();
        awaitStep("D2");
        browser.type("58");
        network(false);
        browser.await("home", () -> readings() == 2);
        browser.await("settled", () -> shown() == 2);
        assertThat(step()).isEqualTo("D2");
        assertThat(entry()).as("half-typed").isEqualTo("58");
        browser.type(".5");
        browser.enter();
        browser.await("kept", () -> readings() == 3);
        assertThat(texts(id, "D2")).containsExactly("58.5");
    }

    @Test
    void whatIsTypedBeforeTheAnswerIsThereBelongsToTheStepThatComes() {
        String id = newOrder("Fast Person");
        setMarks();
        leave();
        network(false, 700);
        browser.type("171", Keys.ENTER, "103", Keys.ENTER, "58", Keys.ENTER, "4");
        assertThat(step()).isEqualTo("D3");
        browser.await("kept", () -> readings() == 3);
        browser.await("settled", () -> shown() == 3);
        assertThat(step()).isEqualTo("D3");
        assertThat(entry()).isEqualTo("4");
        assertThat(texts(id, "P3")).containsExactly("171.0");
        assertThat(texts(id, "D1")).containsExactly("103.0");
        assertThat(texts(id, "D2")).containsExactly("58.0");
    }

    @Test
    void whatIsRefusedWhileSomebodyTypesOnIsTakenUpAfterwards() {
        String id = newOrder("Hasty Person");
        setMarks();
        leave();
        network(false, 500);
        browser.type("67", Keys.ENTER, "10");
        browser.await("said", () -> browser.text("#alone").contains("did not take “67” for P3"));
        assertThat(step()).isEqualTo("D1");
        assertThat(entry()).isEqualTo("10");
        browser.type("3");
        browser.enter();
        browser.await("D1 is kept", () -> texts(id, "D1").contains("103.0"));
        browser.driver().findElement(By.linkText("Take it up")).click();
        awaitStep("P3");
        assertThat(entry()).isEqualTo("67");
        browser.type(Keys.chord(Keys.CONTROL, "a"), "171", Keys.ENTER);
        browser.await("kept", () -> texts(id, "P3").equals(List.of("171.0")));
        browser.await("said no more", () -> !browser.find("#alone").isDisplayed());
    }

    @Test
    void whatIsTypedStaysWithItsStep() {
        String id = newOrder("Wandering Person");
        setMarks();
        at(id, "D1");
        browser.type("103.");
        browser.type(Keys.ARROW_DOWN);
        awaitStep("D2");
        assertThat(entry()).isEmpty();
        browser.driver().navigate().refresh();
        awaitStep("D2");
        browser.type(Keys.ARROW_UP);
        awaitStep("D1");
        browser.await("typed for it", () -> entry().equals("103."));
        browser.driver().navigate().refresh();
        browser.await("after a reload too", () -> entry().equals("103."));
        browser.type("5", Keys.ENTER);
        awaitStep("D2");
        at(id, "D1");
        assertThat(entry()).isEmpty();
        assertThat(texts(id, "D1")).containsExactly("103.5");
    }

    /** The house takes the reading and its answer reaches nobody, as when the page is left at once. */
    private void hearNoAnswer() {
        browser.script("document.addEventListener('htmx:beforeOnLoad', e => e.preventDefault())");
    }

    /** How many readings this page has sent, and their answers came. */
    private long sent() {
        return (Long) browser.script("return performance.getEntriesByType('resource')"
                + ".filter(e => e.initiatorType === 'xmlhttprequest' && e.name.endsWith('/measure')).length");
    }

    @Test
    void aReadingWhoseAnswerNobodyHeardIsNotOfferedAgain() {
        String id = newOrder("Unheard Person");
        setMarks();
        at(id, "D1");
        hearNoAnswer();
        browser.type("103", Keys.ENTER);
        browser.await("kept", () -> texts(id, "D1").equals(List.of("103.0")));
        browser.enter();
        browser.await("sent again", () -> sent() == 2);
        assertThat(texts(id, "D1")).as("kept once").containsExactly("103.0");
        at(id, "D1");
        assertThat(entry()).isEmpty();
        browser.type("104", Keys.ENTER);
        browser.await("a second try", () -> texts(id, "D1").equals(List.of("103.0", "104.0")));
    }

    @Test
    void whatWasSentAndIsNotKeptStaysAndMendedItIsAnotherReading() {
        String id = newOrder("Patient Person");
        setMarks();
        at(id, "D1");
        hearNoAnswer();
        browser.type("67", Keys.ENTER);
        String key = String.valueOf(browser.script("return document.querySelector('[name=key]').value"));
        at(id, "D1");
        assertThat(entry()).as("asked about, not kept: it is here still").isEqualTo("67");
        assertThat(browser.find("[name=key]").getAttribute("value")).isEqualTo(key);
        browser.type(Keys.chord(Keys.CONTROL, "a"), "103");
        assertThat(browser.find("[name=key]").getAttribute("value")).isNotEqualTo(key);
        browser.enter();
        awaitStep("D2");
        assertThat(texts(id, "D1")).containsExactly("103.0");
    }

    @Test
    void whatTheHouseRefusesOnItsWayHomeIsMendedBeforeTheRestFollows() {
        String id = newOrder("Doubtful Person");
        setMarks();
        leave();
        browser.type("67");
        browser.enter();
        awaitStep("D1");
        browser.type("103");
        browser.enter();
        awaitStep("D2");
        network(false);
        browser.await(
                "the refused one stands in its entry",
                () -> step().equals("P3")
                        && browser.find("#entry").getAttribute("value").equals("67"));
        assertThat(readings()).isZero();
        browser.find("#entry").sendKeys(Keys.chord(Keys.CONTROL, "a"), "171");
        browser.enter();
        browser.await("all of it is home", () -> readings() == 2);
        assertThat(texts(id, "P3")).containsExactly("171.0");
        assertThat(texts(id, "D1")).containsExactly("103.0");
    }

    @Test
    void onASharedTabletNothingComesHomeUnderAnothersName() {
        String id = newOrder("Tablet Person");
        setMarks();
        browser.driver().manage().deleteAllCookies();
        browser.type("171");
        browser.enter();
        browser.await("said", () -> browser.text("#alone").contains("sign in again"));
        browser.signIn(base, "measurer");
        browser.driver().get(base + "/orders/" + id + "/measure");
        browser.await("told", () -> browser.text("#alone").contains("1 reading is kept here for owner"));
        assertThat(readings()).isZero();
        browser.signIn(base, "owner");
        browser.driver().get(base + "/orders/" + id + "/measure");
        browser.await("home", () -> readings() == 1);
        assertThat(orders.get(id).readings().get(0).reading().by()).isEqualTo("owner");
    }

    @Test
    void anOpenScreenSeesWhatAnotherReads() {
        String id = newOrder("Shared Person");
        setMarks();
        Visitor other = Visitor.as(Integer.parseInt(base.replaceAll(".*:", "")), "measurer");
        other.get("/orders/" + id + "/measure?step=D1");
        other.post("/orders/" + id + "/measure", Map.of("step", "D1", "text", "103"));
        other.get("/orders/" + id + "/measure?step=U1");
        browser.type("17");
        browser.await("seen", () -> rung("D1").contains("103.0"));
        browser.await("who is where", () -> rung("U1").contains("ishere"));
        assertThat(browser.find("#entry").getAttribute("value"))
                .as("what is being typed stays")
                .isEqualTo("17");
    }

    /** One calls out and another types: the screen that is looked at goes along, unless something is typed on it. */
    @Test
    void aScreenFollowsAnothersSteps() {
        String id = newOrder("Followed Person");
        setMarks();
        Visitor other = Visitor.as(Integer.parseInt(base.replaceAll(".*:", "")), "measurer");
        other.get("/orders/" + id + "/measure?step=D4");
        browser.await(
                "somebody else", () -> !browser.all("[data-follow^=measurer]").isEmpty());
        assertThat(step()).as("nobody is followed unasked").isEqualTo("P3");
        browser.find("[data-follow^=measurer]").click();
        awaitStep("D4");
        other.get("/orders/" + id + "/measure?step=U1");
        awaitStep("U1");
        browser.type("9");
        other.get("/orders/" + id + "/measure?step=S1");
        browser.await(
                "what is typed stays",
                () -> !browser.all("[data-stays]:not([hidden])").isEmpty()
                        && step().equals("U1")
                        && entry().equals("9"));
        browser.find("#entry").sendKeys(Keys.BACK_SPACE);
        awaitStep("S1");
        browser.find("[data-follow^=measurer]").click();
        other.get("/orders/" + id + "/measure?step=D1");
        browser.await(
                "where they are",
                () -> browser.find("[data-person^=measurer]").getText().contains("D1"));
        assertThat(step()).isEqualTo("S1");
    }

    /** A word has no keypad: the phone's own letters are typed, and the button that keeps them stands there. */
    @Test
    void aWordIsTypedAndKeptOnAPhone() {
        browser.signIn(base, "owner");
        String cm = newOrder("Worded Person");
        String client = orders.get(cm).client().id();
        browser.driver().get(base + "/orders/new?client=" + client + "&form=target-coat");
        browser.find("main form button[type=submit]").click();
        browser.waitFor("#measure");
        String id = orderId();
        browser.size(390, 844, false);
        at(id, "P4");
        assertThat(browser.all(".keypad")).isEmpty();
        browser.find("#entry").sendKeys("mr 48");
        browser.find("#entryform .acts .btn-primary").click();
        browser.await("kept", () -> orders.get(id).readings().size() == 1);
        assertThat(orders.get(id).readings().get(0).reading().text())
                .as("letters are letters, no keys")
                .isEqualTo("mr 48");
        at(id, "P4");
        browser.await("seen", () -> browser.text(".tries").contains("mr 48"));
    }

    @Test
    void fractionsOfAnInchHaveTheirKeys() {
        browser.signIn(base, "owner");
        String cm = newOrder("Fraction Person");
        String client = orders.get(cm).client().id();
        browser.driver().get(base + "/orders/new?client=" + client);
        browser.find("label[for=unit-in]").click();
        browser.find("main form button[type=submit]").click();
        browser.waitFor("#measure");
        String id = orderId();
        browser.size(390, 844, false);
        at(id, "P3");
        browser.find(".keypad [data-key='6']").click();
        browser.find(".keypad [data-key='7']").click();
        browser.find(".keypad [data-fraction='1/4']").click();
        browser.find(".keypad [data-fraction='1/2']").click();
        assertThat(browser.find("#entry").getAttribute("value")).isEqualTo("67 3/4");
        browser.find(".keypad [data-fraction='1/4']").click();
        assertThat(browser.find("#entry").getAttribute("value")).isEqualTo("68");
        browser.find(".keypad [data-key='clear']").click();
        assertThat(browser.find("#entry").getAttribute("value")).isEmpty();
        browser.find("#entry").sendKeys("67 1/4");
        browser.find(".keypad .keep").click();
        browser.await("kept", () -> orders.get(id).readings().size() == 1);
        assertThat(LengthText.column(
                        Objects.requireNonNull(
                                orders.get(id).readings().get(0).reading().length()),
                        Unit.INCH))
                .isEqualTo("67 1/4");
    }

    @Test
    void anExpiredSessionKeepsWhatWasTyped() {
        String id = newOrder("Late Person");
        setMarks();
        browser.driver().manage().deleteAllCookies();
        browser.type("171");
        browser.enter();
        browser.await("said", () -> browser.text("#alone").contains("sign in again"));
        assertThat(browser.text("#alone")).contains("1 reading is kept here");
        browser.signIn(base, "owner");
        browser.driver().get(base + "/orders/" + id + "/measure");
        browser.await("home", () -> orders.get(id).readings().size() == 1);
    }
}
