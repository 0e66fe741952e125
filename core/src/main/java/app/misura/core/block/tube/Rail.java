package app.misura.core.block.tube;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The line from level to level on one side of a tube: x over y, y down. Its slopes are those of the spline of least bend,
 * nought at a widest or narrowest level, so that it swings beyond no girth between two levels.
 */
final class Rail {
    /** Two heights nearer than this are one, mm: rounding of a computation. */
    static final double SAME = 1e-6;

    private final double[] y;
    private final double[] x;
    private final double[] slope;

    private Rail(double[] y, double[] x) {
        this.y = y;
        this.x = x;
        this.slope = new double[y.length];
        double[] free = leastBend(y, x);
        for (int i = 0; i < y.length; i++) {
            slope[i] = kept(free[i], i);
        }
    }

    /** @param y of the levels, falling down the page @param x how far out the rail lies there */
    static Rail through(double[] y, double[] x) {
        return new Rail(y.clone(), x.clone());
    }

    int levels() {
        return y.length;
    }

    private double chord(int i) {
        return (x[i + 1] - x[i]) / (y[i + 1] - y[i]);
    }

    private double kept(double free, int i) {
        if (i == 0 || i == y.length - 1) {
            double beside = chord(i == 0 ? 0 : i - 1);
            return free * beside <= 0
                    ? 0
                    : Math.signum(beside) * Math.min(Math.abs(free), Numbers.TURN * Math.abs(beside));
        }
        double above = chord(i - 1);
        double below = chord(i);
        if (above * below <= 0) {
            return 0;
        }
        double most = Numbers.TURN * Math.min(Math.abs(above), Math.abs(below));
        return Math.signum(above) * Math.min(Math.max(0, free * Math.signum(above)), most);
    }

    /** Slopes of the natural cubic spline: curvature runs on through every level and is nought at both ends. */
    private static double[] leastBend(double[] y, double[] x) {
        int n = y.length;
        double[] diagonal = new double[n];
        double[] right = new double[n];
        double[] upper = new double[n];
        for (int i = 0; i < n; i++) {
            double above = i == 0 ? 0 : 1 / (y[i] - y[i - 1]);
            double below = i == n - 1 ? 0 : 1 / (y[i + 1] - y[i]);
            double turn = 3
                    * ((i == 0 ? 0 : (x[i] - x[i - 1]) * above * above)
                            + (i == n - 1 ? 0 : (x[i + 1] - x[i]) * below * below));
            double lower = i == 0 ? 0 : above / diagonal[i - 1];
            diagonal[i] = 2 * (above + below) - (i == 0 ? 0 : lower * upper[i - 1]);
            right[i] = turn - (i == 0 ? 0 : lower * right[i - 1]);
            upper[i] = below;
        }
        double[] slopes = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            slopes[i] = (right[i] - (i == n - 1 ? 0 : upper[i] * slopes[i + 1])) / diagonal[i];
        }
        return slopes;
    }

    private Segment.Cubic piece(int i) {
        double third = (y[i + 1] - y[i]) / 3;
        return new Segment.Cubic(
                new Point(x[i], y[i]),
                new Point(x[i] + slope[i] * third, y[i] + third),
                new Point(x[i + 1] - slope[i + 1] * third, y[i + 1] - third),
                new Point(x[i + 1], y[i + 1]));
    }

    /** How far out it lies at a height between its ends; over its upper end it goes straight on. */
    double at(double height) {
        if (height <= y[0]) {
            return x[0] + slope[0] * (height - y[0]);
        }
        int i = interval(height);
        return piece(i).at((height - y[i]) / (y[i + 1] - y[i])).x();
    }

    private int interval(double height) {
        int i = 0;
        while (i < y.length - 2 && height > y[i + 1]) {
            i++;
        }
        return i;
    }

    /** From a height down to its end. */
    Path downFrom(double height) {
        List<Segment> segments = new ArrayList<>();
        if (height < y[0] - SAME) {
            segments.add(new Segment.Line(new Point(at(height), height), new Point(x[0], y[0])));
        }
        for (int i = 0; i < y.length - 1; i++) {
            if (height <= y[i] + SAME) {
                segments.add(piece(i));
            } else if (height < y[i + 1] - SAME) {
                segments.add(piece(i).split((height - y[i]) / (y[i + 1] - y[i]))[1]);
            }
        }
        return new Path(segments);
    }

    /** The most it leans from the upright, degrees, below a height. */
    double steepestBelow(double height) {
        double most = 0;
        for (int i = 0; i < y.length - 1; i++) {
            for (int k = 0; k <= 16; k++) {
                double t = k / 16.0;
                if (y[i] + t * (y[i + 1] - y[i]) >= height) {
                    Point v = piece(i).velocity(t);
                    most = Math.max(most, Math.abs(v.x() / v.y()));
                }
            }
        }
        return Math.toDegrees(Math.atan(most));
    }

    /** Between which two levels it leans most: the number of the upper one. */
    int steepest() {
        int at = 0;
        for (int i = 1; i < y.length - 1; i++) {
            if (Math.abs(chord(i)) > Math.abs(chord(at))) {
                at = i;
            }
        }
        return at;
    }
}
