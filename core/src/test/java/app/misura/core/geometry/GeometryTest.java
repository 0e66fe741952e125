package app.misura.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GeometryTest {
    private static final long SEED = 417;

    private static Segment.Cubic randomCubic(Random random) {
        Point[] p = new Point[4];
        for (int i = 0; i < 4; i++) {
            p[i] = new Point(random.nextDouble() * 300, random.nextDouble() * 300);
        }
        return new Segment.Cubic(p[0], p[1], p[2], p[3]);
    }

    @Test
    void noChordIsFurtherFromTheCurveThanPromised() {
        Random random = new Random(SEED);
        for (int i = 0; i < 300; i++) {
            Segment.Cubic cubic = randomCubic(random);
            List<Point> chords = cubic.flatten(Path.DEVIATION);
            for (int k = 1; k < 40; k++) {
                Point p = cubic.at(k / 40.0);
                assertThat(distance(chords, p))
                        .as("seed %d, curve %d", SEED, i)
                        .isLessThanOrEqualTo(Path.DEVIATION + 1e-9);
            }
        }
    }

    private static double distance(List<Point> chords, Point p) {
        double least = Double.MAX_VALUE;
        for (int i = 1; i < chords.size(); i++) {
            Point a = chords.get(i - 1);
            Point ab = chords.get(i).minus(a);
            double t = ab.length() == 0 ? 0 : Math.max(0, Math.min(1, p.minus(a).dot(ab) / ab.dot(ab)));
            least = Math.min(least, p.distance(a.plus(ab.times(t))));
        }
        return least;
    }

    @Test
    void lengthIsThatOfTheFlattenedLineAndTurnsRound() {
        Random random = new Random(SEED);
        for (int i = 0; i < 300; i++) {
            Segment.Cubic cubic = Segment.Cubic.hermite(
                    Point.ORIGIN,
                    new Point(1, 0).turned(random.nextDouble() * 1.6 - 0.8),
                    0.2 + 0.3 * random.nextDouble(),
                    new Point(1, 0).turned(random.nextDouble() * 1.6 - 0.8),
                    0.2 + 0.3 * random.nextDouble(),
                    new Point(50 + random.nextDouble() * 500, 0));
            double fine = Polyline.length(cubic.flatten(0.0005));
            assertThat(cubic.length()).as("seed %d, curve %d", SEED, i).isEqualTo(fine, within(0.002));
            assertThat(cubic.reversed().length()).isEqualTo(cubic.length(), within(1e-9));
            Segment.Cubic[] halves = cubic.split(0.3);
            assertThat(halves[0].length() + halves[1].length()).isEqualTo(cubic.length(), within(0.002));
        }
    }

    @Test
    void aQuarterCircleHasItsLengthAndRadius() {
        double k = 0.5522847498;
        Segment.Cubic quarter = new Segment.Cubic(
                new Point(100, 0), new Point(100, 100 * k), new Point(100 * k, 100), new Point(0, 100));
        assertThat(quarter.length()).isEqualTo(Math.PI * 50, within(0.05));
        assertThat(quarter.radius(0.5)).isEqualTo(100, within(1.0));
    }

    @Test
    void anOffsetRunsAtItsDistance() {
        Segment.Cubic curve =
                new Segment.Cubic(new Point(0, 0), new Point(60, 0), new Point(100, 60), new Point(100, 160));
        List<Point> line = curve.flatten(Path.DEVIATION);
        for (double distance : new double[] {10, -10}) {
            for (Point p : Polyline.offset(line, distance)) {
                assertThat(distance(line, p)).isEqualTo(10, within(0.05));
            }
        }
    }

    @Test
    void crossingsGiveTheWidthOfASquare() {
        List<Point> square = List.of(new Point(0, 0), new Point(80, 0), new Point(80, 50), new Point(0, 50));
        assertThat(Polyline.crossings(square, 20)).containsExactly(0, 80);
        assertThat(Polyline.crossings(square, 60)).isEmpty();
        assertThat(Polyline.area(square)).isEqualTo(4000);
        assertThat(Polyline.crossesItself(square)).isFalse();
        List<Point> bow = List.of(new Point(0, 0), new Point(80, 50), new Point(80, 0), new Point(0, 50));
        assertThat(Polyline.crossesItself(bow)).isTrue();
    }

    @Test
    void aPathMustJoin() {
        List<Segment> torn = new ArrayList<>();
        torn.add(new Segment.Line(new Point(0, 0), new Point(1, 0)));
        torn.add(new Segment.Line(new Point(2, 0), new Point(3, 0)));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new Path(torn)).hasMessageContaining("begins at");
    }
}
