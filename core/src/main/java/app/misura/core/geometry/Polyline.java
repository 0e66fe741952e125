package app.misura.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Measures on flattened lines: what a tape would find on the drawn outline. */
public final class Polyline {
    private Polyline() {}

    public static double length(List<Point> points) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i - 1).distance(points.get(i));
        }
        return sum;
    }

    /** Twice-signed area halved: positive where a closed outline runs clockwise on the page. */
    public static double area(List<Point> outline) {
        double sum = 0;
        for (int i = 0; i < outline.size(); i++) {
            sum += outline.get(i).cross(outline.get((i + 1) % outline.size()));
        }
        return sum / 2;
    }

    /**
     * Where a level crosses a closed outline, from left to right. A level that touches a corner from outside crosses it
     * nowhere.
     */
    public static double[] crossings(List<Point> outline, double y) {
        List<Double> xs = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            if ((a.y() <= y) != (b.y() <= y)) {
                xs.add(a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x()));
            }
        }
        double[] sorted = xs.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return sorted;
    }

    /** Whether a closed outline crosses itself; neighbours that merely touch do not. */
    public static boolean crossesItself(List<Point> outline) {
        return new Crossing(outline).found();
    }

    /**
     * The line moved sideways by a distance, to the left of the direction of travel (negative: to the right). Joints are
     * mitred; a joint sharper than 120 degrees is cut off. The line's own curves must be wider than the distance on that
     * side.
     */
    public static List<Point> offset(List<Point> line, double distance) {
        List<Point> clean = withoutRepeats(line);
        int last = clean.size() - 1;
        List<Point> moved = new ArrayList<>(clean.size() + 4);
        Point before = aside(clean.get(0), clean.get(1), distance);
        for (int i = 0; i <= last; i++) {
            Point after = i == last ? before : aside(clean.get(i), clean.get(i + 1), distance);
            Point sum = before.plus(after);
            double share = sum.dot(sum) / (2 * distance * distance);
            if (share < 0.5) {
                moved.add(clean.get(i).plus(before));
                moved.add(clean.get(i).plus(after));
            } else {
                moved.add(clean.get(i).plus(sum.times(1 / share)));
            }
            before = after;
        }
        return moved;
    }

    /** So far, square to the left of the way from a to b. */
    private static Point aside(Point a, Point b, double distance) {
        return b.minus(a).unit().right().times(-distance);
    }

    private static List<Point> withoutRepeats(List<Point> line) {
        List<Point> clean = new ArrayList<>();
        for (Point p : line) {
            if (clean.isEmpty() || clean.get(clean.size() - 1).distance(p) > 1e-9) {
                clean.add(p);
            }
        }
        return clean;
    }

    /** Where the line through a and b meets the line through c and d; null if they are parallel. */
    public static @org.jspecify.annotations.Nullable Point meet(Point a, Point b, Point c, Point d) {
        Point u = b.minus(a);
        Point v = d.minus(c);
        double cross = u.cross(v);
        return Math.abs(cross) < 1e-12 * u.length() * v.length()
                ? null
                : a.plus(u.times(c.minus(a).cross(v) / cross));
    }

    /** The place a given length along an open line from its start; its ends where the length lies outside. */
    public static Point along(List<Point> line, double length) {
        double left = length;
        for (int i = 1; i < line.size(); i++) {
            double step = line.get(i - 1).distance(line.get(i));
            if (left <= step && step > 0) {
                return line.get(i - 1).towards(line.get(i), Math.max(0, left / step));
            }
            left -= step;
        }
        return line.get(line.size() - 1);
    }

    /** How far an open line is walked from its start to the place on it that lies nearest to a mark, mm. */
    public static double walkedTo(List<Point> line, Point mark) {
        double nearest = Double.POSITIVE_INFINITY;
        double walked = 0;
        double at = 0;
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Point chord = line.get(i).minus(a);
            double length = chord.length();
            double share =
                    length == 0 ? 0 : Math.max(0, Math.min(1, mark.minus(a).dot(chord) / (length * length)));
            double distance = a.plus(chord.times(share)).distance(mark);
            if (distance < nearest) {
                nearest = distance;
                at = walked + share * length;
            }
            walked += length;
        }
        return at;
    }
}
