package app.misura.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SlipsTest {
    private static Proof proof(String change) {
        String text = Sheets.AVERAGE;
        for (String each : change.split(" ")) {
            text = text.replaceAll(" " + each.split("=")[0] + "=\\S+", "") + " " + each;
        }
        return Proof.of(Sheets.of(text));
    }

    /** The average sheet has D2 58.5, D3 45, S1 77.5, S2 32.5, S4 27. */
    @ParameterizedTest
    @CsvSource({
        "D2=85.5, D2, digits-swapped, 58.5, 'Was D2 58.5, with two digits swapped?'",
        "D1=113, D1, ten-off, 103, 'Was D1 103.0, written ten off?'",
        "S1=17.5, S1, digit-misread, 77.5, 'Was S1 77.5, with one digit misread?'",
        "D3=145, D3, hundred-off, 45, 'Was D3 45.0, written a hundred off?'",
        "S2=325, S2, comma-lost, 32.5, 'Was S2 32.5, with the decimal point lost?'"
    })
    void aSlipIsAskedAbout(String change, String step, String kind, String would, String question) {
        Proof proof = proof(change);
        Slip slip = proof.slip().orElseThrow();
        assertThat(slip.value()).isEqualTo(ValueId.parse(step));
        assertThat(slip.kind().word()).isEqualTo(kind);
        assertThat(slip.would()).isEqualTo(Length.of(would, Unit.CM));
        assertThat(slip.question(Unit.CM)).isEqualTo(question);
        assertThat(proof.sheet())
                .as("nothing is corrected")
                .isEqualTo(proof(change).sheet());
    }

    @Test
    void twoLinesThatWereExchangedAreOneQuestion() {
        Proof proof = proof("S1=32.5 S2=77.5");
        assertThat(proof.slip().map(s -> s.question(Unit.CM)))
                .hasValue("Were S1 and S2 written on each other's lines?");
    }

    @Test
    void whatNoSlipExplainsIsNotGuessed() {
        Proof proof = proof("S2=39.5");
        assertThat(proof.suspect()).isPresent();
        assertThat(proof.slip()).isEmpty();
        assertThat(proof.slips()).allMatch(s -> s.likelihood() < Slip.SAID);
    }

    @Test
    void likelihoodsAreSharesOfAll() {
        for (String change : new String[] {"S2=42.5", "D1=113", "S3=78", "D1=93 S3=78"}) {
            Proof proof = proof(change);
            double all = proof.slips().stream().mapToDouble(Slip::likelihood).sum();
            assertThat(all).as(change).isBetween(0.0, 1.0 + 1e-9);
            assertThat(proof.slips())
                    .as(change)
                    .isSortedAccordingTo((a, b) -> Double.compare(b.likelihood(), a.likelihood()));
        }
    }

    @Test
    void sidesThatDifferAreNoSlip() {
        assertThat(proof("D9-left=52").slips()).isEmpty();
    }

    @Test
    void nothingIsAskedOfAnHonestSheet() {
        assertThat(Proof.of(Sheets.of(Sheets.AVERAGE)).slips()).isEmpty();
    }
}
