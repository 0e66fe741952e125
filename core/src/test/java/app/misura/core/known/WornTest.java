package app.misura.core.known;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.cut.Cutting;
import app.misura.core.fit.ChainLine;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.house.HouseTables;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.measure.Condition.Aspect;
import app.misura.core.measure.MeasureKey;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was worn while measuring is part of what a value is. */
class WornTest {
    private static Sheet with(String form, Map<String, String> answers, String step) {
        OrderForm blank = OrderForms.shipped().get(form);
        Sheet sheet = new Sheet(blank, Wearer.USUAL, answers, List.of());
        Sheet.Slot slot = sheet.allSlots().stream()
                .filter(s -> s.id().isOf(step))
                .findFirst()
                .orElseThrow();
        Reading reading = MadeUp.reading(
                slot, sheet.form(), Length.of(sheet.unit().symbol().equals("in") ? "41" : "104", sheet.unit()));
        return sheet.with(reading.over(slot.step().condition()));
    }

    @ParameterizedTest
    @CsvSource({
        "race-suit, protector",
        "riding-jacket, under-layers",
        "dry-suit, under-layers",
        "air-jumpsuit, kit",
        "target-coat, under-layers"
    })
    void eachFormThatIsTakenOverSomethingSaysSoAtItsGirths(String form, String over) {
        Sheet sheet = Sheet.blank(OrderForms.shipped().get(form), Judging.usual());
        long girths = sheet.allSlots().stream()
                .filter(s -> s.step().taken().region().equals("trunk"))
                .filter(s -> s.step().taken().kind().hasPlay())
                .peek(s -> assertThat(s.step().condition().get(Aspect.OVER))
                        .as(form + " " + s.id())
                        .isEqualTo(over))
                .count();
        assertThat(girths).isGreaterThan(2);
        assertThat(sheet.allSlots())
                .filteredOn(s -> List.of("neck", "head", "hand", "foot")
                        .contains(s.step().taken().region()))
                .allMatch(s -> !s.step().condition().isOverMore());
    }

    @Test
    void ofTheOtherFormsNoneIsTakenOverMoreThanCloseClothing() {
        for (OrderForm form : OrderForms.shipped().all()) {
            if (form.options().stream().noneMatch(o -> o.id().equals("over"))) {
                assertThat(form.asAsked(Map.of()).steps())
                        .as(form.id())
                        .allMatch(s -> !s.takesReadings() || !s.condition().isOverMore());
            }
        }
    }

    private static List<MeasureKey> carried(Sheet from, String to, Map<String, String> answers) {
        List<Reuse.Source<String>> known = new ArrayList<>();
        Known.of(Proof.of(from)).forEach(k -> known.add(new Reuse.Source<>("there", k)));
        OrderForm form = OrderForms.shipped().get(to).in(from.unit());
        Sheet blank = new Sheet(form, Wearer.USUAL, answers, List.of());
        return Reuse.of(blank, known, new Reuse.Limits(Instant.MIN, null)).carried().stream()
                .map(c -> c.source().known().key())
                .toList();
    }

    @Test
    void aSeatOverAProtectorGoesIntoNoTrousersAndABareOneIntoNoDrySuit() {
        assertThat(carried(with("race-suit", Map.of(), "U1"), "trousers-tailored", Map.of()))
                .isEmpty();
        assertThat(carried(with("trousers-tailored", Map.of(), "U1"), "dry-suit", Map.of()))
                .isEmpty();
        assertThat(carried(with("trousers-tailored", Map.of(), "U1"), "dry-suit", Map.of("over", "close-clothing")))
                .hasSize(1);
        assertThat(carried(with("race-suit", Map.of("over", "close-clothing"), "U1"), "trousers-tailored", Map.of()))
                .hasSize(1);
    }

    /** An earlier version of the form did not say what it is taken over. */
    @Test
    void noEarlierVersionFeedsABareSheetEither() {
        OrderForm first = OrderForms.shipped().find("race-suit", 1).orElseThrow();
        Sheet sheet = new Sheet(first, Wearer.USUAL, Map.of(), List.of());
        Sheet.Slot seat = sheet.allSlots().stream()
                .filter(s -> s.id().isOf("U1"))
                .findFirst()
                .orElseThrow();
        Sheet read = sheet.with(MadeUp.reading(seat, sheet.form(), Length.of("41", sheet.unit())));
        assertThat(carried(read, "trousers-tailored", Map.of())).isEmpty();
    }

    /** An answer that is changed afterwards changes no number: what was taken over something else is taken again. */
    @Test
    void aReadingKeepsWhatWasWorn() {
        Sheet over = with("race-suit", Map.of(), "U1");
        assertThat(over.settled()).hasSize(1);
        Sheet bare = new Sheet(
                OrderForms.shipped().get("race-suit"), Wearer.USUAL, Map.of("over", "close-clothing"), over.readings());
        assertThat(bare.settled()).isEmpty();
        assertThat(bare.readings()).hasSize(1);
        Sheet back = new Sheet(OrderForms.shipped().get("race-suit"), Wearer.USUAL, Map.of(), bare.readings());
        assertThat(back.settled()).hasSize(1);
    }

    /** Layers that the tape lay over are in the number; others are added. */
    @Test
    void layersAreAddedOnlyToWhatWasTakenWithoutThem() {
        assertThat(seat("under-layers").layers()).isZero();
        assertThat(seat("under-layers").source().worn()).isEqualTo("under-layers");
        assertThat(seat("close-clothing").layers())
                .isEqualTo(2 * Math.PI * 3, org.assertj.core.data.Offset.offset(0.01));
        assertThat(seat("close-clothing").source().worn()).isNull();
    }

    private static ChainLine seat(String over) {
        Garment garment = Garments.shipped().find("dry-suit").orElseThrow();
        MadeUp body = new MadeUp(7);
        Sheet sheet = body.sheet(OrderForms.shipped().get("dry-suit"), Map.of("over", over), HouseTables.shipped());
        Choices choices = garment.choices().usual(sheet.answers()).with("layers", 3);
        Cutting.Result result = Cutting.of(Proof.of(sheet), garment, choices);
        return ((Cutting.Cut) result).spec().line("seat");
    }
}
