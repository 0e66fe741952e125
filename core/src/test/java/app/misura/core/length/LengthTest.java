package app.misura.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LengthTest {
    private static final long SEED = 31;

    private static Length random(Random random) {
        return new Length(random.nextLong(-2_000_000_000L, 2_000_000_000L));
    }

    @Test
    void sumsAreExactWhateverTheOrder() {
        Random random = new Random(SEED);
        for (int i = 0; i < 10_000; i++) {
            Length a = random(random);
            Length b = random(random);
            Length c = random(random);
            assertThat(a.plus(b).plus(c)).as("seed %d", SEED).isEqualTo(c.plus(a.plus(b)));
            assertThat(a.plus(b).minus(b)).isEqualTo(a);
            assertThat(a.minus(b).abs()).isEqualTo(b.minus(a).abs());
            assertThat(a.times(3)).isEqualTo(a.plus(a).plus(a));
            assertThat(Integer.signum(a.compareTo(b))).isEqualTo(a.minus(b).isPositive() ? 1 : a.equals(b) ? 0 : -1);
        }
    }

    @Test
    void theMiddleLiesBetween() {
        Random random = new Random(SEED);
        for (int i = 0; i < 10_000; i++) {
            Length a = random(random);
            Length b = random(random);
            Length low = a.compareTo(b) < 0 ? a : b;
            Length high = a.compareTo(b) < 0 ? b : a;
            Length middle = a.middle(b);
            assertThat(middle).as("seed %d", SEED).isBetween(low, high);
            assertThat(Math.abs(
                            middle.minus(low).nanometres() - high.minus(middle).nanometres()))
                    .isLessThanOrEqualTo(1);
        }
    }

    @Test
    void unitsAreExact() {
        assertThat(Length.of("1", Unit.INCH)).isEqualTo(Length.of("2.54", Unit.CM));
        assertThat(Length.of("0.125", Unit.INCH).nanometres()).isEqualTo(3_175_000);
        assertThat(Length.of(new BigDecimal("41.5"), Unit.CM).toMm()).isEqualTo(415);
        assertThat(Length.fromMm(12.5).toCm()).isEqualTo(1.25);
        assertThat(Length.from(40.75, Unit.INCH).to(Unit.INCH)).isEqualTo(40.75, within(1e-9));
        assertThat(Unit.CM.other()).isEqualTo(Unit.INCH);
    }

    @Test
    void anUnknownUnitIsRefusedByName() {
        assertThatThrownBy(() -> Unit.parse("ell")).hasMessageContaining("ell");
    }
}
