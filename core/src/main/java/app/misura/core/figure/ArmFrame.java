package app.misura.core.figure;

import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;

/** The axis of one arm in a plane: upper arm and forearm at their angles, with a soft elbow. */
final class ArmFrame {
    private final Point shoulder;
    private final Point elbow;
    private final double a1;
    private final double a2;
    final double length;
    final double elbowAt;
    private final double soft;

    /** @param a1 and {@code a2}: from hanging, outwards or forwards, radians @param soft share over which the elbow turns */
    ArmFrame(Point shoulder, double length, double a1, double a2, double soft) {
        this.shoulder = shoulder;
        this.length = length;
        this.a1 = a1;
        this.a2 = a2;
        this.soft = soft;
        this.elbowAt = 0.57 * length;
        this.elbow = shoulder.plus(along(a1).times(elbowAt));
    }

    private static Point along(double angle) {
        return new Point(Math.sin(angle), -Math.cos(angle));
    }

    /** Behind the elbow, so far from its axis: where its tip is felt. */
    Point tip(double out) {
        Point forward = new Point(Math.cos(a1) + Math.cos(a2), Math.sin(a1) + Math.sin(a2)).unit();
        return elbow.minus(forward.times(out));
    }

    /** Whether the elbow is at more than half a right angle. */
    boolean isBent() {
        return Math.abs(a2 - a1) > Math.PI / 4;
    }

    /** The place s along the axis and so far to its outside (front). */
    Point at(double s, double offset) {
        double t = Between.clamp((s - elbowAt) / (soft * length) + 0.5, 0, 1);
        double angle = Between.lerp(a1, a2, t);
        Point normal = new Point(Math.cos(angle), Math.sin(angle));
        Point axis = s > elbowAt
                ? elbow.plus(along(a2).times(s - elbowAt))
                : shoulder.plus(along(a1).times(s));
        return axis.plus(normal.times(offset));
    }
}
