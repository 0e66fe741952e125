package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.form.Closure;
import app.misura.core.form.StepSum;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.Sheets;
import java.util.List;
import org.junit.jupiter.api.Test;

class SumWordsTest {
    private static final Closure INSIDE = new Closure(
            "inside-leg", "inside leg", StepSum.parse("S2 + D3 - S1"), Length.ZERO, Length.of("1", Unit.CM));

    private static Bracket bracket(Bracket.State state, String gap) {
        return new Bracket(
                INSIDE,
                state,
                gap == null ? null : Length.of(gap, Unit.CM),
                state == Bracket.State.OPEN ? List.of(ValueId.of("S2"), ValueId.of("D3")) : List.of());
    }

    @Test
    void saysByHowMuchThePartsMissTheWhole() {
        assertThat(SumWords.direction(bracket(Bracket.State.WRONG, "5"), Unit.CM))
                .isEqualTo("S2 + D3 is 5.0 over S1");
        assertThat(SumWords.direction(bracket(Bracket.State.WRONG, "-2.5"), Unit.CM))
                .isEqualTo("S2 + D3 is 2.5 under S1");
        assertThat(SumWords.direction(bracket(Bracket.State.GAP, "3.81"), Unit.INCH))
                .isEqualTo("S2 + D3 is 1 1/2 over S1");
    }

    @Test
    void saysHowItStandsInAFewWords() {
        assertThat(SumWords.brief(bracket(Bracket.State.CLOSED, "0.5"), Unit.CM))
                .isEqualTo("Inside leg closes");
        assertThat(SumWords.brief(bracket(Bracket.State.WRONG, "5"), Unit.CM))
                .isEqualTo("Inside leg: S2 + D3 is 5.0 over S1");
        assertThat(SumWords.brief(bracket(Bracket.State.NOT_CHECKED, null), Unit.CM))
                .isEqualTo("Inside leg is not checked");
        assertThat(SumWords.brief(bracket(Bracket.State.OPEN, null), Unit.CM)).isEqualTo("Inside leg waits for S2, D3");
        assertThatThrownBy(() -> SumWords.direction(bracket(Bracket.State.OPEN, null), Unit.CM))
                .hasMessageContaining("not judged");
    }

    private static String aloud(String sheet, String closure) {
        Proof proof = Proof.of(Sheets.of(sheet));
        return proof.brackets().stream()
                .filter(b -> b.closure().id().equals(closure))
                .findFirst()
                .map(b -> SumWords.aloud(b, proof))
                .orElseThrow();
    }

    @Test
    void isReadAloudWithItsNumbers() {
        assertThat(aloud(Sheets.AVERAGE.replace("S2=32.5", "S2=40"), "inside-leg"))
                .isEqualTo("Inside leg: S2 40.0 plus D3 45.0 is 85.0; S1 is 77.5; 7.5 over; allowed 1.0");
        assertThat(aloud(Sheets.AVERAGE.replace("S2=32.5", "S2=30"), "inside-leg"))
                .contains("; 2.5 under; ");
        assertThat(aloud(Sheets.AVERAGE, "inside-leg")).contains("is 77.5; S1 is 77.5; it closes; ");
    }

    @Test
    void anOpenSumIsReadWithoutAnyNumber() {
        String open = aloud(Sheets.AVERAGE.replace(" S5=42.5", ""), "loop");
        assertThat(open).isEqualTo("Loop: S4 plus S5 is S3; waits for S5").doesNotContainPattern("\\d\\.\\d");
    }
}
