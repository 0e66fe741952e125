package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What the lines within a body share, seen from the front or the back. */
abstract class FrontalLines {
    /**
     * Where the limbs grow out of the trunk.
     *
     * @param corners where arm and trunk part; the armpit itself where they do not overlap
     */
    record Limbs(Map<Side, ArmFrame> frames, Map<Side, Point> armpits, Map<Side, Point> corners) {}

    final Body b;
    final double k;
    final Limbs limbs;
    final Canvas canvas;

    FrontalLines(Body body, Limbs limbs, Canvas canvas) {
        this.b = body;
        this.k = body.k();
        this.limbs = limbs;
        this.canvas = canvas;
    }

    abstract void draw();

    static Knot n(double x, double y) {
        return Knot.of(x, y);
    }

    final Trunk t(String level) {
        return b.t(level);
    }

    final void armpitFold(double width, double strength, double x1, double y1, double x2, double y2) {
        canvas.both(width, 1, 0, strength, side -> {
            Point a = side.of(limbs.armpits());
            Point c = side.of(limbs.corners());
            List<Knot> fold = new ArrayList<>();
            if (c != a) {
                fold.add(Knot.of(c));
                fold.add(n((c.x() + a.x()) / 2 + .1 * k, (c.y() + a.y()) / 2));
            }
            fold.add(Knot.of(a));
            fold.add(n(a.x() + x1 * k, a.y() + y1 * k));
            fold.add(n(a.x() + x2 * k, a.y() + y2 * k));
            return fold;
        });
    }

    final List<Knot> along(Side side, double size, double[][] points) {
        List<Knot> knots = new ArrayList<>();
        for (double[] p : points) {
            knots.add(Knot.of(side.of(limbs.frames()).at(b.armLength() + p[0] * b.handLength(), p[1] * size)));
        }
        return knots;
    }
}
