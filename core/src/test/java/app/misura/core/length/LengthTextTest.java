package app.misura.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTextTest {
    private static final long SEED = 88;

    @ParameterizedTest
    @CsvSource({
        "82, cm, 82.0",
        "82.5, cm, 82.5",
        "82.25, cm, 82.25",
        "0.5, cm, 0.5",
        "-3.5, cm, -3.5",
        "40.75, in, 40 3/4",
        "40, in, 40",
        "0.5, in, 1/2",
        "-0.375, in, -3/8",
        "41.015625, in, 41 1/64"
    })
    void aColumnShowsWhatATapeSays(String value, String unit, String text) {
        Unit tape = Unit.parse(unit);
        assertThat(LengthText.column(Length.of(value, tape), tape)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({
        "82.0, 82, .0, false",
        "82.25, 82, .25, false",
        "40 3/4, 40, 3/4, true",
        "3/4, '', 3/4, true",
        "40, 40, '', false",
        "none, none, '', false"
    })
    void aColumnIsSplitWhereItAligns(String column, String whole, String rest, boolean fraction) {
        LengthText.Parts parts = LengthText.parts(column);
        assertThat(parts).isEqualTo(new LengthText.Parts(whole, rest));
        assertThat(parts.isFraction()).isEqualTo(fraction);
    }

    @Test
    void nothingIsLostInTheSplit() {
        Random random = new Random(SEED);
        for (int i = 0; i < 5_000; i++) {
            Unit unit = random.nextBoolean() ? Unit.CM : Unit.INCH;
            String column = LengthText.column(Length.of("0.125", Unit.INCH).times(1 + random.nextInt(900)), unit);
            LengthText.Parts parts = LengthText.parts(column);
            assertThat(parts.whole() + (parts.isFraction() && !parts.whole().isEmpty() ? " " : "") + parts.rest())
                    .as("seed %d", SEED)
                    .isEqualTo(column);
        }
    }

    @Test
    void anInchesTextWithNoFractionIsADecimal() {
        assertThat(LengthText.exact(Length.of("1.1", Unit.INCH), Unit.INCH)).isEqualTo("1.1");
        assertThatThrownBy(() -> LengthText.exact(new Length(1), Unit.INCH)).isInstanceOf(ArithmeticException.class);
        assertThat(LengthText.rounded(Length.of("1.1", Unit.INCH), Increment.of("0.25", Unit.INCH)))
                .isEqualTo("1");
    }
}
