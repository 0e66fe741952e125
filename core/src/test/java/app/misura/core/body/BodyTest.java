package app.misura.core.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BodyTest {
    /** Chest, waist and seat as shares of stature, slim to very large. */
    private static final double[][] BUILDS = {
        {.46, .37, .48},
        {.52, .42, .55},
        {.62, .60, .65},
        {.80, .88, .80},
        {.70, .50, .56},
        {.50, .48, .72},
        {.95, 1.0, .95}
    };

    private static Body built(double stature, double age, double[] build) {
        return Body.of(BodyNumbers.of(stature, age)
                .withGirths(Map.of(
                        "chest-girth",
                        build[0] * stature,
                        "trouser-waist-girth",
                        build[1] * stature,
                        "seat-girth",
                        build[2] * stature)));
    }

    static Stream<Body> bodies() {
        List<Body> bodies = new ArrayList<>();
        double[][] statures = {{95, 3}, {128, 8}, {150, 30}, {170, 30}, {190, 30}, {205, 30}};
        for (double[] stature : statures) {
            for (double[] build : BUILDS) {
                bodies.add(built(stature[0], stature[1], build));
            }
        }
        return bodies.stream();
    }

    @ParameterizedTest
    @MethodSource("bodies")
    void noOutlineCrossesItself(Body body) {
        for (View view : View.values()) {
            Figure figure = Figure.of(body, view);
            List<Point> line = Spline.sampled(figure.outline(), view.isProfile(), 6);
            assertThat(crossings(line, view.isProfile()))
                    .as(view + " of " + body.numbers)
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

    @ParameterizedTest
    @MethodSource("bodies")
    void knownGirthsAreDrawn(Body body) {
        Map<String, Double> girths = body.numbers.girths();
        assertThat(body.girthAt("chest", Side.RIGHT)).isEqualTo(girths.get("chest-girth"), within(0.1));
        assertThat(body.girthAt("trouser", Side.RIGHT)).isEqualTo(girths.get("trouser-waist-girth"), within(0.1));
        assertThat(body.girthAt("seat", Side.RIGHT)).isEqualTo(girths.get("seat-girth"), within(0.1));
    }

    @Test
    void legGirthsMayDifferByside() {
        Map<String, Double> left = new HashMap<>(Map.of("thigh-crotch-girth", 54.0, "knee-girth", 36.0));
        Body body = Body.of(new BodyNumbers(
                170,
                30,
                Map.of("thigh-crotch-girth", 58.0, "knee-girth", 38.0),
                Map.of(Side.LEFT, left),
                Map.of(),
                Map.of()));
        assertThat(body.girthAt("thighTop", Side.LEFT)).isEqualTo(54, within(0.1));
        assertThat(body.girthAt("thighTop", Side.RIGHT)).isEqualTo(58, within(0.1));
        assertThat(body.girthAt("knee", Side.LEFT)).isEqualTo(36, within(0.1));
    }

    @Test
    void knownHeightsAreDrawn() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE));
        Body body = Body.of(BodyNumbers.of(proof));
        assertThat(body.height()).isEqualTo(171);
        assertThat(body.level("crotch")).isEqualTo(77.5, within(0.1));
        assertThat(body.level("band")).isEqualTo(103, within(0.1));
        assertThat(body.level("knee")).isEqualTo(45, within(0.1));
        assertThat(body.level("seat")).isEqualTo(84.5, within(0.1));
    }

    @Test
    void aSuspectedReadingDoesNotBendTheFigure() {
        Proof proof = Proof.of(Sheets.of(Sheets.AVERAGE.replace(" S1=77.5", " S1=68")));
        assertThat(proof.suspected()).containsExactly(ValueId.of("S1"));
        assertThat(BodyNumbers.of(proof).heights()).doesNotContainKey("crotch");
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

    static List<String> paths() {
        return Picture.codes();
    }

    @ParameterizedTest
    @MethodSource("paths")
    void everyTapeCanBeLaid(String code) {
        Picture.Shown shown = Picture.of(code);
        for (Body body : List.of(
                Body.of(BodyNumbers.neutral()),
                built(184, 30, BUILDS[6]),
                built(110, 5, BUILDS[1]),
                built(205, 30, BUILDS[0]))) {
            Tape tape = Tape.on(Figure.of(body, shown.view(), true), shown.path());
            assertThat(tape.drawnLength()).as(code).isGreaterThan(1);
            tape.stretches()
                    .forEach(s -> s.points()
                            .forEach(p ->
                                    assertThat(Double.isFinite(p.x() + p.y())).isTrue()));
            String svg = Picture.svg(body, shown.view(), shown.path(), code, "", 304, 560);
            assertThat(svg).doesNotContain("NaN").contains("<title>" + code + "</title>");
        }
    }

    @Test
    void everyStepThatIsMeasuredHasAPicture() {
        for (Step step : OrderForms.shipped().all().stream()
                .flatMap(f -> f.steps().stream())
                .toList()) {
            if (step.measure() != null && step.measure().kind() != Kind.WISH) {
                assertThat(Picture.of(step.measure(), step.condition(), step.at()))
                        .as(step.label())
                        .isPresent();
            }
        }
    }

    @Test
    void aStraightTapeIsAsLongAsItsMeasure() {
        Body body = Body.of(BodyNumbers.of(Proof.of(Sheets.of(Sheets.AVERAGE))));
        Picture.Shown outside = Picture.of("outside-leg");
        assertThat(Tape.on(Figure.of(body, outside.view()), outside.path()).drawnLength())
                .isEqualTo(103, within(103 * 0.12));
        Picture.Shown loop = Picture.of("crotch-loop");
        assertThat(Tape.on(Figure.of(body, loop.view()), loop.path()).drawnLength())
                .isEqualTo(69.5, within(69.5 * 0.15));
    }

    @Test
    void aPictureIsLight() {
        for (View view : View.values()) {
            assertThat(Picture.svg(Body.of(BodyNumbers.neutral()), view, null, "t", "d", 304, 560)
                            .length())
                    .as(view.word())
                    .isLessThan(60_000);
        }
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

    @Test
    void sectionsOfKnownExponents() {
        assertThat(Section.factor(2)).isEqualTo(1, within(1e-4));
        assertThat(Section.factor(2.4)).isEqualTo(1.0345, within(1e-3));
        assertThat(Section.factor(3)).isEqualTo(1.0735, within(1e-3));
        assertThat(Section.girth(15.5, 11.1, 2.5)).isEqualTo(87.7, within(0.1));
    }
}
