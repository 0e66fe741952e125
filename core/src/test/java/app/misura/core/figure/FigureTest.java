package app.misura.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FigureTest {
    @ParameterizedTest
    @MethodSource("app.misura.core.body.Bodies#all")
    void noOutlineCrossesItself(Body body) {
        for (View view : View.values()) {
            Figure figure = Figure.of(body, view);
            List<Point> line = Spline.sampled(figure.outline(), view.isProfile(), 6);
            assertThat(crossings(line, view.isProfile()))
                    .as(view + " of " + body.numbers())
                    .isEmpty();
        }
    }

    private static List<String> crossings(List<Point> line, boolean closed) {
        List<String> found = new ArrayList<>();
        for (int i = 1; i < line.size(); i++) {
            for (int j = i + 2; j < line.size(); j++) {
                if (closed && i == 1 && j == line.size() - 1) {
                    continue;
                }
                Point a = line.get(i - 1);
                Point b = line.get(i);
                Point c = line.get(j - 1);
                Point d = line.get(j);
                double d1 = b.minus(a).cross(c.minus(a));
                double d2 = b.minus(a).cross(d.minus(a));
                double d3 = d.minus(c).cross(a.minus(c));
                double d4 = d.minus(c).cross(b.minus(c));
                if (d1 * d2 < 0 && d3 * d4 < 0) {
                    found.add(a + " x " + c);
                }
            }
        }
        return found;
    }

    @Test
    void leftIsTheMirrorOfRight() {
        List<Point> line = Spline.sampled(
                Figure.of(Body.of(BodyNumbers.neutral()), View.FRONT).outline(), false, 6);
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get(line.size() - 1 - i);
            assertThat(a.x()).isEqualTo(-b.x(), within(1e-9));
            assertThat(a.y()).isEqualTo(b.y(), within(1e-9));
        }
    }

    @Test
    void everyMarkIsOnAPlaceThatTheFigureHas() {
        Body body = Body.of(BodyNumbers.neutral());
        for (OrderForm form : OrderForms.shipped().all()) {
            assertThat(body.level(form.heading().waist())).isPositive();
            for (Step step : form.steps()) {
                for (String word : step.prompt().spots()) {
                    assertThat(Spot.named(word)).as(form.id() + " " + word).isPresent();
                }
            }
        }
        for (Spot spot : Spot.values()) {
            for (View view : View.values()) {
                if (spot.isSeenFrom(view)) {
                    assertThat(Figure.of(body, view).places(spot).size()
                                    + spot.level().stream().count())
                            .as(spot + " from " + view)
                            .isPositive();
                }
            }
        }
    }

    @Test
    void everyStepThatIsMeasuredHasAPicture() {
        for (OrderForm form : OrderForms.shipped().all()) {
            for (Step step : form.steps()) {
                if (step.measure() != null
                        && step.measure().kind() != Kind.WISH
                        && step.measure().kind().isLength()) {
                    assertThat(TapePaths.of(
                                    step.measure(),
                                    step.condition(),
                                    step.at(),
                                    form.heading().waist()))
                            .as(form.id() + " " + step.label())
                            .isPresent();
                }
            }
        }
    }

    @Test
    void aStraightTapeIsAsLongAsItsMeasure() {
        Body body = Body.of(BodyNumbers.of(Proof.of(Sheets.of(Sheets.AVERAGE))));
        TapePaths.Shown outside = TapePaths.of("outside-leg");
        assertThat(Tape.on(Figure.of(body, outside.view()), outside.path()).drawnLength())
                .isEqualTo(103, within(103 * 0.12));
        TapePaths.Shown loop = TapePaths.of("crotch-loop");
        assertThat(Tape.on(Figure.of(body, loop.view()), loop.path()).drawnLength())
                .isEqualTo(69.5, within(69.5 * 0.15));
    }

    @Test
    void pathsAreChecked() {
        assertThatThrownBy(() -> TapePath.parse("crown.M ~ floorM")).hasMessageContaining("is no link");
        assertThatThrownBy(() -> TapePath.parse("crown.M")).hasMessageContaining("is no path");
        assertThatThrownBy(() -> Tape.on(
                        Figure.of(Body.of(BodyNumbers.neutral()), View.FRONT), TapePath.parse("moon.M - floorM")))
                .hasMessageContaining("moon");
        assertThat(TapePath.parse("none")).isEqualTo(new TapePath.None());
    }
}
