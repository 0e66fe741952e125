package app.misura.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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
        assertThat(form.closures().get(0).equation()).isEqualTo("D2 + D3 = D1");
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
                "D2 + D3 - D1 | D2 + D3 - D9 | outside-leg names D9; steps with readings are [D1, D2, D3]",
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
        assertThatThrownBy(() -> Formula.parse(text)).hasMessageContaining("no sum of steps");
    }

    @Test
    void aFormulaComesBackAsItWasWritten() {
        Random random = new Random(SEED);
        for (int i = 0; i < 2_000; i++) {
            Map<String, Double> terms = new LinkedHashMap<>();
            int count = 1 + random.nextInt(5);
            for (int k = 0; k < count; k++) {
                double factor = new double[] {0.5, 1, 2, 3}[random.nextInt(4)] * (random.nextBoolean() ? 1 : -1);
                terms.put((char) ('A' + random.nextInt(26)) + "" + (1 + random.nextInt(12)), factor);
            }
            Formula formula = new Formula(terms);
            assertThat(Formula.parse(formula.toString()))
                    .as("seed %d, %s", SEED, formula)
                    .isEqualTo(formula);
        }
    }

    @Test
    void aTermThatIsThereTwiceIsAddedUp() {
        assertThat(Formula.parse("D1 + D1 - 1/2 A1-right").terms())
                .containsEntry("D1", 2.0)
                .hasEntrySatisfying("A1-right", f -> assertThat(f).isEqualTo(-0.5, within(1e-12)));
    }
}
