package app.misura.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PullTest {
    /** Worked by hand: P = 2 pi k e / G, 133.322 Pa are one mmHg. */
    @ParameterizedTest
    @CsvSource({"60,0.10,165,1.71", "800,0.05,165,11.42", "800,0.05,1000,1.885", "1400,0.045,160,18.56"})
    void aStrainPressesTheSmallGirthMost(double k, double strain, double girth, double mmHg) {
        assertThat(new Pull(k, false).pressure(strain, girth)).isEqualTo(mmHg, within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"60,0.10,165", "800,0.02,360", "1400,0.06,1020"})
    void theStrainOfAPressureIsTheStrainThatPressesIt(double k, double strain, double girth) {
        Pull pull = new Pull(k, false);
        assertThat(pull.strain(pull.pressure(strain, girth), girth)).isEqualTo(strain, within(1e-12));
    }

    @Test
    void aStripThatHungSaysHowHardItPulls() {
        Pull pull = Pull.ofHanging(200, 50, 200, 10);
        assertThat(pull.newtonsPerMetre()).isEqualTo(0.2 * 9.80665 / 0.05 / 0.05, within(1e-9));
        assertThat(pull.tested()).isTrue();
    }
}
