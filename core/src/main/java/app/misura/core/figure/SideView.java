package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import app.misura.core.measure.Side;

/** What the drawings of a body from its right side share. */
abstract class SideView {
    final Body b;
    final double k;
    final Canvas canvas;

    SideView(Body body, Canvas canvas) {
        this.b = body;
        this.k = body.k();
        this.canvas = canvas;
    }

    static Knot n(double x, double y) {
        return Knot.of(x, y);
    }

    final Trunk t(String level) {
        return b.t(level);
    }

    final Body.Leg leg(String level) {
        return b.leg(Side.RIGHT, level);
    }
}
