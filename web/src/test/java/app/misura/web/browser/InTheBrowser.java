package app.misura.web.browser;

import app.misura.web.TestHouse;
import app.misura.web.TestOrders;
import app.misura.web.order.Orders;
import java.util.ArrayList;
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
    static final Map<String, List<String>> READINGS = readings(TestOrders.FULL + " W1=21.5");

    private static Map<String, List<String>> readings(String written) {
        Map<String, List<String>> readings = new LinkedHashMap<>();
        for (String each : written.split(" ")) {
            String[] parts = each.split("=");
            readings.computeIfAbsent(parts[0].replaceAll("-(left|right)$", ""), l -> new ArrayList<>())
                    .add(parts[1]);
        }
        return readings;
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
