package app.misura.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.Cuts;
import app.misura.core.length.Unit;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChoiceSheetTest {
    private final ChoiceSheet sheet = Cuts.TROUSERS.choices();
    private final Choices usual = sheet.usual(Map.of());

    private ChoiceSheet.Read read(String id, String text) {
        return sheet.read(Map.of(id, text), usual, Unit.CM);
    }

    @Test
    void theFormsAnswersAreUsualWhereAChoiceFollowsThem() {
        Choices answered = sheet.usual(Map.of("fit", "easy", "front", "two-pleats", "narrow-hem", "yes", "fly", "zip"));
        assertThat(answered.word("fit")).isEqualTo("easy");
        assertThat(answered.word("front")).isEqualTo("two-pleats");
        assertThat(sheet.usual(Map.of("fit", "baggy")).word("fit"))
                .as("no answer of ours")
                .isEqualTo("regular");
        assertThat(usual.number("hem-girth")).isEmpty();
        assertThat(usual.numberOr0("seam")).as("the cloth's").isEqualTo(10);
        assertThat(usual.numberOr0("hem-allowance")).isEqualTo(40);
    }

    @ParameterizedTest
    @CsvSource({
        "hem-girth, 14.9", "hem-girth, 121", "hem-girth, NaN", "hem-girth, 1e3", "hem-girth, wide", "band, 0.5",
        "hem-up, -1", "shrink-across, 16", "layers, 51", "seam, 6.1", "hem-allowance, 15.5", "stretch-along, 101"
    })
    void numbersHaveTheirBounds(String id, String text) {
        assertThat(read(id, text).choices()).isEmpty();
        assertThat(read(id, text).faults()).containsOnlyKeys(id);
        assertThat(read(id, text).faults().get(id))
                .contains("\"" + text + "\" does not fit; a number from "
                        + sheet.get(id).bounds(Unit.CM));
    }

    @ParameterizedTest
    @CsvSource({"growth, 3", "growth, -6", "growth, six", "fit, baggy", "front, three-pleats"})
    void wordsAreOfTheirList(String id, String text) {
        assertThat(read(id, text).choices()).isEmpty();
        assertThat(read(id, text).faults()).containsOnlyKeys(id);
    }

    @Test
    void whatIsShownIsReadBackAsItWas() {
        Choices chosen = Cuts.chosen(
                "fit=close front=one-pleat hem-girth=432.5 band=35 hem-up=12.5 shrink-along=0.035 stretch-across=0.07 growth=12 seam=12.5");
        assertThat(sheet.read(sheet.typed(chosen, Unit.CM), usual, Unit.CM).choices())
                .contains(chosen);
        assertThat(sheet.read(sheet.typed(usual, Unit.CM), chosen, Unit.CM).choices())
                .contains(usual);
    }

    @Test
    void aCommaIsAPointAndAnEmptiedNumberIsLeftToWhatFollows() {
        assertThat(read("hem-girth", " 42,5 ").choices().orElseThrow().numberOr0("hem-girth"))
                .isEqualTo(425);
        Choices wide = usual.with("hem-girth", 500);
        assertThat(sheet.read(Map.of("hem-girth", " "), wide, Unit.CM)
                        .choices()
                        .orElseThrow()
                        .number("hem-girth"))
                .isEmpty();
        assertThat(read("band", "").faults())
                .as("what has a usual number is not emptied")
                .containsKey("band");
    }

    @ParameterizedTest
    @CsvSource({
        "hem-girth, 21x2, CM, 420",
        "hem-girth, 8 1/2 x 2, INCH, 431.8",
        "hem-girth, 16 1/2, INCH, 419.1",
        "hem-girth, 42 cm, INCH, 420",
        "band, 1 5/8, INCH, 41.275",
        "hem-up, none, INCH, 0",
        "hem-up, 0, CM, 0",
        "layers, 2.5, INCH, 2.5"
    })
    void aLengthIsTypedAsAnyLengthOnItsTape(String id, String text, Unit tape, double mm) {
        assertThat(sheet.read(Map.of(id, text), usual.with("hem-up", 50), tape)
                        .choices()
                        .orElseThrow()
                        .number(id))
                .hasValueCloseTo(mm, within(1e-6));
    }

    @Test
    void whatStandsOnAnInchTapeIsNotMovedByBeingSentAgain() {
        Map<String, String> shown = sheet.typed(usual, Unit.INCH);
        assertThat(shown).containsEntry("band", "1 9/16").containsEntry("layers", "0");
        assertThat(sheet.read(shown, usual, Unit.INCH).choices()).contains(usual);
        assertThat(sheet.get("band").unit(Unit.INCH)).isEqualTo("in");
        assertThat(sheet.get("layers").unit(Unit.INCH)).isEqualTo("mm");
        assertThat(sheet.read(Map.of("band", "9"), usual, Unit.INCH).faults().get("band"))
                .contains("from 3/8 to 4 3/4");
    }

    @Test
    void choicesOutsideTheirBoundsCannotBeMade() {
        assertThatThrownBy(() -> usual.with("growth", "3")).hasMessageContaining("growth must be one of 0, 6, 12");
        assertThatThrownBy(() -> usual.with("band", 500)).hasMessageContaining("band must lie between 10 and 120");
        Map<String, Double> numbers = new HashMap<>(usual.numbers());
        numbers.put("layers", Double.NaN);
        assertThatThrownBy(() -> new Choices(sheet, usual.words(), numbers)).hasMessageContaining("layers");
        assertThatThrownBy(() -> sheet.get("colour")).hasMessageContaining("colour");
    }

    @Test
    void oneChoiceCanBeSetBackToTheUsual() {
        Choices chosen = usual.with("fit", "easy").with("hem-girth", 500);
        assertThat(chosen.withAs("hem-girth", usual)).isEqualTo(usual.with("fit", "easy"));
        assertThat(chosen.isAs("fit", usual)).isFalse();
        assertThat(chosen.isAs("band", usual)).isTrue();
    }
}
