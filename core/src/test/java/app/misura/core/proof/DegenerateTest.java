package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProofDoc;
import app.misura.core.format.sums.BodySums;
import app.misura.core.format.sums.FitLines;
import app.misura.core.length.Length;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sheets that nobody would write: a sensible answer each, and no number that is none. */
class DegenerateTest {
    static Stream<OrderForm> forms() {
        return OrderForms.shipped().all().stream();
    }

    private static Sheet blank(OrderForm form) {
        return new Sheet(form, Wearer.USUAL, form.answers(Map.of()), List.of());
    }

    private static Sheet reading(OrderForm form, String cm, int times) {
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            for (Sheet.Slot slot : blank(form).slots()) {
                if (slot.step().taken().kind().isLength()) {
                    readings.add(MadeUp.reading(
                            slot, form, form.increment().snap(Length.of(cm, app.misura.core.length.Unit.CM))));
                }
            }
        }
        return new Sheet(form, Wearer.USUAL, form.answers(Map.of()), readings);
    }

    private static Proof said(Sheet sheet) {
        Proof proof = Proof.of(sheet);
        String document = JsonText.write(ProofDoc.of(proof));
        assertThat(document + BodySums.svg(proof) + FitLines.svg(proof))
                .as(sheet.form().id())
                .doesNotContain("NaN")
                .doesNotContain("Infinity");
        assertThat(proof.sentence().whole()).isNotBlank();
        return proof;
    }

    @ParameterizedTest
    @MethodSource("forms")
    void anEmptySheetSaysThatNothingIsTaken(OrderForm form) {
        assertThat(said(blank(form)).sentence().head()).isEqualTo("Nothing is taken yet.");
    }

    @ParameterizedTest
    @MethodSource("forms")
    void oneReadingIsNoBody(OrderForm form) {
        for (Sheet.Slot slot : blank(form).slots()) {
            if (slot.step().taken().kind().isLength()) {
                Proof proof = said(blank(form)
                        .with(MadeUp.reading(slot, form, form.increment().snap(Length.fromMm(600)))));
                assertThat(proof.sentence().whole()).doesNotContain("one body");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("forms")
    void readingsThatAreAllEqualAreNoBody(OrderForm form) {
        for (String cm : List.of("1", "60", "400")) {
            Proof proof = said(reading(form, cm, 1));
            assertThat(proof.verdict()).as(form.id() + " " + cm).isNotEqualTo(Proof.Verdict.HOLDS);
        }
    }

    @Test
    void fiveHundredReadingsAreProved() {
        OrderForm form = OrderForms.shipped().get("race-suit");
        Sheet many = reading(form, "60", 500 / blank(form).slots().size() + 1);
        assertThat(many.readings()).hasSizeGreaterThanOrEqualTo(500);
        assertThat(said(many).findings()).isNotEmpty();
    }

    private static Network network(double secondConstant, double looseness) {
        return new Network(
                Network.Settings.USUAL,
                List.of(new Network.Measure("a", 40.0, .5, .5), new Network.Measure("b", 40.0, .5, .5)),
                List.of(
                        new Network.Closure("one", Map.of("a", 1.0, "b", -1.0), 0, looseness),
                        new Network.Closure("two", Map.of("a", 1.0, "b", -1.0), secondConstant, looseness)));
    }

    @Test
    void aSumThatIsWrittenTwiceCountsOnceWhereItIsExact() {
        Adjustment twice = Adjustment.of(network(0, 0));
        assertThat(twice.status()).isEqualTo(Adjustment.Status.CONSISTENT);
        assertThat(twice.globalTest().degreesOfFreedom()).isEqualTo(1);
        assertThat(Strength.of(network(0, 0)).noticed())
                .hasSize(2)
                .allSatisfy(n -> assertThat(n.least()).isFinite());
    }

    @Test
    void aFormThatContradictsItselfBlamesNoReading() {
        Adjustment never = Adjustment.of(network(5, 0));
        assertThat(never.status()).isEqualTo(Adjustment.Status.CONTRADICTORY);
        assertThat(never.suspects()).isEmpty();
        assertThat(never.judged()).isEmpty();
    }

    /**
     * Two that hide each other: m1 and m4 are off, m0 looks strongest. Taken out first it leaves a fault whatever is taken out
     * next; the best two together leave none.
     */
    @Test
    void whereOneAfterTheOtherLeavesAFaultTheBestTwoAreFound() {
        List<Network.Measure> measures = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            measures.add(new Network.Measure("m" + i, i == 4 ? 9.0 : i == 1 ? -9.0 : 0.0, .5, 0));
        }
        Adjustment two = Adjustment.of(new Network(
                Network.Settings.USUAL,
                measures,
                List.of(
                        new Network.Closure("c0", Map.of("m2", 1.0, "m4", -1.0, "m1", -1.0), 0, .5),
                        new Network.Closure("c1", Map.of("m1", 1.0, "m3", -1.0, "m0", 1.0), 0, .5),
                        new Network.Closure("c2", Map.of("m3", -1.0, "m0", -1.0, "m2", -1.0), 0, .5),
                        new Network.Closure("c3", Map.of("m3", 1.0, "m4", 1.0, "m1", 1.0), 0, .5))));
        assertThat(two.suspects().get(0).members()).as("the strongest alone").contains("m0");
        assertThat(two.status()).isEqualTo(Adjustment.Status.RESOLVED);
        assertThat(two.removals()).extracting(Adjustment.Removal::id).containsExactlyInAnyOrder("m1", "m4");
    }
}
