package app.misura.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.draft.block.TrousersInput;
import app.misura.core.form.OrderForms;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TrousersFitTest {
    private static final double EXACT = 1e-9;
    private static final TrousersChoices USUAL = TrousersChoices.of(Map.of());

    private static Sheet without(String... ids) {
        String text = Sheets.AVERAGE;
        for (String id : ids) {
            text = text.replaceAll(" " + id + "=\\S+", "");
        }
        return Sheets.of(text);
    }

    private static TrousersFit.Fitted fitted(Sheet sheet, TrousersChoices choices) {
        return (TrousersFit.Fitted) TrousersFit.of(Proof.of(sheet), choices);
    }

    private static ChainLine line(TrousersFit.Fitted fitted, String name) {
        return fitted.chain().stream()
                .filter(l -> l.line().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static TrousersChoices choices(double hemUp, Cloth cloth, double layers, int growth, Double hemGirth) {
        return new TrousersChoices(
                FitChoice.REGULAR,
                TrousersInput.Front.FLAT,
                hemGirth,
                TrousersChoices.BAND,
                hemUp,
                0,
                cloth,
                layers,
                growth,
                TrousersChoices.SEAM,
                TrousersChoices.HEM);
    }

    @ParameterizedTest
    @EnumSource(FitChoice.class)
    void everyLineOfTheChainAddsUp(FitChoice fit) {
        TrousersFit.Fitted fitted = fitted(without(), USUAL.withFit(fit));
        for (ChainLine line : fitted.chain()) {
            assertThat(line.net() + line.growth() + line.layers() + line.ease().value())
                    .as(line.line())
                    .isEqualTo(line.finished(), within(EXACT));
            if (line.read() != null && !line.line().equals("hem")) {
                assertThat(10 * line.read() - line.play()).as(line.line()).isEqualTo(line.net(), within(1e-6));
            }
            assertThat(line.cut()).as("still cloth is cut as it is finished").isEqualTo(line.finished(), within(EXACT));
        }
    }

    @ParameterizedTest
    @CsvSource({"CLOSE, 30, 10, 5", "REGULAR, 60, 15, 10", "EASY, 90, 20, 20"})
    void easeFollowsTheFit(FitChoice fit, double seat, double waist, double rise) {
        TrousersFit.Fitted fitted = fitted(without(), USUAL.withFit(fit));
        assertThat(line(fitted, "seat").ease().value()).isEqualTo(seat);
        assertThat(line(fitted, "waist").ease().value()).isEqualTo(waist);
        assertThat(line(fitted, "rise").ease().value()).isEqualTo(rise);
        assertThat(line(fitted, "inside-leg").ease().value()).isEqualTo(-rise);
    }

    @Test
    void thePlayOfTheTapeIsTakenOff() {
        ChainLine waist = line(fitted(without(), USUAL), "waist");
        assertThat(waist.play()).as("one finger under the tape").isPositive();
        assertThat(waist.net()).isEqualTo(875 - waist.play(), within(EXACT));
        assertThat(line(fitted(without(), USUAL), "outside-leg").play()).isZero();
    }

    @Test
    void whatIsWornBeneathGoesRoundTheBody() {
        TrousersFit.Fitted thin = fitted(without(), USUAL);
        TrousersFit.Fitted thick = fitted(without(), choices(0, Cloth.STILL, 3, 0, null));
        for (String girth : new String[] {"waist", "seat", "thigh"}) {
            assertThat(line(thick, girth).finished() - line(thin, girth).finished())
                    .as(girth)
                    .isEqualTo(2 * Math.PI * 3, within(EXACT));
        }
        assertThat(line(thick, "crotch-loop").layers()).isEqualTo(6);
        assertThat(line(thick, "outside-leg").layers()).isZero();
    }

    @Test
    void clothThatShrinksIsCutLargerEachWay() {
        TrousersFit.Fitted fitted = fitted(without(), choices(0, new Cloth(0.02, 0.05, 0, 0), 0, 0, null));
        ChainLine seat = line(fitted, "seat");
        assertThat(seat.cut() * 0.98).isEqualTo(seat.finished(), within(EXACT));
        ChainLine outside = line(fitted, "outside-leg");
        assertThat(outside.cut() * 0.95).isEqualTo(outside.finished(), within(EXACT));
        assertThat(fitted.left().seat()).isEqualTo(seat.cut(), within(EXACT));
        assertThat(fitted.left().outside()).isEqualTo(outside.cut(), within(EXACT));
    }

    @Test
    void aHemOffTheFloorShortensBothLegsAlikeAndLeavesTheRise() {
        TrousersFit.Fitted floor = fitted(without(), USUAL);
        TrousersFit.Fitted up = fitted(without(), choices(25, Cloth.STILL, 0, 0, null));
        assertThat(floor.left().outside() - up.left().outside()).isEqualTo(25, within(EXACT));
        assertThat(floor.left().inside() - up.left().inside()).isEqualTo(25, within(EXACT));
        assertThat(up.left().rise()).isEqualTo(floor.left().rise(), within(EXACT));
    }

    @Test
    void theHemIsTheChoiceElseTheWishElseFollowsTheKnee() {
        Sheet wished = Sheets.of(Sheets.AVERAGE + " W1=20");
        assertThat(fitted(wished, USUAL).left().hem()).isEqualTo(400, within(EXACT));
        assertThat(line(fitted(wished, USUAL), "hem").step()).isEqualTo("W1");
        TrousersFit.Fitted chosen = fitted(wished, choices(0, Cloth.STILL, 0, 0, 380.0));
        assertThat(chosen.left().hem()).isEqualTo(380);
        assertThat(line(chosen, "hem").step()).isNull();
        TrousersFit.Fitted plain = fitted(without(), USUAL);
        assertThat(plain.left().hem()).isEqualTo(plain.left().knee() - 15, within(EXACT));
    }

    @Test
    void aBentKneeThatNeedsMoreRules() {
        TrousersFit.Fitted usual = fitted(without(), USUAL);
        assertThat(line(usual, "knee").ease().ruledBy()).isEqualTo(Ease.RuledBy.TABLE);
        TrousersFit.Fitted large = fitted(Sheets.of(Sheets.AVERAGE.replace("M2=41", "M2=48")), USUAL);
        assertThat(line(large, "knee").ease().ruledBy()).isEqualTo(Ease.RuledBy.MOVEMENT);
        assertThat(line(large, "knee").finished()).isEqualTo(490, within(EXACT));
    }

    @Test
    void clothThatGivesNeedsLessAtTheKnee() {
        Sheet large = Sheets.of(Sheets.AVERAGE.replace("M2=41", "M2=48"));
        double stiff = fitted(large, USUAL).left().knee();
        double giving = fitted(large, choices(0, new Cloth(0, 0, 0.1, 0), 0, 0, null))
                .left()
                .knee();
        assertThat(giving).isLessThan(stiff);
    }

    @Test
    void legsNearlyAlikeAreCutAlikeToTheLarger() {
        TrousersFit.Fitted near = fitted(Sheets.of(Sheets.AVERAGE.replace("D9-left=57.5", "D9-left=55.5")), USUAL);
        assertThat(near.apart()).isFalse();
        assertThat(near.left()).isEqualTo(near.right());
        assertThat(line(near, "thigh").read()).isEqualTo(58);
    }

    @Test
    void legsApartAreCutApartByTheirDifference() {
        TrousersFit.Fitted apart = fitted(Sheets.of(Sheets.AVERAGE.replace("D9-left=57.5", "D9-left=54")), USUAL);
        assertThat(apart.apart()).isTrue();
        assertThat(apart.right().thigh() - apart.left().thigh()).isEqualTo(40, within(EXACT));
        assertThat(apart.left().seat()).isEqualTo(apart.right().seat());
    }

    @Test
    void oneThighServesForBoth() {
        TrousersFit.Fitted one = fitted(without("D9-left"), USUAL);
        assertThat(one.apart()).isFalse();
        assertThat(line(one, "thigh").read()).isEqualTo(58);
    }

    @Test
    void whatTheSumsImplyStandsInAndSaysSo() {
        TrousersFit.Fitted fitted = fitted(without("D1"), USUAL);
        Estimate estimate = fitted.estimates().get(0);
        assertThat(estimate.step()).isEqualTo("D1");
        assertThat(estimate.rule()).isEqualTo("implied by the sums");
        assertThat(estimate.valueMm()).isEqualTo(1030, within(8.0));
        assertThat(estimate.sdMm()).isPositive();
    }

    @Test
    void aRuleOfTheHouseStandsInWhereNoSumDoes() {
        TrousersFit.Fitted fitted = fitted(without("D4", "D8", "M2"), USUAL);
        assertThat(fitted.estimates().stream().map(Estimate::input))
                .contains("seat-depth", "knee-straight", "knee-bent");
        assertThat(fitted.estimates().stream()
                        .filter(e -> e.input().equals("seat-depth"))
                        .findFirst()
                        .orElseThrow()
                        .valueMm())
                .isEqualTo(0.70 * (1030 - 775), within(EXACT));
        assertThat(fitted(without(), USUAL).estimates()).isEmpty();
    }

    @Test
    void whatNothingStandsInForIsNamed() {
        TrousersFit.Result result = TrousersFit.of(Proof.of(without("U1", "U2", "D9-left", "D9-right")), USUAL);
        assertThat(result).isEqualTo(new TrousersFit.Missing(java.util.List.of("U1", "U2", "D9")));
    }

    @Test
    void aChildHasLessEaseAndRoomToGrow() {
        Wearer child = new Wearer(Side.RIGHT, AgeGroup.CHILD);
        String small = "P3=128 D1=76 D2=42 D3=34 D4=14 D7=26 D8=27 D9-left=38 D9-right=38 U1=68 U2=60 U2=60"
                + " S1=57 S2=23 S3=52 S4=22 S5=30 M1=19 M2=29.5";
        Sheet sheet = Sheets.of(OrderForms.shipped().get("trousers-tailored"), child, small);
        TrousersFit.Fitted now = fitted(sheet, USUAL);
        assertThat(line(now, "seat").ease().value()).isEqualTo(0.7 * 60, within(EXACT));
        assertThat(now.left().child()).isTrue();
        TrousersFit.Fitted year = fitted(sheet, choices(0, Cloth.STILL, 0, 12, null));
        assertThat(line(year, "seat").growth()).isEqualTo(30, within(EXACT));
        assertThat(line(year, "outside-leg").growth()).isEqualTo(40, within(EXACT));
        assertThat(line(fitted(without(), choices(0, Cloth.STILL, 0, 12, null)), "seat")
                        .growth())
                .as("the grown do not grow")
                .isZero();
    }

    @Test
    void clothAndChoicesHaveTheirBounds() {
        assertThatThrownBy(() -> new Cloth(0.2, 0, 0, 0)).hasMessageContaining("shrinkAcross");
        assertThatThrownBy(() -> new Cloth(0, -0.01, 0, 0)).hasMessageContaining("shrinkAlong");
        assertThatThrownBy(() -> new Cloth(0, 0, Double.NaN, 0)).hasMessageContaining("stretchAcross");
        assertThatThrownBy(() -> TrousersChoices.front("three-pleats")).hasMessageContaining("two-pleats");
        assertThatThrownBy(() -> TrousersChoices.seatShape("round")).hasMessageContaining("prominent");
        assertThatThrownBy(() -> FitChoice.named("baggy")).hasMessageContaining("baggy");
    }
}
