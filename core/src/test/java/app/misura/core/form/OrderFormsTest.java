package app.misura.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Side;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OrderFormsTest {
    private final OrderForm form = OrderForms.shipped().get("trousers-tailored");

    @Test
    void trousersAskInTheHouseOrder() {
        assertThat(form.asAsked(Map.of()).asked(Map.of()).stream().map(Step::label))
                .containsExactly(
                        "P1", "P2", "P3", "D1", "D2", "D3", "D4", "D7", "D8", "D9", "U1", "U2", "S1", "S2", "S3", "S4",
                        "S5", "rise", "M1", "M2", "W1");
        assertThat(form.asked(Map.of("narrow-hem", "yes", "stiff-cloth", "yes")).stream()
                        .map(Step::label))
                .contains("D5", "D6", "M3");
        assertThat(form.steps().stream().filter(Step::critical).map(Step::label))
                .containsExactly("D1", "D1", "U1", "U2", "S1", "S1", "S3");
    }

    @Test
    void sumsAreTurnedUntilAllSignsArePlus() {
        assertThat(form.closures().stream().map(c -> c.equation(Unit.CM)))
                .containsExactly("D2 + D3 = D1", "S2 + D3 = S1", "S4 + S5 = S3", "S1 + M1 = D1");
    }

    @Test
    void theInchFormHasItsOwnFineness() {
        OrderForm inches = form.in(Unit.INCH);
        assertThat(LengthText.exact(inches.increment().step(), Unit.INCH)).isEqualTo("1/4");
        assertThat(LengthText.exact(inches.closures().get(0).tolerance(), Unit.INCH))
                .isEqualTo("1/2");
        assertThat(LengthText.exact(inches.closures().get(3).tolerance(), Unit.INCH))
                .isEqualTo("5/8");
        assertThat(LengthText.exact(inches.step("U2").within(), Unit.INCH)).isEqualTo("1/2");
    }

    @Test
    void selectionsKeepLabelsAndLoseSumsWithTheirMembers() {
        OrderForm helper = OrderForms.shipped().get("trousers-tailored-helper");
        assertThat(helper.selectionOf()).isEqualTo("trousers-tailored");
        assertThat(helper.closures().stream().map(Closure::id)).containsExactly("outside-leg", "rise");
        assertThat(helper.step("D9").side()).isEqualTo(StepSide.RIGHT);
        assertThat(helper.sigmaFactor()).isEqualTo(1.5);
        OrderForm alone = OrderForms.shipped().get("trousers-tailored-alone");
        assertThat(alone.closures()).isEmpty();
        assertThat(alone.cuts()).isFalse();
    }

    @Test
    void everyStepSaysHow() {
        for (Step step : form.steps()) {
            assertThat(step.name()).as(step.label()).hasSizeLessThanOrEqualTo(20);
            assertThat(step.prompt().how()).as(step.label()).isNotBlank();
            assertThat(step.prompt().brief()).as(step.label()).isNotBlank();
        }
    }

    @Test
    void sidesFollowTheHand() {
        assertThat(StepSide.DOMINANT.sides(Side.LEFT)).containsExactly(Side.LEFT);
        assertThat(StepSide.OTHER.sides(Side.LEFT)).containsExactly(Side.RIGHT);
        assertThat(StepSide.BOTH.sides(Side.LEFT)).containsExactly(Side.LEFT, Side.RIGHT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"D1 - S1", "2 D1 - 2 S1", "1/2 B3 + A1-right", "-S2 + S1", "D9-left"})
    void formulasAreReadAndWritten(String text) {
        assertThat(StepSum.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "D1 -", "D1 * 2", "d1", "D1 D2 x"})
    void otherTextsAreNoFormula(String text) {
        assertThatThrownBy(() -> StepSum.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aFaultyFormIsRefusedWithAllItsFaults() {
        String yaml = """
                id: odd
                version: 1
                title: Odd
                unit: cm
                increment: "0.5"
                parts:
                  D:
                    title: Down
                    place: there
                    steps:
                      - { label: D1, name: "a name that is far too long", measure: outside-leg, how: h, place: p, brief: b }
                      - { label: D1, name: two, measure: inside-leg, onlyIf: { moon: full }, how: h, place: p, brief: b }
                closures:
                  - { id: c, name: c, sum: D1 - D7, tolerance: "1" }
                """;
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped()).read(yaml, Map.of()))
                .hasMessageContaining("longer than 20")
                .hasMessageContaining("D1 is there twice")
                .hasMessageContaining("depends on moon")
                .hasMessageContaining("c names D7");
    }

    @Test
    void answersAreChecked() {
        assertThat(form.faults(Map.of("fit", "baggy", "colour", "red"))).containsOnlyKeys("fit", "colour");
        assertThat(form.answers(Map.of("fit", "easy")))
                .containsEntry("fit", "easy")
                .containsEntry("front", "flat");
    }

    @Test
    void everyFormComesBackFromItsWholeText() {
        OrderForms forms = OrderForms.shipped();
        for (OrderForm form : forms.everyVersion()) {
            assertThat(OrderForms.read(forms.source(form))).isEqualTo(form);
        }
        assertThat(forms.find("trousers-tailored-helper", 1).orElseThrow().find("M1"))
                .isEmpty();
        assertThat(forms.find("trousers-tailored-helper", 2)).contains(forms.get("trousers-tailored-helper"));
    }

    @Test
    void aHelperIsToldSoAndTakesTheChair() {
        OrderForm helper = OrderForms.shipped().get("trousers-tailored-helper");
        assertThat(helper.steps().stream().map(Step::label).toList())
                .containsExactly("P1", "P2", "P3", "D1", "D2", "D3", "D9", "U1", "U2", "S1", "S3", "rise", "M1", "W1");
        assertThat(helper.step("S1").settle()).isEqualTo(Settle.TWO_AGREE);
        assertThat(helper.step("S1").within()).isEqualTo(Length.of("1", Unit.CM));
        assertThat(helper.in(Unit.INCH).step("S1").within()).isEqualTo(Length.of("0.5", Unit.INCH));
        assertThat(helper.closures().stream().map(Closure::id).toList()).containsExactly("outside-leg", "rise");
        assertThat(helper.step("D9").prompt().how()).contains("right thigh");
        assertThat(form.step("D9").prompt().how()).doesNotContain("right thigh");
    }

    @Test
    void whoMeasuresAloneHasWordsOfTheirOwn() {
        OrderForm alone = OrderForms.shipped().get("trousers-tailored-alone");
        assertThat(alone.step("S1").prompt().how()).contains("to the wall");
        assertThat(alone.step("S1").prompt().mind()).contains("roll of thread");
        for (Step step : alone.steps()) {
            assertThat(step.prompt().how())
                    .as(step.label())
                    .isNotEqualTo(form.step(step.label()).prompt().how());
        }
    }

    @Test
    void aStepOfTheWholeFormComesWithItsMarksSumsAndQuestions() {
        OrderForm alone = OrderForms.shipped().get("trousers-tailored-alone");
        assertThat(alone.closures()).isEmpty();
        OrderForm more = alone.adding(List.of("D1", "D2", "D3", "D5", "Z9"));
        assertThat(more.steps().stream().map(Step::label).distinct().toList())
                .containsExactly("P1", "P2", "P3", "D1", "D2", "D3", "D5", "U1", "U2", "S1", "M1");
        assertThat(more.closures().stream().map(Closure::id).toList()).containsExactly("outside-leg", "rise");
        assertThat(more.options()).isEqualTo(alone.options());
        assertThat(more.step("D1").taken().code()).isEqualTo("outside-leg");
        assertThat(more.step("D5").onlyIf()).containsEntry("narrow-hem", "yes");
        assertThat(more.step("S1").prompt()).isEqualTo(alone.step("S1").prompt());
        assertThat(more.cuts()).isFalse();
        assertThat(more.addable().stream().map(Step::label).toList())
                .contains("D4")
                .doesNotContain("D1", "P2");
        assertThat(form.adding(List.of("D1"))).isSameAs(form);
        OrderForm warmer = OrderForms.shipped().get("leg-warmer").in(Unit.INCH).adding(List.of("D14"));
        assertThat(warmer.step("D14").needs()).containsExactly("P1");
        assertThat(warmer.find("P1")).isPresent();
        assertThat(warmer.find("W1")).isPresent();
        assertThat(warmer.unit()).isEqualTo(Unit.INCH);
    }

    @Test
    void lengthsGoToTheFloorOrToTheHeel() {
        OrderForm floor = form.asAsked(Map.of());
        OrderForm heel = form.asAsked(Map.of("legs-to", "heel"));
        assertThat(floor.step("D1").taken().code()).isEqualTo("outside-leg");
        assertThat(heel.step("D1").taken().code()).isEqualTo("outside-leg-heel");
        assertThat(heel.step("S1").taken().code()).isEqualTo("inside-leg-heel");
        assertThat(heel.step("D1").onlyIf()).isEmpty();
        assertThat(heel.steps().stream().filter(s -> s.label().equals("D1"))).hasSize(1);
        assertThat(floor.closures().stream().map(Closure::id)).contains("outside-leg", "inside-leg");
        assertThat(heel.closures().stream().map(Closure::id))
                .contains("rise")
                .doesNotContain("outside-leg", "inside-leg");
        assertThat(form.withUsualSides().step("D1").onlyIf()).isEmpty();
    }

    @Test
    void aSelectionChangesOnlyWhatItSelects() {
        String odd = """
                id: odd
                version: 1
                title: Odd
                unit: cm
                increment: "0.5"
                selectionOf: trousers-tailored
                select: [U1]
                change:
                  U2: { how: h }
                  U1: { settle: thrice }
                """;
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped()).read(odd, Map.of(form.id(), form)))
                .hasMessageContaining("changes U2")
                .hasMessageContaining("settle must be one of");
    }
}
