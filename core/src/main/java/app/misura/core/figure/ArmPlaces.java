package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.List;

/** Places on one arm that is seen whole: along its axis as shares of its length, from the shoulder point down. */
final class ArmPlaces {
    /** Beyond the wrist the flat hand is so much wider. */
    private static final double HAND = 1.35;

    private final Figure figure;
    private final Side side;

    /** @throws IllegalArgumentException if this view does not show the arm whole */
    ArmPlaces(Figure figure, Side side) {
        this.figure = figure;
        this.side = side;
        if (!figure.arms().containsKey(side)) {
            throw new IllegalArgumentException("from the " + figure.view().word() + " no tape is laid on an arm");
        }
    }

    private ArmFrame frame() {
        return side.of(figure.arms());
    }

    /** Half-widths to both sides of the axis (outside and inside; from the side in front and behind), half-depth away. */
    private double[] section(double s) {
        List<Body.Arm> arm = side.of(figure.body().arms());
        int i = 0;
        while (i < arm.size() - 2 && arm.get(i + 1).s() < s) {
            i++;
        }
        Body.Arm a = arm.get(i);
        Body.Arm c = arm.get(i + 1);
        double t = Between.clamp((s - a.s()) / (c.s() - a.s()), 0, 1);
        double wide = s > frame().length * 1.01 ? HAND : 1;
        double outer = wide * Between.lerp(a.outer(), c.outer(), t);
        double inner = wide * Between.lerp(a.inner(), c.inner(), t);
        double front = Between.lerp(a.front(), c.front(), t);
        double back = Between.lerp(a.back(), c.back(), t);
        return figure.view().isProfile()
                ? new double[] {front, back, (outer + inner) / 2}
                : new double[] {outer, inner, (front + back) / 2};
    }

    /** So far across the axis, 1 at its outer edge and -1 at its inner, and so far along it, cm. */
    Point at(double share, double across, double along) {
        double s = share * frame().length;
        double[] section = section(s);
        double offset = across >= 0 ? across * section[0] : across * section[1];
        Point p = frame().at(s + along, offset);
        return shown(p);
    }

    /** The frame of an arm seen from the front is the left one's. */
    private Point shown(Point p) {
        return side == Side.RIGHT && !figure.view().isProfile() ? new Point(-p.x(), p.y()) : p;
    }

    /** The elbow's tip: at its outer edge; from the side behind it, round it where it is bent. */
    Point elbow() {
        if (!figure.view().isProfile()) {
            return at(.57, 1, 0);
        }
        double back = section(frame().elbowAt)[1];
        return frame().tip(back * (frame().isBent() ? 1.05 : .8));
    }

    /** A place on the arm's outside, which faces whoever looks from the side. */
    Point outside(double share) {
        return at(share, figure.view().isProfile() ? 0 : 1, 0);
    }

    double depth(double share) {
        return section(share * frame().length)[2];
    }
}
