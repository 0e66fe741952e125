package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AllowanceTest {
    private static final long SEED = 2024;

    private static Piece piece(List<String> names, List<Point> corners) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Path line = Path.of(new Segment.Line(corners.get(i), corners.get((i + 1) % corners.size())));
            edges.add(names.get(i).equals("hem") ? Edge.hem("hem", line) : Edge.seam(names.get(i), line));
        }
        return Piece.of("piece", Cut.ONCE, "Piece", edges);
    }

    private static Piece oblong(String bottom) {
        return piece(
                List.of("top", "side", bottom, "centre"),
                List.of(new Point(0, 0), new Point(100, 0), new Point(100, 300), new Point(0, 300)));
    }

    private static double distance(List<Point> outline, Point p) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point ab = outline.get((i + 1) % outline.size()).minus(a);
            double t = Math.max(0, Math.min(1, p.minus(a).dot(ab) / ab.dot(ab)));
            least = Math.min(least, p.distance(a.plus(ab.times(t))));
        }
        return least;
    }

    @Test
    void anOblongGrowsByItsAllowanceAllRound() {
        List<Point> cut = Allowance.outline(oblong("bottom"), 10, 40);
        assertThat(Polyline.area(cut)).isEqualTo(120 * 320, within(1e-6));
        assertThat(cut).hasSize(4).allSatisfy(p -> {
            assertThat(Math.abs(p.x() - 50)).isEqualTo(60, within(1e-9));
            assertThat(Math.abs(p.y() - 150)).isEqualTo(160, within(1e-9));
        });
    }

    /** A hem that is bound and not turned has no allowance; its fold need not be level to the last digit. */
    @Test
    void aHemWithoutAnAllowanceIsCutAlongItsFold() {
        for (double lower : new double[] {300, 299.9999, 300.0001}) {
            Piece tube = piece(
                    List.of("top", "side", "hem", "centre"),
                    List.of(new Point(0, 0), new Point(100, 0), new Point(100, 300), new Point(0, lower)));
            List<Point> cut = Allowance.outline(tube, 10, 0);
            assertThat(cut.stream().mapToDouble(Point::y).max()).hasValueCloseTo(300.0, within(0.001));
            assertThat(Polyline.area(cut)).isEqualTo(120 * 310, within(0.1));
        }
    }

    @Test
    void aHemIsAsDeepAsWasChosen() {
        List<Point> cut = Allowance.outline(oblong("hem"), 10, 40);
        assertThat(cut.stream().mapToDouble(Point::y).max()).hasValue(340);
        assertThat(Polyline.area(cut)).isEqualTo(120 * 350, within(1e-6));
    }

    @Test
    void withoutAllowanceTheCutIsTheSeam() {
        List<Point> cut = Allowance.outline(oblong("bottom"), 0, 0);
        assertThat(Polyline.area(cut)).isEqualTo(100 * 300, within(1e-6));
    }

    @Test
    void belowTheFoldTheSidesAreMirroredInIt() {
        Piece tapered = piece(
                List.of("top", "side", "hem", "centre"),
                List.of(new Point(0, 0), new Point(160, 0), new Point(120, 400), new Point(40, 400)));
        List<Point> cut = Allowance.outline(tapered, 10, 40);
        for (double depth = 2; depth < 40; depth += 5) {
            double[] above = Polyline.crossings(cut, 400 - depth);
            double[] below = Polyline.crossings(cut, 400 + depth);
            assertThat(below).hasSize(2);
            assertThat(below[0]).as("depth %s", depth).isEqualTo(above[0], within(1e-6));
            assertThat(below[1]).as("depth %s", depth).isEqualTo(above[1], within(1e-6));
        }
    }

    @Test
    void everyPlaceOfTheCutLiesOutsideByAtLeastTheSeam() {
        Random random = new Random(SEED);
        for (int i = 0; i < 300; i++) {
            int corners = 4 + random.nextInt(5);
            List<Point> round = new ArrayList<>();
            List<String> names = new ArrayList<>();
            for (int k = 0; k < corners; k++) {
                round.add(new Point(120 + 60 * random.nextDouble(), 0).turned(2 * Math.PI * k / corners));
                names.add("e" + k);
            }
            double seam = 4 + 16 * random.nextDouble();
            List<Point> cut = Allowance.outline(piece(names, round), seam, 0);
            assertThat(Polyline.area(cut)).as("seed %d", SEED).isGreaterThan(Polyline.area(round));
            assertThat(Polyline.crossesItself(cut)).as("seed %d", SEED).isFalse();
            for (Point p : cut) {
                assertThat(distance(round, p)).as("seed %d", SEED).isBetween(seam - 1e-6, 3 * seam + 1e-6);
            }
        }
    }

    @Test
    void aPointedCornerIsCutOffAtThreeAllowances() {
        Piece needle = piece(List.of("a", "b", "c"), List.of(new Point(0, 0), new Point(400, 20), new Point(0, 40)));
        List<Point> cut = Allowance.outline(needle, 10, 0);
        assertThat(cut.stream().mapToDouble(Point::x).max().orElseThrow()).isLessThan(430);
    }

    @Test
    void anEdgeOnTheFoldHasNoAllowance() {
        List<Edge> edges = new ArrayList<>(oblong("bottom").edges());
        edges.set(3, Edge.fold("centre", edges.get(3).path()));
        List<Point> cut = Allowance.outline(Piece.of("half", Cut.ONCE, "Half", edges), 10, 40);
        assertThat(Polyline.area(cut)).isEqualTo(110 * 320, within(1e-6));
        assertThat(cut.stream().mapToDouble(Point::x).min()).hasValue(0);
    }
}
