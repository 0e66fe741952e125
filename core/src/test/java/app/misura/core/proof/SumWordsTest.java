package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.form.Closure;
import app.misura.core.form.Formula;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.util.List;
import org.junit.jupiter.api.Test;

class SumWordsTest {
    private static final Closure INSIDE = new Closure(
            "inside-leg", "inside leg", Formula.parse("S2 + D3 - S1"), Length.ZERO, Length.of("1", Unit.CM));

    private static Bracket bracket(Bracket.State state, String gap) {
        return new Bracket(
                INSIDE,
                state,
                gap == null ? null : Length.of(gap, Unit.CM),
                state == Bracket.State.OPEN ? List.of("S2", "D3") : List.of());
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
    void saysTheStateInWords() {
        assertThat(SumWords.whole(bracket(Bracket.State.CLOSED, "0.5"), Unit.CM))
                .isEqualTo("inside leg: S2 + D3 = S1, closed");
        assertThat(SumWords.whole(bracket(Bracket.State.WRONG, "5"), Unit.CM))
                .isEqualTo("inside leg: S2 + D3 = S1, wrong, S2 + D3 is 5.0 over S1");
        assertThat(SumWords.whole(bracket(Bracket.State.NOT_CHECKED, null), Unit.CM))
                .endsWith("not checked");
    }

    @Test
    void anOpenSumNamesWhatItWaitsForAndNoNumber() {
        assertThat(SumWords.whole(bracket(Bracket.State.OPEN, null), Unit.CM))
                .isEqualTo("inside leg: S2 + D3 = S1, waits for S2, D3")
                .doesNotContainPattern("\\d\\.\\d");
        assertThatThrownBy(() -> SumWords.direction(bracket(Bracket.State.OPEN, null), Unit.CM))
                .hasMessageContaining("not judged");
    }
}
