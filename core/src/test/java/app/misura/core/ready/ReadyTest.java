package app.misura.core.ready;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.length.Unit;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReadyTest {
    private static Ready ready(String form, Unit unit, Map<String, String> answers) {
        OrderForm asked = OrderForms.shipped().get(form).in(unit);
        return Ready.of(new Sheet(asked, Wearer.USUAL, asked.answers(answers), List.of()));
    }

    @Test
    void trousersWantABandAChairAWallAndARuler() {
        Ready ready = ready("trousers-tailored", Unit.CM, Map.of());
        assertThat(ready.hand())
                .contains(
                        new Ready.Line("A tape that reads half centimetres", List.of()),
                        new Ready.Line("A cord or an elastic band for the waist", List.of("P1")),
                        new Ready.Line("A hard, level chair", List.of("M1")),
                        new Ready.Line("A wall, and something level for the crown", List.of("P3")),
                        new Ready.Line("A ruler or a thin book to stand astride", List.of("S1")));
        assertThat(ready.touched())
                .filteredOn(l -> l.what().contains("between the legs"))
                .singleElement()
                .satisfies(l -> assertThat(l.steps()).contains("S1", "S2", "S3").doesNotContain("D1", "U1"));
        assertThat(ready.hand()).noneMatch(l -> l.what().contains("too short"));
    }

    @Test
    void aLoopRoundTheTrunkIsLongerThanATape() {
        assertThat(ready("race-suit", Unit.INCH, Map.of()).hand())
                .filteredOn(l -> l.what().contains("too short"))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.what()).contains("59 in");
                    assertThat(l.steps()).isNotEmpty().doesNotContain("U1", "D1");
                });
    }

    @Test
    void whatIsNotAskedWantsNothing() {
        Ready sleeveless = ready("stretch-wear", Unit.CM, Map.of());
        Ready dressed = ready("coat-tailored", Unit.CM, Map.of("bust-shaping", "yes"));
        assertThat(ready("coat-tailored", Unit.CM, Map.of()).touched())
                .noneMatch(l -> l.what().contains("breast"));
        assertThat(dressed.touched()).anyMatch(l -> l.what().contains("breast"));
        assertThat(sleeveless.worn()).anyMatch(l -> l.what().equals("Shoes off"));
    }

    @Test
    void shoesMatterWhereTheFloorDoes() {
        assertThat(ready("shirt", Unit.INCH, Map.of()).worn())
                .noneMatch(l -> l.what().contains("Shoes"));
        assertThat(ready("air-jumpsuit", Unit.CM, Map.of()).worn())
                .extracting(Ready.Line::what)
                .contains("Boots on", "Shoes off for the others");
    }

    @Test
    void whoIsAloneNeedsAMirrorAndWhoHelpsAHand() {
        assertThat(ready("trousers-tailored-alone", Unit.CM, Map.of()).hand())
                .anyMatch(l -> l.what().contains("mirror"));
        assertThat(ready("trousers-tailored-helper", Unit.CM, Map.of()).hand())
                .anyMatch(l -> l.what().contains("second person"));
    }

    static Stream<OrderForm> forms() {
        return OrderForms.shipped().all().stream();
    }

    /** Every line of every form is about steps that the form has, and none is said twice. */
    @ParameterizedTest
    @MethodSource("forms")
    void everyLineIsAboutStepsThatAreAsked(OrderForm form) {
        Sheet sheet = new Sheet(form, Wearer.USUAL, form.answers(Map.of()), List.of());
        Ready ready = Ready.of(sheet);
        assertThat(Stream.of(ready.hand(), ready.worn(), ready.touched()).flatMap(List::stream))
                .allSatisfy(l -> assertThat(sheet.askedLabels()).containsAll(l.steps()))
                .extracting(Ready.Line::what)
                .doesNotHaveDuplicates();
        assertThat(ready.worn()).isNotEmpty();
    }

    /** More to take takes longer; nobody's visit is over in no time. */
    @Test
    void theMinutesFollowFromWhatThereIsToTake() {
        assertThat(minutes("trousers-tailored-alone")).isEqualTo(10);
        assertThat(minutes("trousers-tailored")).isEqualTo(20);
        assertThat(minutes("race-suit")).isGreaterThan(minutes("riding-jacket"));
    }

    private static int minutes(String form) {
        OrderForm asked = OrderForms.shipped().get(form);
        return Ready.minutes(new Sheet(asked, Wearer.USUAL, asked.answers(Map.of()), List.of()));
    }

    @Test
    void stepsInARowAreSaidAsOne() {
        assertThat(new Ready.Line("x", List.of("S1", "S2", "S3", "S4", "M1")).where())
                .isEqualTo("S1 to S4, M1");
        assertThat(new Ready.Line("x", List.of("D9", "D10", "D11", "U1", "U2")).where())
                .isEqualTo("D9 to D11, U1, U2");
        assertThat(new Ready.Line("x", List.of("P1a", "S1", "S3")).where()).isEqualTo("P1a, S1, S3");
        assertThat(new Ready.Line("x", List.of()).where()).isEmpty();
    }
}
