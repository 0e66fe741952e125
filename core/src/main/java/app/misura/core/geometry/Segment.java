package app.misura.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** A straight line or a cubic Bezier curve from {@link #start} to {@link #end}. */
public sealed interface Segment permits Segment.Line, Segment.Cubic {
    Point start();

    Point end();

    /** The place at parameter t in [0, 1]. */
    Point at(double t);

    /** Direction of travel at the start and the end, of length one. */
    Point startTangent();

    Point endTangent();

    Segment reversed();

    /** Length of the true line, to better than a micrometre on the curves of a garment. */
    double length();

    /** Adds the places after the start, so that no chord is further from the line than the deviation in mm. */
    void flattenInto(List<Point> points, double deviation);

    /** A straight line. */
    record Line(Point start, Point end) implements Segment {
        @Override
        public Point at(double t) {
            return start.towards(end, t);
        }

        @Override
        public Point startTangent() {
            return end.minus(start).unit();
        }

        @Override
        public Point endTangent() {
            return startTangent();
        }

        @Override
        public Segment reversed() {
            return new Line(end, start);
        }

        @Override
        public double length() {
            return start.distance(end);
        }

        @Override
        public void flattenInto(List<Point> points, double deviation) {
            points.add(end);
        }
    }

    /** A cubic Bezier curve with two handles. */
    record Cubic(Point start, Point handle1, Point handle2, Point end) implements Segment {
        /** Abscissas and weights of Gauss-Legendre quadrature of order 12 on [0, 1], one half of the symmetric set. */
        private static final double[] GAUSS_X = {
            0.125233408511469,
            0.367831498998180,
            0.587317954286617,
            0.769902674194305,
            0.904117256370475,
            0.981560634246719
        };

        private static final double[] GAUSS_W = {
            0.249147045813403,
            0.233492536538355,
            0.203167426723066,
            0.160078328543346,
            0.106939325995318,
            0.047175336386512
        };

        /** The curve that leaves along one direction and arrives along another, its handles shares of the chord. */
        public static Cubic hermite(
                Point start, Point direction1, double share1, Point direction2, double share2, Point end) {
            double chord = start.distance(end);
            return new Cubic(
                    start,
                    start.plus(direction1.times(chord * share1)),
                    end.minus(direction2.times(chord * share2)),
                    end);
        }

        @Override
        public Point at(double t) {
            double u = 1 - t;
            double a = u * u * u;
            double b = 3 * u * u * t;
            double c = 3 * u * t * t;
            double d = t * t * t;
            return new Point(
                    a * start.x() + b * handle1.x() + c * handle2.x() + d * end.x(),
                    a * start.y() + b * handle1.y() + c * handle2.y() + d * end.y());
        }

        /** First derivative by t. */
        public Point velocity(double t) {
            double u = 1 - t;
            Point a = handle1.minus(start).times(3 * u * u);
            Point b = handle2.minus(handle1).times(6 * u * t);
            return a.plus(b).plus(end.minus(handle2).times(3 * t * t));
        }

        private Point acceleration(double t) {
            Point a = handle2.minus(handle1.times(2)).plus(start).times(6 * (1 - t));
            return a.plus(end.minus(handle2.times(2)).plus(handle1).times(6 * t));
        }

        /** Radius of the circle that fits best at t, mm; infinite on a straight stretch. */
        public double radius(double t) {
            Point v = velocity(t);
            double cross = Math.abs(v.cross(acceleration(t)));
            return cross < 1e-12 ? Double.POSITIVE_INFINITY : Math.pow(v.length(), 3) / cross;
        }

        @Override
        public Point startTangent() {
            Point v = handle1.minus(start);
            return (v.length() > 1e-9 ? v : handle2.minus(start)).unit();
        }

        @Override
        public Point endTangent() {
            Point v = end.minus(handle2);
            return (v.length() > 1e-9 ? v : end.minus(handle1)).unit();
        }

        @Override
        public Segment reversed() {
            return new Cubic(end, handle2, handle1, start);
        }

        @Override
        public double length() {
            return part(0, 0.5) + part(0.5, 1);
        }

        private double part(double from, double to) {
            Speed speed = Speed.of(this);
            double middle = (from + to) / 2;
            double half = (to - from) / 2;
            double sum = 0;
            for (int i = 0; i < GAUSS_X.length; i++) {
                sum += GAUSS_W[i] * (speed.at(middle - half * GAUSS_X[i]) + speed.at(middle + half * GAUSS_X[i]));
            }
            return sum * half;
        }

        /** How fast the place moves with t: the derivative is {@code 3 (a + 2 b t + c t²)}, along x and along y. */
        private record Speed(double ax, double ay, double bx, double by, double cx, double cy) {
            static Speed of(Cubic c) {
                double ax = c.handle1.x() - c.start.x();
                double ay = c.handle1.y() - c.start.y();
                double nextX = c.handle2.x() - c.handle1.x();
                double nextY = c.handle2.y() - c.handle1.y();
                double bx = nextX - ax;
                double by = nextY - ay;
                return new Speed(
                        ax, ay, bx, by, c.end.x() - c.handle2.x() - nextX - bx, c.end.y() - c.handle2.y() - nextY - by);
            }

            double at(double t) {
                double dx = ax + t * (2 * bx + t * cx);
                double dy = ay + t * (2 * by + t * cy);
                return 3 * Math.sqrt(dx * dx + dy * dy);
            }
        }

        /** The two halves at t. */
        public Cubic[] split(double t) {
            Point ab = start.towards(handle1, t);
            Point bc = handle1.towards(handle2, t);
            Point cd = handle2.towards(end, t);
            Point abc = ab.towards(bc, t);
            Point bcd = bc.towards(cd, t);
            Point middle = abc.towards(bcd, t);
            return new Cubic[] {new Cubic(start, ab, abc, middle), new Cubic(middle, bcd, cd, end)};
        }

        @Override
        public void flattenInto(List<Point> points, double deviation) {
            flatten(points, deviation, 0);
        }

        private void flatten(List<Point> points, double deviation, int depth) {
            if (depth >= 14 || isFlat(deviation)) {
                points.add(end);
                return;
            }
            Cubic[] halves = split(0.5);
            halves[0].flatten(points, deviation, depth + 1);
            halves[1].flatten(points, deviation, depth + 1);
        }

        /** Whether the chord is within the deviation: the handles' offsets bound the curve's by three quarters. */
        private boolean isFlat(double deviation) {
            Point chord = end.minus(start);
            double length = chord.length();
            if (length < 1e-9) {
                return handle1.distance(start) < deviation && handle2.distance(start) < deviation;
            }
            double off1 = Math.abs(chord.cross(handle1.minus(start))) / length;
            double off2 = Math.abs(chord.cross(handle2.minus(start))) / length;
            boolean along = chord.dot(handle1.minus(start)) >= 0 && chord.dot(end.minus(handle2)) >= 0;
            return along && 0.75 * Math.max(off1, off2) <= deviation;
        }
    }

    /** The flattened line, with both ends. */
    default List<Point> flatten(double deviation) {
        List<Point> points = new ArrayList<>();
        points.add(start());
        flattenInto(points, deviation);
        return points;
    }
}
