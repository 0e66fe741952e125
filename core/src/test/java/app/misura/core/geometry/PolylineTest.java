package app.misura.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PolylineTest {
    private static final long SEED = 60606;

    private final Random random = new Random(SEED);

    private Point point() {
        return new Point(random.nextDouble() * 400 - 200, random.nextDouble() * 400 - 200);
    }

    /** A star round the origin never crosses itself. */
    private List<Point> star() {
        int corners = 5 + random.nextInt(8);
        List<Point> star = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            star.add(new Point(40 + 100 * random.nextDouble(), 0).turned(2 * Math.PI * i / corners));
        }
        return star;
    }

    @Test
    void areaAndLengthStayWhenTheClothIsTurnedAndMoved() {
        for (int i = 0; i < 500; i++) {
            List<Point> star = star();
            double angle = random.nextDouble() * 6;
            Point by = point();
            List<Point> moved = star.stream().map(p -> p.turned(angle).plus(by)).toList();
            assertThat(Polyline.area(moved)).as("seed %d", SEED).isEqualTo(Polyline.area(star), within(1e-6));
            assertThat(Polyline.length(moved)).isEqualTo(Polyline.length(star), within(1e-8));
        }
    }

    @Test
    void areaChangesItsSignWithTheDirection() {
        for (int i = 0; i < 100; i++) {
            List<Point> star = star();
            List<Point> back = new ArrayList<>(star);
            Collections.reverse(back);
            assertThat(Polyline.area(star)).as("clockwise, seed %d", SEED).isPositive();
            assertThat(Polyline.area(back)).isEqualTo(-Polyline.area(star), within(1e-6));
        }
    }

    @Test
    void anOutlineThatIsNotCrossedIsEnteredAndLeft() {
        for (int i = 0; i < 500; i++) {
            List<Point> star = star();
            assertThat(Polyline.crossesItself(star)).as("seed %d", SEED).isFalse();
            double[] xs = Polyline.crossings(star, random.nextDouble() * 300 - 150);
            assertThat(xs.length % 2).isZero();
            assertThat(xs).isSorted();
        }
    }

    @Test
    void twoCornersExchangedMakeACrossing() {
        for (int i = 0; i < 200; i++) {
            int corners = 5 + random.nextInt(20);
            List<Point> round = new ArrayList<>();
            for (int k = 0; k < corners; k++) {
                round.add(new Point(100, 0).turned(2 * Math.PI * k / corners));
            }
            assertThat(Polyline.crossesItself(round)).isFalse();
            Collections.swap(round, 1, 2);
            assertThat(Polyline.crossesItself(round)).as("seed %d", SEED).isTrue();
        }
    }

    @Test
    void aStraightLineMovesAsideByTheDistance() {
        for (int i = 0; i < 200; i++) {
            Point a = point();
            Point b = a.plus(new Point(50, 0).turned(random.nextDouble() * 6));
            double distance = 1 + random.nextDouble() * 20;
            List<Point> moved = Polyline.offset(List.of(a, b), distance);
            assertThat(moved).hasSize(2);
            Point aside = moved.get(0).minus(a);
            assertThat(aside.length()).as("seed %d", SEED).isEqualTo(distance, within(1e-9));
            assertThat(b.minus(a).cross(aside)).as("to the left").isNegative();
            assertThat(moved.get(1).minus(b).distance(aside)).isEqualTo(0, within(1e-9));
        }
    }

    @Test
    void aSquareCornerIsMitredAndAPointedOneCutOff() {
        List<Point> square = List.of(new Point(0, 0), new Point(0, 100), new Point(-100, 100));
        assertThat(Polyline.offset(square, 10)).hasSize(3).element(1).isEqualTo(new Point(10, 110));
        List<Point> pointed = List.of(new Point(0, 0), new Point(100, 0), new Point(0, 5));
        assertThat(Polyline.offset(pointed, 10)).hasSize(4);
    }

    @Test
    void pointsThatRepeatAreOne() {
        List<Point> line = List.of(new Point(0, 0), new Point(0, 0), new Point(100, 0), new Point(100, 0));
        assertThat(Polyline.offset(line, 5)).containsExactly(new Point(0, -5), new Point(100, -5));
    }

    @Test
    void linesMeetWhereBothLie() {
        for (int i = 0; i < 500; i++) {
            Point meet = point();
            Point u = point();
            Point v = point();
            Point found = Polyline.meet(
                    meet.plus(u.times(2)), meet.plus(u.times(3)), meet.minus(v.times(1.5)), meet.minus(v));
            assertThat(found).as("seed %d", SEED).isNotNull();
            assertThat(found.distance(meet)).isEqualTo(0, within(1e-5));
        }
        assertThat(Polyline.meet(new Point(0, 0), new Point(1, 1), new Point(5, 0), new Point(7, 2)))
                .isNull();
    }

    @Test
    void alongALineItsEndsBoundThePlace() {
        List<Point> line = List.of(new Point(0, 0), new Point(30, 0), new Point(30, 40));
        assertThat(Polyline.along(line, 10)).isEqualTo(new Point(10, 0));
        assertThat(Polyline.along(line, 50)).isEqualTo(new Point(30, 20));
        assertThat(Polyline.along(line, -5)).isEqualTo(new Point(0, 0));
        assertThat(Polyline.along(line, 500)).isEqualTo(new Point(30, 40));
        for (int i = 0; i < 300; i++) {
            List<Point> star = star();
            double at = random.nextDouble() * Polyline.length(star);
            Point place = Polyline.along(star, at);
            List<Point> walked = new ArrayList<>();
            for (Point p : star) {
                walked.add(p);
                if (Polyline.length(walked) >= at) {
                    walked.set(walked.size() - 1, place);
                    break;
                }
            }
            assertThat(Polyline.length(walked)).as("seed %d", SEED).isEqualTo(at, within(1e-8));
        }
    }

    @Test
    void directionNeedsALength() {
        assertThatThrownBy(() -> Point.ORIGIN.unit()).isInstanceOf(ArithmeticException.class);
        for (int i = 0; i < 100; i++) {
            Point v = point();
            assertThat(v.unit().length()).as("seed %d", SEED).isEqualTo(1, within(1e-12));
            assertThat(v.dot(v.right())).isEqualTo(0, within(1e-9));
            assertThat(v.cross(v.right())).isPositive();
            assertThat(v.turned(Math.PI / 2).distance(v.right())).isEqualTo(0, within(1e-9));
            assertThat(v.towards(Point.ORIGIN, 0.25).distance(v.times(0.75))).isEqualTo(0, within(1e-9));
        }
    }
}
