package app.misura.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.reading.Taking.Doubt;
import app.misura.core.reading.Taking.Hand;
import app.misura.core.reading.Taking.Origin;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TakingTest {
    @ParameterizedTest
    @CsvSource(nullValues = "-", textBlock = """
                    '',                       -,               TRAINED, SURE,  BODY
                    ruler,                    ruler,           TRAINED, SURE,  BODY
                    so-so,                    -,               TRAINED, SO_SO, BODY
                    ruler; so-so,             ruler,           TRAINED, SO_SO, BODY
                    alone,                    -,               ALONE,   SURE,  BODY
                    alone with a mirror,      with a mirror,   ALONE,   SURE,  BODY
                    helper; ruler; so-so,     ruler,           HELPER,  SO_SO, BODY
                    simulated tape,           -,               TRAINED, SURE,  SIMULATED
                    helper; simulated tape,   -,               HELPER,  SURE,  SIMULATED
                    aloneness,                aloneness,       TRAINED, SURE,  BODY
                    a ruler; alone,           a ruler; alone,  TRAINED, SURE,  BODY
                    """)
    void itsPartsStandInOneText(String text, String tool, Hand hand, Doubt doubt, Origin origin) {
        Taking taking = Taking.parse(text);
        assertThat(taking).isEqualTo(new Taking(tool, hand, doubt, origin));
        assertThat(Taking.parse(taking.text())).isEqualTo(taking);
    }

    /** A doubt was once written over the tool it was read with. */
    @Test
    void aToolIsKnownWhateverElseIsSaid() {
        for (Hand hand : Hand.values()) {
            for (Doubt doubt : Doubt.values()) {
                for (Origin origin : Origin.values()) {
                    Taking taking = new Taking("steel ruler", hand, doubt, origin);
                    assertThat(Taking.parse(taking.text())).isEqualTo(taking);
                }
            }
        }
    }

    @Test
    void nothingToBeSaidIsNoText() {
        assertThat(Taking.USUAL.text()).isNull();
        assertThat(Taking.parse(null)).isEqualTo(Taking.USUAL);
        assertThat(new Taking("  ", Hand.TRAINED, Doubt.SURE, Origin.BODY)).isEqualTo(Taking.USUAL);
    }
}
