package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** What a study of two thousand bodies is worth depends on whom it draws. */
class RandomBodyTest {
    private static final long SEED = 90210;

    private final List<RandomBody> drawn =
            LongStream.range(SEED, SEED + 2000).mapToObj(RandomBody::new).toList();

    private double share(java.util.function.Predicate<RandomBody> who) {
        return drawn.stream().filter(who).count() / 2000.0;
    }

    @Test
    void thereAreChildrenMenAndWomenAndUnevenBodies() {
        assertThat(share(RandomBody::isChild)).isBetween(0.12, 0.22);
        assertThat(share(b -> !b.isChild() && b.isWoman())).isBetween(0.35, 0.48);
        assertThat(share(b -> !b.isChild() && !b.isWoman())).isBetween(0.35, 0.48);
        assertThat(share(RandomBody::isUneven)).isBetween(0.09, 0.16);
    }

    @Test
    void thereAreVeryLargeVerySmallAndVeryTallOnes() {
        assertThat(share(b -> b.cm("U1") > 120)).isGreaterThan(0.06);
        assertThat(share(b -> b.cm("U1") > 135)).isGreaterThan(0.005);
        assertThat(share(b -> b.cm("U1") < 75)).isGreaterThan(0.05);
        assertThat(share(b -> !b.isChild() && b.cm("P3") > 190)).isGreaterThan(0.01);
        assertThat(share(b -> !b.isChild() && b.cm("P3") < 152)).isGreaterThan(0.005);
        assertThat(share(b -> b.cm("U2") > b.cm("U1")))
                .as("a belly before the seat")
                .isGreaterThan(0.001);
    }

    @Test
    void twoSeedsInARowAreTwoBodies() {
        for (int i = 1; i < drawn.size(); i++) {
            assertThat(drawn.get(i).cm("P3")).isNotEqualTo(drawn.get(i - 1).cm("P3"));
        }
    }
}
