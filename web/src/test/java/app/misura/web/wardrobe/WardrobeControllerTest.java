package app.misura.web.wardrobe;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.GarmentPlace;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class WardrobeControllerTest extends TestHouse {
    @Autowired
    private Wardrobe wardrobe;

    @Autowired
    private Clients clients;

    @LocalServerPort
    private int port;

    private Client client;
    private String page;
    private Visitor measurer;

    @BeforeEach
    void aClient() {
        client = clients.add(Client.About.of("Worn " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        page = "/clients/" + client.id() + "/garments";
        measurer = Visitor.as(port, "measurer");
        assertThat(measurer.get(page).body()).contains("None yet.");
    }

    private Visitor.Page add(String garment, String what, String unit, String text) {
        return measurer.post(page, Map.of("garment", garment, "what", what, "unit", unit, "text", text));
    }

    /** A flat width is doubled by the program; one that was said doubled already is not doubled again. */
    @ParameterizedTest
    @CsvSource({
        "chest, cm, 54, 108 cm round, flat 54 cm",
        "chest, cm, 54x2, 108 cm round, flat 54 cm",
        "collar, cm, '40,5', 40.5 cm, ''",
        "cuff, in, 4 5/8, 9 1/4 in round, flat 4 5/8 in"
    })
    void aLengthIsKeptAsItWasReadAndShownAsTheGarmentHasIt(
            String what, String unit, String text, String value, String read) {
        assertThat(add("white shirt", what, unit, text).status()).isEqualTo(302);
        assertThat(measurer.get(page).body())
                .contains("white shirt")
                .contains(value)
                .contains(read);
        assertThat(wardrobe.of(client.id()))
                .singleElement()
                .satisfies(w -> assertThat(w.text()).isEqualTo(text));
    }

    @Test
    void aStruckOneStaysInSight() {
        add("old coat", "sleeve", "cm", "62");
        String id = wardrobe.of(client.id()).get(0).id();
        measurer.get(page);
        measurer.post(page + "/" + id + "/strike", Map.of());
        assertThat(measurer.get(page).body()).contains("<s>62 cm</s>").contains(", struck");
        assertThat(clients.get(client.id()).bodyChangedAt()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "'', chest, 54, Say which garment it is",
        "shirt, ear, 54, Say where it was measured.",
        "shirt, chest, many, many",
        "shirt, chest, 21 in, Say a length in centimetres.",
        "shirt, chest, 0, Say a length in centimetres."
    })
    void whatCannotBeKeptIsSaidAndStands(String garment, String what, String text, String said) {
        Visitor.Page refused = add(garment, what, "cm", text);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains(said).contains("value=\"" + text + "\"");
        assertThat(wardrobe.of(client.id())).isEmpty();
    }

    @Test
    void itIsKeptApartFromTheBodyAndGoesWithTheClient() {
        add("white shirt", "collar", "cm", "40.5");
        assertThat(measurer.get("/clients/" + client.id()).body())
                .contains("Garments that fit")
                .doesNotContain("Known of the body");
        assertThat(GarmentPlace.HEM.of(Length.of("21", Unit.CM))).isEqualTo(Length.of("42", Unit.CM));
        clients.delete(client.id());
        assertThat(wardrobe.of(client.id())).isEmpty();
    }
}
