package app.misura.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class SearchTest {
    private static final long SEED = 77;

    private static Search<Double> of(DoubleUnaryOperator f) {
        return Search.of(x -> x, f::applyAsDouble);
    }

    private static double at(Search.Result<Double> result) {
        assertThat(result).isInstanceOf(Search.Found.class);
        return ((Search.Found<Double>) result).at();
    }

    @Test
    void rootsOfRandomFallingCurvesAreFound() {
        Random random = new Random(SEED);
        for (int i = 0; i < 2_000; i++) {
            double root = random.nextDouble() * 200 - 100;
            double slope = 0.1 + random.nextDouble() * 5;
            double bend = random.nextDouble() * 0.02;
            DoubleUnaryOperator f = x -> -slope * (x - root) - bend * Math.pow(x - root, 3);
            double found = at(of(f).from(root + 20 * random.nextGaussian(), 1).within(1e-8));
            assertThat(found).as("seed %d", SEED).isEqualTo(root, within(1e-6));
        }
    }

    @Test
    void aStepIsFoundByHalvingItsBracket() {
        double found = at(
                of(x -> Math.atan(200 * (x - 3.1))).from(0, 1).between(-50, 50).within(1e-6));
        assertThat(found).isEqualTo(3.1, within(1e-6));
    }

    @Test
    void whatIsOutOfReachIsSaidToBeSo() {
        Search.Result<Double> result = of(x -> 5 - x).from(0, 1).between(-2, 4).within(1e-9);
        assertThat(result).isEqualTo(new Search.OutOfReach<>(4, 1));
        assertThat(result.found()).isEmpty();
        assertThat(of(x -> 4 - x).from(0, 1).between(-2, 4).within(1e-9).found())
                .hasValue(4.0);
    }

    @Test
    void aFlatStretchLeadsToTheBound() {
        Search.Result<Double> result =
                of(x -> Math.min(2, x) - 3).from(0, 0.5).between(0, 9).within(1e-9);
        assertThat(result).isEqualTo(new Search.OutOfReach<>(9, -1));
    }

    @Test
    void whatCannotBeDrawnIsGoneTowardsAsFarAsItCan() {
        Search.Result<Double> near = Search.<Double>of(x -> x > 3 ? null : x, x -> 2.9 - x)
                .from(0, 4)
                .within(1e-9);
        assertThat(at(near)).isEqualTo(2.9, within(1e-9));
        Search.Result<Double> beyond =
                Search.<Double>of(x -> x > 3 ? null : x, x -> 8 - x).from(0, 1).within(1e-9);
        assertThat(beyond).isInstanceOf(Search.NotDrawn.class);
        assertThat(beyond.found()).isEmpty();
        assertThat(Search.<Double>of(x -> null, x -> x).from(0, 1).within(1e-9)).isEqualTo(new Search.NotDrawn<>(0));
    }

    @Test
    void givingUpIsNotSaidToBeNothing() {
        Search.Result<Double> result = of(x -> 1 + x * x).from(3, 1).within(1e-9);
        assertThat(result).isInstanceOf(Search.GaveUp.class);
        assertThatThrownBy(result::found).isInstanceOf(SearchGaveUp.class);
    }

    @Test
    void nothingIsDrawnTwice() {
        List<Double> drawn = new ArrayList<>();
        Search.of(
                        x -> {
                            drawn.add(x);
                            return x;
                        },
                        x -> x * x * x - 8)
                .from(1, 0.5)
                .between(0, 10)
                .within(1e-9)
                .found();
        assertThat(drawn).doesNotHaveDuplicates().hasSizeLessThan(20);
    }
}
