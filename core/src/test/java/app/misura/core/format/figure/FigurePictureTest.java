package app.misura.core.format.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.body.Bodies;
import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.figure.Aid;
import app.misura.core.figure.Figure;
import app.misura.core.figure.Scene;
import app.misura.core.figure.Spot;
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
            String svg = FigurePicture.svg(body, Scene.of(shown), code, "", 304, 560);
            assertThat(svg).doesNotContain("NaN").contains("<title>" + code + "</title>");
        }
    }

    @Test
    void aPictureIsLight() {
        for (View view : View.values()) {
            assertThat(FigurePicture.svg(Body.of(BodyNumbers.neutral()), Scene.plain(view), "t", "d", 304, 560)
                            .length())
                    .as(view.word())
                    .isLessThan(60_000);
        }
    }

    /** Turned, the tape stays, but for what a standing body cannot show of a seated one, and arms from the side. */
    @ParameterizedTest
    @MethodSource("paths")
    void aTapeStaysWhenTheFigureTurns(String code) {
        TapePaths.Shown shown = TapePaths.of(code);
        Body body = Body.of(BodyNumbers.neutral());
        for (View view : View.values()) {
            Scene scene = new Scene(view, shown, null, List.of(), null, List.of());
            String svg = FigurePicture.svg(body, scene, code, "", 304, 560);
            assertThat(svg).as(code + " from " + view).doesNotContain("NaN");
            assertThat(svg.contains("class=\"tape"))
                    .as(code + " from " + view)
                    .isEqualTo(scene.path().isPresent());
        }
        if (shown.view() != View.SEATED
                && shown.view().isPlain()
                && !code.startsWith("top-arm")
                && !code.startsWith("foot")
                && !code.startsWith("heel")) {
            for (View view : List.of(View.FRONT, View.BACK)) {
                assertThat(new Scene(view, shown, null, List.of(), null, List.of()).path())
                        .as(code + " from " + view)
                        .isPresent();
            }
        }
    }

    @Test
    void marksAndAidsAreOnTheBody() {
        Body body = Body.of(BodyNumbers.neutral());
        Scene wanted = new Scene(
                View.FRONT,
                TapePaths.of("inside-leg"),
                null,
                List.of(new Scene.Mark("P1", Spot.BAND, false), new Scene.Mark("P2", Spot.KNEE, true)),
                Aid.of("inside-leg").orElseThrow(),
                Scene.levels("band"));
        String svg = FigurePicture.svg(body, wanted, "t", "d", 304, 560);
        assertThat(svg).contains(">P1<").contains("class=\"wanted\"").contains("class=\"aidbar\"");
        assertThat(svg).as("what is set needs no name").doesNotContain(">P2<");
    }
}
