package app.misura.core.format.figure;

import app.misura.core.figure.Knot;
import app.misura.core.figure.Spline;
import app.misura.core.format.markup.Tenths;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.List;

/** Curves of the figure as SVG path data, to a tenth of a picture unit. */
final class Strokes {
    private Strokes() {}

    static String n(double v) {
        return Tenths.of(v);
    }

    /** A share of one, to a hundredth. */
    static String share(double v) {
        return Double.toString(Math.round(v * 100) / 100.0);
    }

    static String p(Point at) {
        return n(at.x()) + " " + n(at.y());
    }

    private static StringBuilder p(StringBuilder out, double x, double y) {
        return Tenths.append(Tenths.append(out, x).append(' '), y);
    }

    private static StringBuilder p(StringBuilder out, Point at) {
        return p(out, at.x(), at.y());
    }

    static String path(List<Knot> knots, boolean closed, Scale scale) {
        StringBuilder d = new StringBuilder(1024);
        for (Segment.Cubic c : Spline.through(knots, closed)) {
            if (d.isEmpty()) {
                p(d.append('M'), scale.of(c.start()));
            }
            p(d.append('C'), scale.of(c.handle1()));
            p(d.append(' '), scale.of(c.handle2()));
            p(d.append(' '), scale.of(c.end()));
        }
        return closed ? d.append('Z').toString() : d.toString();
    }

    /**
     * A stroke that swells and runs out, as a filled sliver.
     *
     * @param a and {@code z}: share of the width kept at start and end @param q over which share of the length it swells
     */
    static String taper(List<Knot> knots, Scale scale, double width, double a, double z, double q) {
        List<Point> s = Spline.sampled(knots, false, 8).stream().map(scale::of).toList();
        int n = s.size();
        double[] length = new double[n];
        for (int i = 1; i < n; i++) {
            length[i] = length[i - 1] + s.get(i).distance(s.get(i - 1));
        }
        double total = Math.max(1e-9, length[n - 1]);
        Point[] outline = new Point[2 * n];
        for (int i = 0; i < n; i++) {
            Point along = s.get(Math.min(n - 1, i + 1)).minus(s.get(Math.max(0, i - 1)));
            Point side = along.length() < 1e-9 ? new Point(0, 1) : along.unit().right();
            double t = length[i] / total;
            double wa = a + (1 - a) * Math.sin(Math.min(1, t / q) * Math.PI / 2);
            double wz = z + (1 - z) * Math.sin(Math.min(1, (1 - t) / q) * Math.PI / 2);
            double half = width / 2 * Math.min(wa, wz) + .12;
            outline[i] = s.get(i).plus(side.times(half));
            outline[2 * n - 1 - i] = s.get(i).minus(side.times(half));
        }
        StringBuilder d = new StringBuilder(16 * outline.length).append('M');
        for (int i = 0; i < outline.length; i++) {
            p(i == 0 ? d : d.append('L'), outline[i]);
        }
        return d.append('Z').toString();
    }
}
