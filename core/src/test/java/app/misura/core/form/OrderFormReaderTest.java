package app.misura.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is wrong with a form is said when it is read: all of it at once, with the place. */
class OrderFormReaderTest {
    private static final long SEED = 77;
    private static final String GOOD = """
            id: small
            version: 1
            title: Small
            unit: cm
            increment: "0.5"
            parts:
              P:
                title: Prepare
                place: here
                steps:
                  - { label: P1, name: band, how: h, place: p, brief: b }
              D:
                title: Down
                place: there
                gate: soft
                steps:
                  - { label: D1, name: outside, measure: outside-leg, needs: [P1], how: h, place: p, brief: b }
                  - { label: D2, name: upper, measure: waist-to-knee, how: h, place: p, brief: b }
                  - { label: D3, name: lower, measure: knee-to-floor, how: h, place: p, brief: b }
            closures:
              - { id: outside-leg, name: outside leg, sum: D2 + D3 - D1, tolerance: "1" }
            """;

    private static OrderForm read(String yaml) {
        return new OrderFormReader(Catalogue.shipped()).read(yaml, Map.of());
    }

    @Test
    void aGoodFormIsRead() {
        OrderForm form = read(GOOD);
        assertThat(form.steps()).hasSize(4);
        assertThat(form.step("D1").needs()).containsExactly("P1");
        assertThat(form.step("P1").isMark()).isTrue();
        assertThat(form.partOf(form.step("D2")).gate()).isEqualTo(Part.Gate.SOFT);
        assertThat(form.closures().get(0).equation(Unit.CM)).isEqualTo("D2 + D3 = D1");
        assertThat(form.closuresOf("D3")).hasSize(1);
        assertThat(form.closuresOf("P1")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "label: D3, | label: D2, | label D2 is there twice",
                "needs: [P1] | needs: [P9] | D1 needs P9, which is no mark of the form",
                "needs: [P1] | needs: [D2] | D1 needs D2, which is no mark of the form",
                "D2 + D3 - D1 | D2 + D3 - D9 | outside-leg names D9, which is no step with readings",
                "D2 + D3 - D1 | D2 + D3 - P1 | outside-leg names P1",
                "name: outside, | name: the whole long outside leg, | D1: name is longer than 20 characters",
                "needs: [P1] | onlyIf: { lining: full } | D1 depends on lining; there are []",
                "name: upper, measure: waist-to-knee | name: upper, measure: crotch-loop, side: both | D2: crotch-loop has no sides",
                "measure: knee-to-floor | measure: knee-to-moon | knee-to-moon",
                "sum: D2 + D3 - D1 | sum: D2 plus D3 | no sum of steps",
                "tolerance: \"1\" | tolerance: wide | wide is no length",
                "unit: cm | unit: ell | ell",
                "gate: soft | gate: wooden | gate must be one of [none, soft, hard], not wooden",
            })
    void whatIsWrongIsSaid(String good, String bad, String said) {
        assertThat(GOOD).contains(good);
        assertThatThrownBy(() -> read(GOOD.replace(good, bad))).hasMessageContaining(said);
    }

    @Test
    void allFaultsAreSaidAtOnce() {
        String bad = GOOD.replace("needs: [P1]", "needs: [P7]").replace("- D1", "- D8");
        assertThatThrownBy(() -> read(bad))
                .hasMessageContaining("form small: ")
                .hasMessageContaining("P7")
                .hasMessageContaining("D8");
    }

    @Test
    void aKeyNobodyKnowsIsRefused() {
        assertThatThrownBy(() -> read(GOOD + "colour: red\n")).hasMessageContaining("colour");
    }

    @Test
    void aSelectionTakesWhatItNamesAndDropsSumsThatLackAMember() {
        Map<String, OrderForm> known = new LinkedHashMap<>();
        known.put("small", read(GOOD));
        OrderForm chosen = new OrderFormReader(Catalogue.shipped()).read("""
                        id: smaller
                        version: 1
                        title: Smaller
                        unit: cm
                        increment: "0.5"
                        selectionOf: small
                        select: [D1, D2]
                        sigmaFactor: 1.5
                        """, known);
        assertThat(chosen.steps().stream().map(Step::label)).containsExactly("D1", "D2");
        assertThat(chosen.closures()).isEmpty();
        assertThat(chosen.step("D1").needs())
                .as("the mark is not asked for here")
                .isEmpty();
        assertThat(chosen.sigmaFactor()).isEqualTo(1.5);
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped())
                        .read(
                                "id: x\nversion: 1\ntitle: X\nunit: cm\nincrement: \"1\"\nselectionOf: none\nselect: [D1]\n",
                                known))
                .hasMessageContaining("none")
                .hasMessageContaining("[small]");
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped())
                        .read(
                                "id: x\nversion: 1\ntitle: X\nunit: cm\nincrement: \"1\"\nselectionOf: small\nselect: [D7]\n",
                                known))
                .hasMessageContaining("small has no step [D7]");
    }

    @Test
    void theFormOnTheOtherTapeHasCorrespondingTolerances() {
        OrderForm inches = read(GOOD).in(app.misura.core.length.Unit.INCH);
        assertThat(inches.unit()).isEqualTo(app.misura.core.length.Unit.INCH);
        assertThat(inches.increment().words()).isEqualTo("quarter inches");
        assertThat(inches.closures().get(0).tolerance())
                .isEqualTo(app.misura.core.length.Length.of("0.5", app.misura.core.length.Unit.INCH));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "D", "D1 D2", "D1 +", "D1 ++ D2", "d1", "1/0x D1", "D1 - -D2"})
    void whatIsNoSumIsRefused(String text) {
        assertThatThrownBy(() -> StepSum.parse(text)).hasMessageContaining("no sum of steps");
    }

    @Test
    void aFormulaComesBackAsItWasWritten() {
        Random random = new Random(SEED);
        for (int i = 0; i < 2_000; i++) {
            Map<ValueId, Double> terms = new LinkedHashMap<>();
            int count = 1 + random.nextInt(5);
            for (int k = 0; k < count; k++) {
                double factor = new double[] {0.25, 0.5, 0.75, 1, 1.5, 2, 3}[random.nextInt(7)]
                        * (random.nextBoolean() ? 1 : -1);
                terms.put(ValueId.of((char) ('A' + random.nextInt(26)) + "" + (1 + random.nextInt(12))), factor);
            }
            StepSum formula = new StepSum(terms);
            assertThat(StepSum.parse(formula.toString()))
                    .as("seed %d, %s", SEED, formula)
                    .isEqualTo(formula);
        }
    }

    @Test
    void aTermThatIsThereTwiceIsAddedUp() {
        assertThat(StepSum.parse("D1 + D1 - 1/2 A1-right").terms())
                .containsEntry(ValueId.of("D1"), 2.0)
                .hasEntrySatisfying(
                        ValueId.parse("A1-right"), f -> assertThat(f).isEqualTo(-0.5, within(1e-12)));
    }

    /** Sums over one side: the form's values are what they name, whichever way the side is written. */
    private static final String ARM = """
            id: arm
            version: 1
            title: Arm
            unit: cm
            increment: "0.5"
            parts:
              A:
                title: Arm
                place: at the arm
                steps:
                  - { label: A1, name: arm, measure: arm-length, side: both, how: h, place: p, brief: b }
                  - { label: A2, name: upper, measure: shoulder-to-elbow, side: right, how: h, place: p, brief: b }
                  - { label: A3, name: lower, measure: elbow-to-wrist, side: right, how: h, place: p, brief: b }
                  - { label: B6, name: shoulders, measure: shoulder-width-curve, how: h, place: p, brief: b }
                  - { label: M1, name: bent, measure: nape-to-wrist, side: right, condition: { joint: bent }, how: h, place: p, brief: b }
            closures:
              - { id: arm, name: arm, sum: A2-right + A3 - A1-right, tolerance: "1" }
              - { id: bend, name: bend, sum: 1/2 B6 + A1-right - M1, constant: "3.5", tolerance: "1.5" }
            """;

    @Test
    void aSumOverOneSideKeepsItsWholeAndItsFactors() {
        OrderForm form = read(ARM);
        Closure arm = form.closures().get(0);
        assertThat(arm.equation(Unit.CM)).isEqualTo("A2 + A3 = A1-right");
        assertThat(arm.concerns("A1")).isTrue();
        assertThat(arm.concerns(ValueId.parse("A1-left"))).isFalse();
        assertThat(form.closures().get(1).equation(Unit.CM)).isEqualTo("1/2 B6 + A1-right + 3.5 = M1");
        assertThat(form.closures().get(1).factor(ValueId.of("B6"))).isEqualTo(0.5);
    }

    @Test
    void constantsBecomeLengthsOfTheOtherTapeAndTolerancesTolerances() {
        Closure bend = read(ARM).in(app.misura.core.length.Unit.INCH).closures().get(1);
        assertThat(app.misura.core.length.LengthText.column(bend.constant(), app.misura.core.length.Unit.INCH))
                .isEqualTo("1 3/8");
        assertThat(app.misura.core.length.LengthText.column(bend.tolerance(), app.misura.core.length.Unit.INCH))
                .isEqualTo("5/8");
    }

    @Test
    void aSelectionThatTakesOneSideKeepsTheSumOverIt() {
        Map<String, OrderForm> known = Map.of("arm", read(ARM));
        String text = """
                id: one-arm
                version: 1
                title: One arm
                unit: in
                increment: "0.25"
                selectionOf: arm
                select: [A1, A2, A3]
                sides: { A1: right }
                """;
        OrderForm form = new OrderFormReader(Catalogue.shipped()).read(text, known);
        assertThat(form.closures())
                .singleElement()
                .satisfies(c -> assertThat(c.equation(Unit.CM)).isEqualTo("A2 + A3 = A1"));
        assertThat(form.unit()).as("its own unit").isEqualTo(app.misura.core.length.Unit.INCH);
        OrderForm left = new OrderFormReader(Catalogue.shipped()).read(text.replace("A1: right", "A1: left"), known);
        assertThat(left.closures())
                .as("the right arm's sum is not the left arm's")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "A3 - A1-right | A3 - A1 | names A1, which is taken on both sides; say left or right",
                "A2-right + A3 | A2-left + A3 | names A2-left; A2 is taken on the side right",
            })
    void aSideThatIsNotTakenIsRefused(String good, String bad, String said) {
        assertThatThrownBy(() -> read(ARM.replace(good, bad))).hasMessageContaining(said);
    }

    @Test
    void everyKeyOfOnlyIfCountsAndMustBeAChoice() {
        String twice = GOOD.replace("needs: [P1]", "onlyIf: { lining: full, pocket: hip }")
                + "options:\n  - { id: lining, title: L, choices: [none, full], usual: none }\n"
                + "  - { id: pocket, title: P, choices: [none, side], usual: none }\n";
        assertThatThrownBy(() -> read(twice))
                .hasMessageContaining("D1 depends on pocket being hip; it has [none, side]");
        OrderForm form = read(twice.replace("pocket: hip", "pocket: side"));
        assertThat(form.step("D1").isAsked(Map.of("lining", "full", "pocket", "none")))
                .isFalse();
        assertThat(form.step("D1").isAsked(Map.of("lining", "full", "pocket", "side")))
                .isTrue();
    }

    @Test
    void aFaultDoesNotHideTheNext() {
        String wrong = GOOD.replace("gate: soft", "gate: wooden")
                .replace("waist-to-knee", "waist-to-moon")
                .replace("D2 + D3 - D1", "D2 + D3 - D9")
                .replace("tolerance: \"1\"", "tolerance: wide");
        assertThatThrownBy(() -> read(wrong))
                .hasMessageContaining("wooden")
                .hasMessageContaining("waist-to-moon")
                .hasMessageContaining("names D9")
                .hasMessageContaining("wide is no length");
    }

    /** A file with ten faults is mended in one go. */
    @Test
    void tenFaultsAreAllListed() {
        String bad = """
                id: worse
                version: 1
                title: Worse
                unit: cm
                increment: "0.5"
                waist: knee
                parts:
                  D:
                    title: Down
                    place: there
                    gate: wooden
                    steps:
                      - { label: D1, name: outside, measure: outside-leg, needs: [P7], how: h, place: p, brief: b }
                      - { label: D2, name: upper, measure: waist-to-moon, how: h, place: p, brief: b }
                      - { label: D3, name: lower, measure: knee-to-floor, settle: sometimes, how: h, place: p, brief: b }
                      - { label: D4, name: seat, measure: seat-girth, play: fist, how: h, place: p, brief: b }
                      - { label: D5, name: thigh, measure: thigh-crotch-girth, side: upper, how: h, place: p, brief: b }
                      - { label: D6, name: calf, measure: calf-girth, condition: { mood: good }, how: h, place: p, brief: b }
                closures:
                  - { id: leg, name: leg, sum: D2 + D9 - D1, tolerance: "1" }
                  - { id: wide, name: wide, sum: D1 - D3, tolerance: wide }
                """;
        assertThatThrownBy(() -> read(bad))
                .hasMessageContaining("knee")
                .hasMessageContaining("wooden")
                .hasMessageContaining("P7")
                .hasMessageContaining("waist-to-moon")
                .hasMessageContaining("sometimes")
                .hasMessageContaining("fist")
                .hasMessageContaining("upper")
                .hasMessageContaining("mood")
                .hasMessageContaining("D9")
                .hasMessageContaining("wide is no length");
    }
}
