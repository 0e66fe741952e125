package app.misura.core.format.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.body.Bodies;
import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.figure.Figure;
import app.misura.core.figure.Tape;
import app.misura.core.figure.TapePaths;
import app.misura.core.figure.View;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FigurePictureTest {
    static List<String> paths() {
        return TapePaths.codes();
    }

    @ParameterizedTest
    @MethodSource("paths")
    void everyTapeCanBeLaid(String code) {
        TapePaths.Shown shown = TapePaths.of(code);
        for (Body body : List.of(
                Body.of(BodyNumbers.neutral()),
                Bodies.built(184, 30, Bodies.BUILDS[6]),
                Bodies.built(110, 5, Bodies.BUILDS[1]),
                Bodies.built(205, 30, Bodies.BUILDS[0]))) {
            Tape tape = Tape.on(Figure.of(body, shown.view(), true), shown.path());
            assertThat(tape.drawnLength()).as(code).isGreaterThan(1);
            tape.stretches()
                    .forEach(s -> s.points()
                            .forEach(p ->
                                    assertThat(Double.isFinite(p.x() + p.y())).isTrue()));
            String svg = FigurePicture.svg(body, shown.view(), shown.path(), code, "", 304, 560);
            assertThat(svg).doesNotContain("NaN").contains("<title>" + code + "</title>");
        }
    }

    @Test
    void aPictureIsLight() {
        for (View view : View.values()) {
            assertThat(FigurePicture.svg(Body.of(BodyNumbers.neutral()), view, null, "t", "d", 304, 560)
                            .length())
                    .as(view.word())
                    .isLessThan(60_000);
        }
    }
}
