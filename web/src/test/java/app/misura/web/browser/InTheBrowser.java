package app.misura.web.browser;

import app.misura.web.TestHouse;
import app.misura.web.order.Orders;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.openqa.selenium.By;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A house with a browser in front of it, and what every way through it does. */
abstract class InTheBrowser extends TestHouse {
    /** In the form's order; a step that is taken on both sides or until two agree has two. */
    static final Map<String, List<String>> READINGS = new LinkedHashMap<>();

    static {
        READINGS.put("P3", List.of("171"));
        READINGS.put("D1", List.of("103"));
        READINGS.put("D2", List.of("58.5"));
        READINGS.put("D3", List.of("45"));
        READINGS.put("D4", List.of("18"));
        READINGS.put("D7", List.of("36.5"));
        READINGS.put("D8", List.of("38"));
        READINGS.put("D9", List.of("57.5", "58"));
        READINGS.put("U1", List.of("101.5"));
        READINGS.put("U2", List.of("87.5", "87.5"));
        READINGS.put("S1", List.of("77.5"));
        READINGS.put("S2", List.of("32.5"));
        READINGS.put("S3", List.of("69.5"));
        READINGS.put("S4", List.of("27"));
        READINGS.put("S5", List.of("42.5"));
        READINGS.put("M1", List.of("25.5"));
        READINGS.put("M2", List.of("41"));
        READINGS.put("W1", List.of("21.5"));
    }

    @LocalServerPort
    private int port;

    @Autowired
    Orders orders;

    Browser browser;
    String base;

    @BeforeEach
    void open() {
        browser = Browser.get();
        browser.size(1280, 800, false);
        base = "http://127.0.0.1:" + port;
    }

    String newOrder(String name) {
        browser.signIn(base, "owner");
        browser.driver().get(base + "/clients/new");
        browser.find("#name").sendKeys(name);
        browser.find("main form button[type=submit]").click();
        browser.await("client page", () -> browser.text("h1").equals(name));
        browser.driver().findElement(By.linkText("New order")).click();
        browser.await("order form", () -> browser.driver().getCurrentUrl().contains("/orders/new"));
        browser.driver()
                .get(
                        browser.driver().getCurrentUrl().contains("client=")
                                ? browser.driver().getCurrentUrl()
                                : clientOrder(name));
        browser.find("#title").clear();
        browser.find("#title").sendKeys("test trousers");
        browser.find("main form button[type=submit]").click();
        browser.waitFor("#measure");
        return browser.driver().getCurrentUrl().replaceAll(".*/orders/([a-z0-9]+)/.*", "$1");
    }

    String clientOrder(String name) {
        browser.driver().get(base + "/clients?q=" + name.replace(' ', '+'));
        browser.driver().findElement(By.partialLinkText(name)).click();
        browser.await("client page", () -> browser.text("h1").equals(name));
        return base + "/orders/new?client=" + browser.driver().getCurrentUrl().replaceAll(".*/clients/", "");
    }

    String step() {
        return browser.text(".stephead .no");
    }

    void awaitStep(String label) {
        browser.await("step " + label, () -> step().equals(label));
    }

    void setMarks() {
        awaitStep("P1");
        browser.type("m");
        awaitStep("P2");
        browser.type("m");
        awaitStep("P3");
    }

    /** Types every reading from the keyboard. */
    void measure() {
        setMarks();
        READINGS.keySet().forEach(label -> measure(label, READINGS.get(label)));
    }

    void measure(String label, List<String> texts) {
        awaitStep(label);
        for (String text : texts) {
            int before = readings();
            browser.await(
                    "empty entry",
                    () -> browser.find("#entry").getAttribute("value").isEmpty()
                            && browser.find("#entry")
                                    .equals(browser.driver().switchTo().activeElement()));
            browser.type(text);
            browser.enter();
            browser.await("kept " + label + " " + text, () -> readings() == before + 1);
            browser.await("page after " + label, () -> shown() == before + 1);
        }
    }

    String orderId() {
        return browser.driver().getCurrentUrl().replaceAll(".*/orders/([a-z0-9]+)/.*", "$1");
    }

    int readings() {
        return orders.get(orderId()).readings().size();
    }

    int shown() {
        String get = browser.find("#ladder").getAttribute("hx-get");
        return Integer.parseInt(get.replaceAll(".*seen=(\\d+).*", "$1"));
    }
}
