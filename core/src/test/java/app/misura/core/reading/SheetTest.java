package app.misura.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetTest {
    private final OrderForm form = OrderForms.shipped().get("trousers-tailored");

    private static Settled settled(String text, String id) {
        return Sheets.of(text).settled().get(ValueId.parse(id));
    }

    private static Length cm(String text) {
        return Length.of(text, Unit.CM);
    }

    @Test
    void theLastTryCountsWhereOneIsEnough() {
        assertThat(settled("D1=104 D1=104.5", "D1").length()).isEqualTo(cm("104.5"));
    }

    @Test
    void theWidestCountsWhereTheFullestPlaceIsFoundByTrying() {
        assertThat(settled("U1=101 U1=102.5 U1=102", "U1").length()).isEqualTo(cm("102.5"));
    }

    @Test
    void twoThatAgreeGiveTheirMeanUnrounded() {
        Settled waist = settled("U2=82 U2=82.5", "U2");
        assertThat(waist.length()).isEqualTo(cm("82.25"));
        assertThat(waist.agreeing()).isEqualTo(2);
        assertThat(waist.note()).isEqualTo(Settled.Note.NONE);
    }

    @Test
    void theFirstPairThatAgreesCounts() {
        assertThat(settled("U2=80 U2=84 U2=80.5 U2=84.5", "U2").length()).isEqualTo(cm("80.25"));
    }

    @Test
    void untilTwoAgreeTheLastStandsAndThreeGiveTheirMiddle() {
        assertThat(settled("U2=82", "U2").note()).isEqualTo(Settled.Note.ONE_TRY);
        Settled two = settled("U2=82 U2=85", "U2");
        assertThat(two.length()).isEqualTo(cm("85"));
        assertThat(two.note()).isEqualTo(Settled.Note.DISAGREE);
        Settled three = settled("U2=82 U2=85 U2=88", "U2");
        assertThat(three.length()).isEqualTo(cm("85"));
        assertThat(three.note()).isEqualTo(Settled.Note.MIDDLE_OF_THREE);
    }

    @Test
    void agreementIsInclusiveAtItsBound() {
        assertThat(settled("U2=82 U2=83", "U2").note()).isEqualTo(Settled.Note.NONE);
        assertThat(settled("U2=82 U2=83.5", "U2").note()).isEqualTo(Settled.Note.DISAGREE);
    }

    @Test
    void struckTriesNeverCountAndAllStruckIsMissing() {
        Reading kept = Sheets.reading(form, "D1", "104");
        Reading struck = new Reading(
                "D1",
                kept.side(),
                "140",
                cm("140"),
                kept.play(),
                Instant.EPOCH,
                "t",
                null,
                new Strike("turned digits", Instant.EPOCH, "t"));
        Sheet sheet = new Sheet(form, Wearer.USUAL, Map.of(), List.of(kept, struck));
        assertThat(sheet.settled().get(ValueId.of("D1")).length()).isEqualTo(cm("104"));
        assertThat(new Sheet(form, Wearer.USUAL, Map.of(), List.of(struck)).settled())
                .isEmpty();
        assertThat(sheet.tries(sheet.slots().get(1))).hasSize(2);
    }

    @Test
    void bothSidesAreTwoValues() {
        Map<ValueId, Settled> settled = Sheets.of("D9-left=57 D9-right=58").settled();
        assertThat(settled).containsOnlyKeys(ValueId.parse("D9-left"), ValueId.parse("D9-right"));
    }

    @Test
    void noneIsNotTheSameAsNotMeasured() {
        List<Reading> readings = new ArrayList<>();
        readings.add(Sheets.reading(form, "W1", "none"));
        Sheet sheet = new Sheet(form, Wearer.USUAL, Map.of(), readings);
        assertThat(sheet.settled()).containsKey(ValueId.of("W1"));
        assertThat(Sheet.length(sheet.settled(), ValueId.of("W1"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "S4;26.5;read as 26.5 cm;kept",
                "S4;26.3;26.3 kept as 26.5: half centimetres;snapped",
                "U1;38;38.0 looks like inches;unusual",
                "U1;180;180.0 is a lot for seat girth;unusual",
                "S4;12..5;is no length;refused",
                "S4;0;Nought is no front rise;refused",
                "S4;41 in;That says inches;refused",
                "S4;0.1;less than the form reads to;refused",
                "W1;none;none wanted;kept",
                "W1;21;read as 21.0 cm;kept",
                "W1;21x2;42.0 round, kept as 21.0 cm flat;snapped",
                "W1;2 x 21;42.0 round, kept as 21.0 cm flat;snapped",
                "U1;50x2;read as 100.0 cm;kept"
            })
    void aTextIsJudgedBeforeItIsKept(String step, String text, String sentence, String tone) {
        Judged judged = Judged.of(text, form.step(step), form, 1.0);
        assertThat(judged.sentence()).contains(sentence);
        String actual = judged instanceof Judged.Kept kept
                ? kept.snapped() ? "snapped" : "kept"
                : judged instanceof Judged.Unusual ? "unusual" : "refused";
        assertThat(actual).isEqualTo(tone);
    }

    @Test
    void aChildsSpansFollowItsHeight() {
        Wearer child = new Wearer(app.misura.core.measure.Side.RIGHT, AgeGroup.CHILD);
        assertThat(Sheets.of(form, child, "P3=119 U1=60").spanScale()).contains(0.7);
        assertThat(Sheets.of(form, child, "U1=60").spanScale()).isEmpty();
    }

    private static Sheet without(String label, LeftOut.Why why, String readings) {
        Sheet plain = Sheets.of(readings);
        return new Sheet(
                plain.form(),
                plain.wearer(),
                plain.answers(),
                plain.readings(),
                List.of(new LeftOut(ValueId.of(label), why, "")));
    }

    @Test
    void whatIsNotThereIsNotAskedAndWhatIsRefusedIsStillMissing() {
        Sheet notThere = without("D7", LeftOut.Why.NOT_THERE, "D1=103");
        assertThat(notThere.slots().stream().map(s -> s.id().toString())).doesNotContain("D7");
        assertThat(notThere.allSlots().stream().map(s -> s.id().toString())).contains("D7");
        Sheet refused = without("D7", LeftOut.Why.REFUSED, "D1=103");
        assertThat(refused.slots().stream().map(s -> s.id().toString())).contains("D7");
        assertThat(Proof.of(refused).sentence().whole()).contains("still to come");
    }

    @Test
    void whatWasReadAfterAllStands() {
        Sheet sheet = without("D7", LeftOut.Why.NOT_THERE, "D7=36");
        assertThat(sheet.settled()).containsKey(ValueId.of("D7"));
        assertThat(sheet.leftOut(sheet.slots().stream()
                        .filter(s -> s.id().isOf("D7"))
                        .findFirst()
                        .orElseThrow()))
                .isEmpty();
    }
}
