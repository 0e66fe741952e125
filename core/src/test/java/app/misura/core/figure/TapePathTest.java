package app.misura.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.measure.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TapePathTest {
    @Test
    void aBandLiesRoundAPartAtALevel() {
        assertThat(TapePath.parse("band:leg@thigh.L")).isEqualTo(new TapePath.Band("leg", "thigh", 'L'));
        assertThat(TapePath.parse("band:leg@thigh"))
                .as("right is usual")
                .isEqualTo(new TapePath.Band("leg", "thigh", 'R'));
        assertThat(TapePath.parse("band:trunk@seat+2")).isEqualTo(new TapePath.Band("trunk", "seat+2", 'R'));
        assertThat(TapePath.parse("none")).isInstanceOf(TapePath.None.class);
    }

    @Test
    void aRunGoesFromItsFirstPoint() {
        TapePath.Run run = (TapePath.Run) TapePath.parse("sidePoint@band.R >s knee.R | floor.R");
        assertThat(run.points()).containsExactly("sidePoint@band.R", "knee.R", "floor.R");
        assertThat(run.links()).containsExactly(">s", "|");
        assertThat(((TapePath.Run) run.mirrored()).points()).containsExactly("sidePoint@band.L", "knee.L", "floor.L");
        assertThat(((TapePath.Run) run.mirrored()).links()).isEqualTo(run.links());
    }

    @Test
    void whatLiesInTheMiddleStaysThere() {
        TapePath.Run run = (TapePath.Run) TapePath.parse("frontCentre@band >u backCentre@band");
        assertThat(run.mirrored()).isEqualTo(run);
    }

    static java.util.List<String> codes() {
        return TapePaths.codes();
    }

    @ParameterizedTest
    @MethodSource("codes")
    void mirroredTwiceEveryPathIsItself(String code) {
        TapePath path = TapePaths.of(code).path();
        assertThat(path.mirrored().mirrored()).isEqualTo(path);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "band:wing@seat", "a b", "a >f", ">f a", "a >x b", "band:leg@"})
    void otherTextsAreNoPath(String text) {
        assertThatThrownBy(() -> {
                    TapePath path = TapePath.parse(text);
                    Figure figure = Figure.of(Body.of(BodyNumbers.neutral()), View.FRONT);
                    Tape.on(figure, path);
                })
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageNotContaining("null");
    }

    @Test
    void aStepOnTheLeftIsShownOnTheLeft() {
        Step thigh = OrderForms.shipped().get("trousers-tailored").step("D9");
        TapePaths.Shown shown = TapePaths.of(thigh.taken(), thigh.condition(), thigh.at(), "band")
                .orElseThrow();
        TapePath left = shown.on(Side.LEFT, shown.view());
        TapePath right = shown.on(Side.RIGHT, shown.view());
        assertThat(left).isNotEqualTo(right).isEqualTo(right.mirrored());
        assertThat(shown.on(null, shown.view())).isEqualTo(shown.path());
        Body body = Body.of(BodyNumbers.neutral());
        Tape onLeft = Tape.on(Figure.of(body, shown.view()), left);
        Tape onRight = Tape.on(Figure.of(body, shown.view()), right);
        assertThat(onLeft.drawnLength()).isEqualTo(onRight.drawnLength(), org.assertj.core.api.Assertions.within(0.5));
        assertThat(onLeft.height()).isEqualTo(onRight.height(), org.assertj.core.api.Assertions.within(1e-6));
    }
}
