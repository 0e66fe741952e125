package app.misura.web.tapes;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

class TapesTest extends TestHouse {
    @LocalServerPort
    private int port;

    private String page(String path) {
        return Visitor.as(port, "viewer").get(path).body();
    }

    @Test
    void everyMeasureOfTheCatalogueThatATapeTakesIsThere() {
        String page = page("/tapes");
        for (Measure measure : Catalogue.shipped().all()) {
            if (measure.kind() != Kind.MASS) {
                assertThat(page).contains("/tapes/" + measure.code() + "/picture");
            }
        }
    }

    @Test
    void aWordFindsThemByNamePlaceAndKind() {
        assertThat(page("/tapes?q=crotch+loop")).contains("Torso loop").doesNotContain("Wrist girth");
        assertThat(page("/tapes?q=girth+seated")).contains("Seat girth, seated");
        assertThat(page("/tapes?q=moon")).contains("No tape has these words.");
    }

    @Test
    void eachPictureHasIdsOfItsOwn() {
        String seat = page("/tapes/seat-girth/picture");
        String wrist = page("/tapes/wrist-girth/picture");
        assertThat(seat).startsWith("<svg").contains("id=\"seat-girth-").doesNotContain("href=\"#b");
        assertThat(wrist).contains("id=\"wrist-girth-");
        assertThat(Visitor.as(port, "viewer").get("/tapes/moon/picture").status())
                .isEqualTo(404);
    }
}
