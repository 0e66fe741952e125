package app.misura.core.proportion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.OrderForms;
import app.misura.core.judging.Proportion;
import app.misura.core.judging.Proportions;
import app.misura.core.measure.Side;
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
    private static final Proportions DEFAULTS = Proportions.shipped();
    private static final long SEED = 577;

    /** Bodies whose thighs are 0.62 of the seat, give or take 0.6 cm. */
    private static List<Map<String, Double>> bodies(int n, int misread) {
        Random random = new Random(SEED);
        List<Map<String, Double>> bodies = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double seat = 85 + 40 * random.nextDouble();
            double thigh = .62 * seat + .6 * random.nextGaussian() + (i < misread ? 20 : 0);
            bodies.add(Map.of("seat-girth", seat, "thigh-crotch-girth", thigh));
        }
        return bodies;
    }

    private static Refit.Row thigh(Refit refit) {
        return refit.rules().stream()
                .filter(r -> r.before().of().equals("thigh-crotch-girth"))
                .findFirst()
                .orElseThrow();
    }

    private static double at(Proportion rule, double seat) {
        return rule.factors().get("seat-girth") * seat + rule.constant();
    }

    @Test
    void fewerThanThirtyBodiesChangeNothing() {
        Refit few = Refit.of(DEFAULTS, bodies(29, 0));
        assertThat(few.isAny()).isFalse();
        assertThat(few.proportions("here").rules()).isEqualTo(DEFAULTS.rules());
        assertThat(thigh(few).bodies()).isEqualTo(29);
    }

    @Test
    void itLiesBetweenTheDefaultAndTheHouseAndNearerToTheHouseTheMoreThereAre() {
        double thirty = at(thigh(Refit.of(DEFAULTS, bodies(30, 0))).after(), 100);
        double many = at(thigh(Refit.of(DEFAULTS, bodies(600, 0))).after(), 100);
        assertThat(thirty).as("half way from 58 to 62").isEqualTo(60, within(.5));
        assertThat(many).isEqualTo(62, within(.5));
    }

    @Test
    void theSpreadFollowsToo() {
        Proportion after = thigh(Refit.of(DEFAULTS, bodies(600, 0))).after();
        assertThat(after.spread()).isLessThan(.035).isBetween(.005, .015);
    }

    @Test
    void aFewThatAreMisreadPullItLittle() {
        double honest = at(thigh(Refit.of(DEFAULTS, bodies(200, 0))).after(), 100);
        double some = at(thigh(Refit.of(DEFAULTS, bodies(200, 20))).after(), 100);
        assertThat(some - honest).as("a plain mean would move by about 1.7").isBetween(0.0, .4);
    }

    @Test
    void bodiesThatAreAllAlikeLeaveFiniteNumbers() {
        List<Map<String, Double>> alike = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            alike.add(Map.of("seat-girth", 100.0, "thigh-crotch-girth", 62.0));
        }
        Proportion after = thigh(Refit.of(DEFAULTS, alike)).after();
        assertThat(at(after, 100)).isBetween(58.0, 62.0);
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
}
