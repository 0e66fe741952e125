package app.misura.core.proportion;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.sums.FitLines;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.norm.Norms;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What does not fit the rest of a body is named; what does not apply to a body is not asked of it. */
class FitsTest {
    private static String with(String change) {
        String id = change.split("=")[0];
        return Sheets.AVERAGE.replaceAll(" " + id + "=\\S+", "") + " " + change;
    }

    private static Optional<Finding> unusual(Sheet sheet) {
        return Proof.of(sheet).findings().stream()
                .filter(f -> f.rule().equals("proportion"))
                .findFirst();
    }

    private static Sheet worn(String text, AgeGroup age, Differs... differs) {
        return Sheets.of(
                OrderForms.shipped().get("trousers-tailored"), new Wearer(Side.RIGHT, age, Set.of(differs)), text);
    }

    @Test
    void anAverageBodyFits() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE));
        assertThat(unusual(proof.sheet())).isEmpty();
        assertThat(proof.expected()).extracting(e -> e.value().toString()).contains("U1", "U2", "D8", "D9-left");
        assertThat(proof.expected()).allSatisfy(e -> {
            assertThat(Math.abs(e.z())).as(e.toString()).isLessThan(2);
            assertThat(e.sd()).isPositive();
        });
    }

    @ParameterizedTest
    @CsvSource({"U1=116.5, U1, 1", "U1=85, U1, -1", "D8=46, D8, 1", "D7=28, D7, -1"})
    void aSlipIsNamedWithWhatIsLikely(String change, String value, int direction) {
        Proof proof = Proof.of(Sheets.of(with(change)));
        Finding finding = unusual(proof.sheet()).orElseThrow();
        assertThat(finding.severity()).isEqualTo(Severity.WARNING);
        assertThat(finding.values()).containsExactly(value);
        assertThat(finding.sentence())
                .contains("Step " + value + " reads", "unusual for this form")
                .doesNotContain("wrong");
        Expected expected = proof.expected().stream()
                .filter(e -> e.value().toString().equals(value))
                .findFirst()
                .orElseThrow();
        assertThat(expected.z() * direction).isGreaterThan(2.5);
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.WARNINGS);
        assertThat(proof.sentence().whole()).doesNotContain("one body");
    }

    @Test
    void whatTheOthersMakeOfAValueIsSaidAsTheTapeWouldShowIt() {
        Expected seat = Proof.of(Sheets.of(with("U1=116.5"))).expected().stream()
                .filter(e -> e.value().toString().equals("U1"))
                .findFirst()
                .orElseThrow();
        // one finger lay under the tape: the body itself is 1.5 cm less
        assertThat(seat.cm()).isEqualTo(115, org.assertj.core.api.Assertions.within(1e-9));
        Finding finding = unusual(Sheets.of(with("U1=116.5"))).orElseThrow();
        double shown = seat.expected() + 1.5;
        assertThat(finding.sentence()).contains("about " + Math.round(2 * shown) / 2.0);
    }

    @Test
    void whatSumsProveWrongIsNotSaidTwice() {
        Sheet torn = Sheets.of(with("S1=97.5"));
        assertThat(Proof.of(torn).suspected()).isNotEmpty();
        assertThat(unusual(torn)).isEmpty();
    }

    @Test
    void acceptedItStandsUntilTheValueChanges() {
        Sheet large = Sheets.of(with("U1=116.5"));
        Finding finding = unusual(large).orElseThrow();
        Sheet taken = large.accepting(List.of(new Acceptance(
                finding.rule(),
                finding.about(),
                Acceptance.resting(finding.values(), Sheet.nanometres(large.settled())),
                "looked at twice",
                "cutter",
                Instant.EPOCH)));
        assertThat(unusual(taken).orElseThrow().isAccepted()).isTrue();
        assertThat(Proof.of(taken).sentence().whole()).contains("Accepted as it is: U1");
        Sheet anew = taken.with(Sheets.reading(taken.form(), "U1", "118"));
        assertThat(unusual(anew).orElseThrow().isAccepted()).isFalse();
    }

    @Test
    void sidesThatReallyDifferAreNoOddity() {
        Sheet uneven = Sheets.of(with("D9-left=70"));
        assertThat(unusual(uneven)).as("it is said of the sides").isEmpty();
        assertThat(Proof.of(uneven).findings())
                .filteredOn(f -> f.rule().equals("left-right"))
                .singleElement()
                .satisfies(f -> assertThat(f.sentence())
                        .contains("12.0 apart. The left one stands out: the rest of this body makes about"));
        Sheet limb = worn(with("D9-left=66"), AgeGroup.ADULT, Differs.LEG);
        assertThat(unusual(limb)).isEmpty();
        assertThat(Proof.of(limb).findings()).noneMatch(f -> f.rule().equals("left-right"));
        Proof proof = Proof.of(uneven);
        Finding sides = proof.findings().stream()
                .filter(f -> f.rule().equals("left-right"))
                .findFirst()
                .orElseThrow();
        Sheet real = uneven.accepting(List.of(new Acceptance(
                sides.rule(),
                sides.about(),
                Acceptance.resting(sides.values(), Sheet.nanometres(proof.settled())),
                "it is so",
                "measurer",
                Instant.EPOCH)));
        assertThat(Proof.of(real).isUnusual(app.misura.core.form.ValueId.parse("D9-left")))
                .as("once confirmed it stands out no more")
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"U2=121, PREGNANCY", "U2=121, TRUNK", "D8=46, LEG", "D8=46, SEATED", "D8=46, INJURY", "P3=140, STATURE"
    })
    void whatIsSwitchedOffForABodyIsNotAskedOfIt(String change, Differs differs) {
        assertThat(unusual(worn(with(change), AgeGroup.ADULT))).as(change).isPresent();
        assertThat(unusual(worn(with(change), AgeGroup.ADULT, differs)))
                .as(change)
                .isEmpty();
    }

    @Test
    void aChildOfUnknownHeightIsComparedWithNobody() {
        String small = Sheets.AVERAGE.replace("P3=171 ", "");
        assertThat(Proof.of(worn(small, AgeGroup.CHILD)).expected()).isEmpty();
        assertThat(Proof.of(worn(small, AgeGroup.ADULT)).expected()).isNotEmpty();
    }

    @Test
    void inInchesTheSameIsFound() {
        OrderForm inches = OrderForms.shipped().get("trousers-tailored").in(Unit.INCH);
        Sheet sheet = Sheets.of(inches, Wearer.USUAL, "P3=67 D8=15 D9-left=22_1/2 D9-right=22_1/2 U1=46 U2=34");
        assertThat(unusual(sheet).orElseThrow().sentence()).contains("U1 reads 46 in", "±", "likely");
    }

    @Test
    void nothingIsComparedWithNothing() {
        assertThat(Proof.of(Sheets.of("U1=100")).expected()).isEmpty();
        Sheet none = Sheets.of(Sheets.AVERAGE);
        assertThat(Proof.of(none.judged(none.judging().with(Norms.none()))).expected())
                .isEmpty();
    }

    private static Expected of(Proof proof, String value) {
        return proof.expected().stream()
                .filter(e -> e.value().toString().equals(value))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatStandsOutDrawsNothingToItself() {
        Expected honest = of(Proof.of(Sheets.of(Sheets.AVERAGE)), "U2");
        Expected beside = of(Proof.of(Sheets.of(with("U1=121"))), "U2");
        assertThat(beside.expected()).isEqualTo(honest.expected(), org.assertj.core.api.Assertions.within(4.0));
    }

    /** One that was looked at and accepted hides no other. */
    @Test
    void twoThatStandOutAreBothNamed() {
        Sheet both = Sheets.of(with("U1=121").replace("D8=38", "D8=45"));
        assertThat(Proof.of(both).findings())
                .filteredOn(f -> f.rule().equals("proportion"))
                .flatExtracting(Finding::values)
                .containsExactlyInAnyOrder("U1", "D8");
    }

    @Test
    void theyAreDrawnWithTheirBandAsTheTapeWouldShowIt() {
        Proof proof = Proof.of(Sheets.of(with("U1=116.5")));
        String svg = FitLines.svg(proof);
        assertThat(svg).contains("U1 Seat", "D9 left Thigh", " ± ");
        assertThat(svg.split("class=\"large\"")).as("one stands out").hasSize(2);
        assertThat(svg.substring(svg.indexOf("class=\"large\""))).startsWith("class=\"large\"><text x=\"0\"");
        assertThat(FitLines.svg(Proof.of(Sheets.of("U1=100")))).isEmpty();
    }
}
