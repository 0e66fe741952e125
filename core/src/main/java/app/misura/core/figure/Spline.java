package app.misura.core.figure;

import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One cubic per pair of knots. At a plain knot the shorter chord rules the tangent, as on a circle; at a corner or an end
 * the segment takes its other end's tangent mirrored on the chord. Handles are 0.36 of the chord: local, so that nothing
 * overshoots.
 */
public final class Spline {
    private static final double HANDLE = 0.36;

    private Spline() {}

    public static List<Segment.Cubic> through(List<Knot> knots, boolean closed) {
        int n = knots.size();
        List<@Nullable Point> tangents = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            tangents.add(tangent(knots, i, closed));
        }
        List<Segment.Cubic> segments = new ArrayList<>();
        int count = closed ? n : n - 1;
        for (int i = 0; i < count; i++) {
            int j = (i + 1) % n;
            segments.add(segment(knots.get(i), tangents.get(i), knots.get(j), tangents.get(j)));
        }
        return segments;
    }

    private static @Nullable Point tangent(List<Knot> knots, int i, boolean closed) {
        Knot knot = knots.get(i);
        if (knot.tangent() != null) {
            return knot.tangent().unit();
        }
        int n = knots.size();
        if (knot.corner() || !closed && (i == 0 || i == n - 1)) {
            return null;
        }
        Point before = knots.get((i + n - 1) % n).at();
        Point after = knots.get((i + 1) % n).at();
        double d0 = Math.max(1e-6, before.distance(knot.at()));
        double d1 = Math.max(1e-6, knot.at().distance(after));
        Point direction = knot.at()
                .minus(before)
                .times(d1 / d0)
                .plus(after.minus(knot.at()).times(d0 / d1));
        return direction.length() < 1e-9 ? null : direction.unit();
    }

    private static Segment.Cubic segment(Knot a, @Nullable Point ta, Knot b, @Nullable Point tb) {
        double chord = a.at().distance(b.at());
        Point along = chord < 1e-9 ? new Point(1, 0) : b.at().minus(a.at()).unit();
        Point leave = ta != null ? ta : tb != null ? mirrored(tb, along) : along;
        Point arrive = tb != null ? tb : mirrored(leave, along);
        return new Segment.Cubic(
                a.at(),
                a.at().plus(leave.times(chord * HANDLE * a.handle())),
                b.at().minus(arrive.times(chord * HANDLE * b.handle())),
                b.at());
    }

    private static Point mirrored(Point direction, Point along) {
        return along.times(2 * direction.dot(along)).minus(direction);
    }

    /** Places on the curve, so many per segment. */
    public static List<Point> sampled(List<Knot> knots, boolean closed, int perSegment) {
        List<Point> points = new ArrayList<>();
        for (Segment.Cubic cubic : through(knots, closed)) {
            for (int i = points.isEmpty() ? 0 : 1; i <= perSegment; i++) {
                points.add(cubic.at((double) i / perSegment));
            }
        }
        return points;
    }
}
