package app.misura.core.proportion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.OrderForms;
import app.misura.core.measure.Side;
import app.misura.core.norm.Known;
import app.misura.core.norm.LikelyBody;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Rule;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The proportions follow the house's own bodies, slowly, and not those that are misread. */
class RefitTest {
    private static final Norms DEFAULTS = Norms.shipped();
    private static final long SEED = 577;

    /** Bodies whose thighs at the crotch are 1.08 of those below it, give or take 0.6 cm. */
    private static List<Map<String, Double>> bodies(int n, int misread) {
        Random random = new Random(SEED);
        List<Map<String, Double>> bodies = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double below = 45 + 25 * random.nextDouble();
            double thigh = 1.08 * below + .6 * random.nextGaussian() + (i < misread ? 20 : 0);
            bodies.add(Map.of("thigh-below-girth", below, "thigh-crotch-girth", thigh));
        }
        return bodies;
    }

    private static Refit.Row thigh(Refit refit) {
        return refit.rules().stream()
                .filter(r -> r.before().of().equals("thigh-crotch-girth"))
                .findFirst()
                .orElseThrow();
    }

    private static double at(Rule rule, double below) {
        return rule.factors().get("thigh-below-girth") * below + rule.constant();
    }

    @Test
    void fewerThanThirtyBodiesChangeNothing() {
        Refit few = Refit.of(DEFAULTS, bodies(29, 0));
        assertThat(few.isAny()).isFalse();
        assertThat(few.norms("here").rules()).isEqualTo(DEFAULTS.rules());
        assertThat(thigh(few).bodies()).isEqualTo(29);
    }

    @Test
    void itLiesBetweenTheDefaultAndTheHouseAndNearerToTheHouseTheMoreThereAre() {
        double thirty = at(thigh(Refit.of(DEFAULTS, bodies(30, 0))).after(), 100);
        double many = at(thigh(Refit.of(DEFAULTS, bodies(600, 0))).after(), 100);
        assertThat(thirty).as("half way from 102 to 108").isEqualTo(105, within(.7));
        assertThat(many).isEqualTo(108, within(.7));
    }

    @Test
    void theSpreadFollowsToo() {
        Rule after = thigh(Refit.of(DEFAULTS, bodies(600, 0))).after();
        assertThat(after.spread()).isLessThan(.02).isBetween(.005, .015);
    }

    @Test
    void aFewThatAreMisreadPullItLittle() {
        double honest = at(thigh(Refit.of(DEFAULTS, bodies(200, 0))).after(), 100);
        double some = at(thigh(Refit.of(DEFAULTS, bodies(200, 20))).after(), 100);
        assertThat(some - honest).as("a plain mean would move by about 3.5").isBetween(-.8, .8);
    }

    @Test
    void bodiesThatAreAllAlikeLeaveFiniteNumbers() {
        List<Map<String, Double>> alike = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            alike.add(Map.of("thigh-below-girth", 100.0, "thigh-crotch-girth", 108.0));
        }
        Rule after = thigh(Refit.of(DEFAULTS, alike)).after();
        assertThat(at(after, 100)).isBetween(102.0, 108.0);
        assertThat(after.constant()).isFinite();
        assertThat(after.spread()).isGreaterThan(0);
    }

    @Test
    void aBodyIsNetAndItsSidesAreOne() {
        Map<String, Double> body = Refit.body(Sheets.of(Sheets.AVERAGE), DEFAULTS);
        assertThat(body.get("seat-girth")).isEqualTo(100, within(1e-9));
        assertThat(body.get("thigh-crotch-girth")).isEqualTo(57.75, within(1e-9));
        assertThat(body).containsKeys("height", "knee-girth[bent]");
    }

    @Test
    void whoIsNotGrownOrDiffersDoesNotCount() {
        var form = OrderForms.shipped().get("trousers-tailored");
        assertThat(Refit.body(Sheets.of(form, new Wearer(Side.RIGHT, AgeGroup.CHILD), Sheets.AVERAGE), DEFAULTS))
                .isEmpty();
        assertThat(Refit.body(
                        Sheets.of(
                                form,
                                new Wearer(Side.RIGHT, AgeGroup.ADULT, Set.of(Differs.PREGNANCY)),
                                Sheets.AVERAGE),
                        DEFAULTS))
                .isEmpty();
    }

    /** A house that reads the thigh at the crotch tells of the one below it too. */
    @Test
    void whatIsAPlainShareOfAMeasuredGirthTellsOfIt() {
        Random random = new Random(SEED);
        List<Map<String, Double>> bodies = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            double seat = 100 + 8 * random.nextGaussian();
            bodies.add(Map.of("seat-girth", seat, "thigh-crotch-girth", .66 * seat + random.nextGaussian()));
        }
        Refit refit = Refit.of(DEFAULTS, bodies);
        assertThat(refit.isShaped()).isTrue();
        assertThat(refit.measured()).isEqualTo(120);
        double before = thighOf(DEFAULTS);
        double after = thighOf(refit.norms("here"));
        assertThat(before).isBetween(57.0, 61.0);
        assertThat(after).as("on the way to 66").isBetween(before + 2.5, 66.0);
    }

    private static double thighOf(Norms norms) {
        return LikelyBody.of(norms, List.of(new Known("seat", "seat-girth", 100, .5, 0)), false, 1)
                .likely("thigh-crotch-girth")
                .orElseThrow()
                .cm();
    }
}
