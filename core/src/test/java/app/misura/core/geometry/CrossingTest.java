package app.misura.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CrossingTest {
    private static final int OUTLINES = 4000;

    @Test
    void aBowTieCrossesItselfAndASquareDoesNot() {
        assertTrue(Polyline.crossesItself(corners(0, 0, 10, 10, 10, 0, 0, 10)));
        assertFalse(Polyline.crossesItself(corners(0, 0, 10, 0, 10, 10, 0, 10)));
    }

    @Test
    void cornersThatMerelyTouchDoNotCross() {
        assertFalse(Polyline.crossesItself(corners(0, 0, 10, 0, 10, 10, 5, 0, 0, 10)));
    }

    /** Every pair of edges looked at: slower, and without a word in common with what is tested. */
    @Test
    void itFindsWhatLookingAtEveryPairFinds() {
        long seed = 4711;
        Random random = new Random(seed);
        int crossing = 0;
        for (int n = 0; n < OUTLINES; n++) {
            List<Point> outline = outline(random);
            boolean every = everyPair(outline);
            crossing += every ? 1 : 0;
            assertEquals(every, Polyline.crossesItself(outline), "seed " + seed + ", outline " + n + ": " + outline);
        }
        assertTrue(crossing > OUTLINES / 10 && crossing < OUTLINES * 9 / 10, crossing + " cross");
    }

    /** A ring of corners around the middle, some of them pulled about; heights far from nought as well. */
    private static List<Point> outline(Random random) {
        int corners = 4 + random.nextInt(12);
        double pull = random.nextDouble() * 120;
        double from = random.nextInt(3) * 1500 - 1500;
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * i / corners;
            outline.add(new Point(
                    100 * Math.cos(turn) + pull * random.nextGaussian() / 2,
                    from + 100 * Math.sin(turn) + pull * random.nextGaussian() / 2));
        }
        return outline;
    }

    private static boolean everyPair(List<Point> outline) {
        int n = outline.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                if (!(i == 0 && j == n - 1)
                        && meet(outline.get(i), outline.get((i + 1) % n), outline.get(j), outline.get((j + 1) % n))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean meet(Point a, Point b, Point c, Point d) {
        double wide = (b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x());
        double t = ((c.x() - a.x()) * (d.y() - c.y()) - (c.y() - a.y()) * (d.x() - c.x())) / wide;
        double u = ((c.x() - a.x()) * (b.y() - a.y()) - (c.y() - a.y()) * (b.x() - a.x())) / wide;
        return t > 0 && t < 1 && u > 0 && u < 1;
    }

    private static List<Point> corners(double... xy) {
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            outline.add(new Point(xy[i], xy[i + 1]));
        }
        return outline;
    }
}
