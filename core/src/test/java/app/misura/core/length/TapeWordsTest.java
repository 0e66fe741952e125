package app.misura.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TapeWordsTest {
    @ParameterizedTest
    @CsvSource({
        "CM, 1028.7, 102.9, +102.9",
        "CM, -3, -0.3, −0.3",
        "CM, 0.04, 0.0, 0",
        "INCH, 1028.7, 40 1/2, +40 1/2",
        "INCH, -12.7, -1/2, −1/2",
        "INCH, 1.5, 0, 0",
        "INCH, 1.6, 1/8, +1/8",
        "INCH, -1.5, 0, 0",
        "INCH, 25.4, 1, +1"
    })
    void aLengthIsSaidAsItsTapeSaysIt(Unit unit, double mm, String plain, String signed) {
        TapeWords tape = new TapeWords(unit);
        assertThat(tape.of(mm)).isEqualTo(plain);
        assertThat(tape.signed(mm)).isEqualTo(signed);
        assertThat(tape.said(mm)).isEqualTo(plain + " " + unit.symbol());
    }

    @Test
    void lengthsInATextAreSaidAsTheTapeSaysThem() {
        String text = "A slit begins {40} above the seat, {127.0} long.";
        assertThat(new TapeWords(Unit.CM).filled(text)).isEqualTo("A slit begins 4.0 cm above the seat, 12.7 cm long.");
        assertThat(new TapeWords(Unit.INCH).filled(text))
                .isEqualTo("A slit begins 1 5/8 in above the seat, 5 in long.");
        assertThat(new TapeWords(Unit.CM).filled("{no length} and {}")).isEqualTo("{no length} and {}");
    }
}
