package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Estimate;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.measure.Side;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A coat: its sums over one side and with the form's own number, and the numbers it is cut from. */
class CoatTest {
    private static final long SEED = 20261130;
    private static final int BODIES = 300;
    private static final List<String> GIRTHS =
            List.of("chest", "waist", "seat", "neckline", "armhole", "upper-arm", "elbow", "forearm", "sleeve-hem");

    private static CutSpec cut(Sheet sheet, String fit) {
        Garment garment = Garments.shipped().find("coat-tailored").orElseThrow();
        Choices usual = garment.choices().usual(sheet.answers());
        Choices choices = usual.with("fit", fit);
        return ((Cutting.Cut) Cutting.of(Proof.of(sheet), garment, choices)).spec();
    }

    @Test
    void anHonestCoatClosesAndSaysWhatNothingChecks() {
        Proof proof = Proof.of(Sheets.coat());
        assertThat(proof.brackets()).hasSize(3).allMatch(b -> b.state() == Bracket.State.CLOSED);
        assertThat(proof.findings()).isEmpty();
        assertThat(proof.sentence().whole())
                .isEqualTo("Nothing here contradicts itself. B1, A1 left are checked by nothing.");
    }

    @ParameterizedTest
    @CsvSource({"B4=24.5,half-back", "A2=40,arm", "A1-right=66,arm", "M1=91,sleeve", "B6=55,sleeve"})
    void aSlipGapesInTheSumItBelongsTo(String slip, String sum) {
        String id = slip.split("=")[0];
        Proof proof = Proof.of(Sheets.coat(Sheets.COAT.replaceAll(" " + id + "=\\S+", " " + slip), Map.of()));
        assertThat(proof.brackets().stream()
                        .filter(b -> b.state() != Bracket.State.CLOSED)
                        .map(b -> b.closure().id()))
                .contains(sum);
        assertThat(proof.sentence().whole()).contains(id.replace("-right", ""));
    }

    @Test
    void anAverageBodyHasItsNumbers() {
        CutSpec spec = cut(Sheets.coat(), "regular");
        assertThat(spec.line("chest").finished()).isEqualTo(960 - 15 + 110, within(1e-9));
        assertThat(spec.line("waist").finished()).isEqualTo(840 + 100, within(1e-9));
        assertThat(spec.line("collar").finished()).isEqualTo(410 - 10 + 10, within(1e-9));
        assertThat(spec.line("cross-chest").finished()).isEqualTo(350 + 12.5, within(1e-9));
        assertThat(spec.line("upper-arm").finished())
                .as("the larger serves both")
                .isEqualTo(310 + 90, within(1e-9));
        assertThat(spec.line("length").finished()).isEqualTo(740, within(1e-9));
        assertThat(spec.line("vent").finished()).isEqualTo(740 - 448 - 40, within(1e-9));
        assertThat(spec.line("sleeve-hem").finished()).isEqualTo(265, within(1e-9));
        assertThat(spec.estimates().stream().map(Estimate::input)).containsExactly("shoulder-drop");
        assertThat(spec.openings()).allMatch(Opening::holds);
        assertThat(spec.isDrawn()).isFalse();
    }

    @Test
    void aDeepBreathRulesWhereItNeedsMoreThanTheTable() {
        Sheet sheet = Sheets.coat(Sheets.COAT.replace(" M2=100", " M2=108"), Map.of());
        assertThat(cut(sheet, "close").line("chest").ease().value()).isGreaterThan(80 + 40);
    }

    @Test
    void whereTheBodyIsShapedTheBustIsTheChest() {
        Sheet sheet =
                Sheets.coat(Sheets.COAT + " C4=99 C5=82 C6=19.5 C7-left=28 C7-right=28", Map.of("bust-shaping", "yes"));
        CutSpec spec = cut(sheet, "regular");
        assertThat(spec.line("chest").finished()).isEqualTo(990 - 15 + 110, within(1e-9));
        assertThat(spec.line("under-bust").finished()).isEqualTo(820 + 60, within(1e-9));
        assertThat(spec.line("bust-depth").finished()).isEqualTo(280, within(1e-9));
    }

    /** Bodies from slight to very large: no girth of cloth that does not give is under its body, and the sleeve narrows. */
    @Test
    void noFinishedGirthIsUnderItsBody() {
        Random random = new Random(SEED);
        int children = 0;
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int i = 0; i < BODIES; i++) {
            double height = 105 + 93 * random.nextDouble();
            boolean child = height < 145;
            children += child ? 1 : 0;
            String body = body(height, random);
            Wearer wearer = new Wearer(Side.RIGHT, child ? AgeGroup.CHILD : AgeGroup.ADULT);
            for (String fit : List.of("close", "regular", "easy")) {
                CutSpec spec = cut(worn(Sheets.coat(body, Map.of()), wearer), fit);
                String what = "seed " + SEED + ", body " + i + ", " + fit + ": " + body;
                for (String girth : GIRTHS) {
                    ChainLine line = spec.line(girth);
                    assertThat(line.finished()).as(girth + ", " + what).isGreaterThan(line.net());
                }
                assertThat(spec.line("sleeve-hem").finished())
                        .as(what)
                        .isLessThan(spec.line("upper-arm").finished());
                assertThat(spec.openings()).as(what).isNotEmpty();
                least = Math.min(least, spec.line("chest").net());
                most = Math.max(most, spec.line("chest").net());
            }
        }
        assertThat(children).as("children among them").isGreaterThan(BODIES / 5);
        assertThat(least).as("a small one").isLessThan(600);
        assertThat(most).as("a very large body").isGreaterThan(1300);
    }

    private static Sheet worn(Sheet sheet, Wearer wearer) {
        return new Sheet(sheet.form(), wearer, sheet.answers(), sheet.readings());
    }

    @Test
    void aChildHasLessEase() {
        Sheet child = worn(Sheets.coat(), new Wearer(Side.RIGHT, AgeGroup.CHILD));
        assertThat(cut(child, "regular").line("waist").ease().value()).isEqualTo(75, within(1e-9));
    }

    @Test
    void whatIsSoOfMostBodiesIsANoteAndNoWarning() {
        Proof proof = Proof.of(Sheets.coat(Sheets.COAT.replace(" U2=84", " U2=97"), Map.of()));
        assertThat(proof.findings()).extracting(Finding::severity).containsExactly(Severity.NOTE);
        assertThat(proof.verdict()).isEqualTo(Proof.Verdict.HOLDS);
    }

    /** From slight to very large. */
    private static String body(double height, Random random) {
        double chest = height * (.46 + .48 * random.nextDouble() * random.nextDouble()) + random.nextGaussian();
        double arm = .35 * height + random.nextGaussian();
        double upper = .27 * chest + 4 + random.nextGaussian();
        double forearm = .65 * upper + 6.8 + .5 * random.nextGaussian();
        double wrist = .45 * forearm + 4.8 + .3 * random.nextGaussian();
        double width = .2 * chest + .11 * height + 4;
        return String.format(
                Locale.ROOT,
                "P2=%.1f U1=%.1f U2=%.1f U3=%.1f U3=%.1f U4=%.1f B1=%.1f B2=%.1f B3=%.1f B4=%.1f B5=%.1f B6=%.1f"
                        + " B7-left=%.1f B7-right=%.1f C1=%.1f C2=%.1f C3=%.1f A1-left=%.1f A1-right=%.1f A2=%.1f A3=%.1f"
                        + " A4-left=%.1f A4-right=%.1f A5-left=%.1f A5-right=%.1f A6=%.1f A7-left=%.1f A7-right=%.1f"
                        + " M1=%.1f M2=%.1f M3=%.1f",
                height,
                chest + 5,
                chest - 8 + 6 * random.nextGaussian(),
                chest,
                chest,
                .28 * chest + 12.5,
                .255 * height,
                .43 * height,
                .08 * chest + .083 * height,
                width / 2 - 2,
                width - 4,
                width,
                .08 * height,
                .08 * height,
                .24 * height,
                .26 * height,
                width - 6,
                arm,
                arm,
                .57 * arm,
                .43 * arm,
                .3 * chest + 13,
                .3 * chest + 13,
                upper,
                upper,
                forearm,
                wrist,
                wrist,
                width / 2 + arm + 3.5,
                chest + 3,
                .65 * upper + 9.7);
    }
}
