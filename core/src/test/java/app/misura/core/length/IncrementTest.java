package app.misura.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IncrementTest {
    private static final long SEED = 1212;

    @Test
    void snappingMovesAtMostHalfAStepAndSnapsOnce() {
        Random random = new Random(SEED);
        List<Increment> all = List.of(
                Increment.of("0.5", Unit.CM),
                Increment.of("0.1", Unit.CM),
                Increment.of("0.125", Unit.INCH),
                Increment.of("0.25", Unit.INCH));
        for (int i = 0; i < 20_000; i++) {
            Increment increment = all.get(random.nextInt(all.size()));
            Length length = new Length(random.nextLong(3_000_000_000L));
            Length snapped = increment.snap(length);
            assertThat(increment.holds(snapped)).as("seed %d", SEED).isTrue();
            assertThat(2 * snapped.minus(length).abs().nanometres())
                    .as("seed %d", SEED)
                    .isLessThanOrEqualTo(increment.step().nanometres());
            assertThat(increment.snap(snapped)).isEqualTo(snapped);
        }
    }

    @Test
    void aTapesFractionKeysAreThoseItCanSay() {
        assertThat(Increment.of("0.125", Unit.INCH).fractions()).containsExactly("1/8", "1/4", "1/2");
        assertThat(Increment.of("0.25", Unit.INCH).fractions()).containsExactly("1/4", "1/2");
        assertThat(Increment.of("0.5", Unit.INCH).fractions()).containsExactly("1/2");
        assertThat(Increment.of("1", Unit.INCH).fractions()).isEmpty();
        assertThat(Increment.of("0.5", Unit.CM).fractions()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "1, cm, whole centimetres",
        "0.5, cm, half centimetres",
        "0.1, cm, millimetres",
        "0.25, in, quarter inches",
        "0.125, in, eighths of an inch",
        "0.2, cm, steps of 0.2 cm",
        "0.0625, in, steps of 1/16 in"
    })
    void saysHowFineItIs(String step, String unit, String words) {
        assertThat(Increment.of(step, Unit.parse(unit)).words()).isEqualTo(words);
    }

    @Test
    void theOtherTapesIncrementComesBack() {
        Increment half = Increment.of("0.5", Unit.CM);
        assertThat(half.in(Unit.CM)).isSameAs(half);
        assertThat(half.in(Unit.INCH)).isEqualTo(Increment.of("0.25", Unit.INCH));
        assertThat(half.in(Unit.INCH).in(Unit.CM)).isEqualTo(half);
    }

    @Test
    void aStepOfNothingIsNone() {
        assertThatThrownBy(() -> Increment.of("0", Unit.CM)).hasMessageContaining("must be positive");
        assertThatThrownBy(() -> Increment.of("-0.5", Unit.CM)).hasMessageContaining("must be positive");
    }
}
