package app.misura.web.how;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.judging.Judging;
import app.misura.core.measure.Play;
import app.misura.core.proof.Bracket;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.ui.FormSaid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** How it works is said of what there is: every form, every sign, every way the tape may lie. */
class HowTest extends TestHouse {
    @LocalServerPort
    private int port;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "trousers-tailored | over 9 of 18 readings | ends in pieces at their true size",
                "trousers-tailored-helper | 2 sums, over 5 of 11 readings | ends in pieces at their true size",
                "trousers-tailored-alone | no sum: nothing checks the lengths | can go on into Trousers, tailored",
                "limb-cover | 1 sum, over 2 of | ends in pieces at their true size"
            })
    void whatAFormDoesIsCountedFromIt(String id, String checks, String ends) {
        String said = FormSaid.of(OrderForms.shipped().get(id), Judging.usual()).whole();
        assertThat(said).contains(checks).contains(ends);
    }

    @Test
    void thePageNamesEveryFormEverySignAndEveryPlay() {
        String page = Visitor.as(port, "viewer").get("/how").body();
        for (OrderForm form : OrderForms.shipped().all()) {
            assertThat(page).contains(form.title());
        }
        for (Bracket.State state : Bracket.State.values()) {
            if (state != Bracket.State.NOT_CHECKED) {
                assertThat(page).contains(state.word());
            }
        }
        for (Play play : Play.values()) {
            assertThat(page).contains(play.sentence());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/clients", "/orders", "/orders/new", "/house", "/account", "/how", "/forms"})
    void oneQuietLinkLeadsThereFromEveryPage(String page) {
        assertThat(Visitor.as(port, "owner").get(page).body()).contains("href=\"/how\"");
    }

    @Test
    void thePageOfFormsSaysWhatEachChecksAndWhatWouldAddMost() {
        String page = Visitor.as(port, "viewer").get("/forms").body();
        OrderForms.shipped()
                .all()
                .forEach(f -> assertThat(page).contains("id=\"" + f.id() + "\"").contains(f.title()));
        assertThat(page)
                .contains("S3, S4, S5.")
                .contains("Nothing here checks itself.")
                .contains("would close a sum")
                .doesNotContain("NaN")
                .doesNotContain("null");
    }
}
