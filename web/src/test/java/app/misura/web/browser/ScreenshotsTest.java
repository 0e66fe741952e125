package app.misura.web.browser;

import app.misura.core.life.Stage;
import app.misura.web.TestHouse;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Takes the pictures of the main views from the demo data; runs only when asked for. */
@EnabledIfSystemProperty(named = "misura.shots", matches = ".+")
class ScreenshotsTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Orders orders;

    private final Browser browser = Browser.get();

    private GarmentOrder of(String name) {
        return orders.waiting(EnumSet.allOf(Stage.class), 200).stream()
                .filter(o -> o.client().name().startsWith(name))
                .findFirst()
                .orElseThrow();
    }

    private void shot(String name, String path, int width, int height, boolean dark) throws IOException {
        browser.size(width, height, dark);
        browser.driver().get("http://127.0.0.1:" + port + path);
        browser.script("return document.fonts.ready");
        if (path.endsWith("/cut")) {
            browser.find("button[data-line=knee]").click();
        }
        // where the data of a machine lie belongs in no picture
        browser.script(
                "for (const said of document.querySelectorAll('aside .soft'))"
                        + " if (said.textContent.includes('/copies')) said.textContent = said.textContent.replace(/ in \\/.*/, ' in data/copies')");
        Path folder = Path.of(System.getProperty("misura.shots"));
        Files.createDirectories(folder);
        Files.write(folder.resolve(name + ".png"), browser.picture());
    }

    /** The open order whose title begins so. */
    private GarmentOrder called(String title) {
        return orders.waiting(EnumSet.allOf(Stage.class), 200).stream()
                .filter(o -> o.title().startsWith(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void takeThemAll() throws IOException {
        browser.size(1280, 800, false);
        browser.signIn("http://127.0.0.1:" + port, "owner");
        String slip = "/orders/" + of("Leilani").id();
        String half = "/orders/" + of("Ikaika").id();
        String good = "/orders/" + of("Anselm").id();
        shot("today", "/", 1280, 800, false);
        shot("clients", "/clients", 1280, 800, false);
        shot("client", "/clients/" + of("Bartholomew").client().id(), 1280, 800, false);
        shot("new-order", "/orders/new?client=" + of("Anselm").client().id(), 1280, 800, false);
        shot("house", "/house", 1280, 800, false);
        shot("measuring", half + "/measure?step=S3", 1280, 800, false);
        shot("measuring-dark", half + "/measure?step=S3", 1280, 800, true);
        shot("measuring-wrong", slip + "/measure?step=S4", 1280, 800, false);
        shot("measuring-gate", slip + "/measure?gate=S", 1280, 800, false);
        String shirt = "/orders/" + called("concert shirt").id();
        shot("measuring-known", shirt + "/measure?step=B1", 1280, 800, false);
        shot("ready", "/orders/" + called("race suit").id() + "/ready", 1280, 800, false);
        shot("measuring-phone", half + "/measure?step=S3", 390, 844, false);
        shot("order", good + "/order", 1280, 800, false);
        shot("proof", slip + "/proof", 1280, 800, false);
        shot("cut", good + "/cut", 1280, 900, false);
        String limb = "/orders/" + of("Joaquim").id();
        shot("measuring-long", "/orders/" + called("race suit").id() + "/measure?step=S5", 1280, 800, false);
        shot("tapes", "/tapes?q=crotch", 1280, 800, false);
        shot("cut-limb", limb + "/cut", 1280, 900, false);
        shot("cut-uneven", "/orders/" + of("Yusra").id() + "/cut", 1280, 900, false);
    }
}
