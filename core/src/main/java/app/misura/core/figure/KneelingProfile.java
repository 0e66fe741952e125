package app.misura.core.figure;

import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A body from its right side that kneels upright: trunk and thigh as standing, lower; the shin along the floor behind. */
final class KneelingProfile extends SideView {
    /** The front of the standing thigh ends over the knee here, over the floor. */
    private static final double OVER_KNEE = 9;

    private final Profile standing;

    KneelingProfile(Profile standing) {
        super(standing.b, standing.canvas);
        this.standing = standing;
    }

    Figure draw() {
        double dy = 5.8 * k - leg("knee").y();
        double hollow = leg("aboveKnee").y() + dy - 2.2 * k;
        List<Knot> outline = new ArrayList<>(standing.head.face(dy));
        Knot.moved(standing.front(), 0, dy).stream()
                .filter(p -> p.y() > OVER_KNEE * k)
                .forEach(outline::add);
        outline.addAll(shin());
        outline.add(n(leg("aboveKnee").zb() + .2 * k, hollow).c());
        Knot.moved(standing.back(), 0, dy).stream()
                .filter(p -> p.y() > hollow + 2 * k)
                .forEach(outline::add);
        outline.addAll(standing.head.skull(dy));
        canvas.layer(Figure.Role.BODY, outline, true, false);
        standing.head.lines(dy);
        standing.trunkLines(dy);
        lines();
        ArmFrame frame = standing.arm.draw(-3, 7, dy);
        return canvas.figure(b, View.KNEELING, new Figure.Frame(dy, 0, 0, 0, 0), Map.of(Side.RIGHT, frame));
    }

    /** From the knee's front under it along the floor to the toes, and back over heel and calf to the hollow of the knee. */
    private List<Knot> shin() {
        return List.of(
                at(.5, 7),
                at(.1, 2.4),
                at(-4, 0).t(-1, 0),
                at(-20, .7),
                at(-37, 1.9),
                at(-46, .9),
                at(-55, .1).t(-1, -.02),
                at(-57.4, 1.2).t(.1, 1).h(.8),
                at(-54, 3.1),
                at(-46.5, 6.3),
                at(-42.2, 9).t(.8, .5),
                at(-39, 8.8),
                at(-34 - thick() / 2, 7.4),
                at(-24 - thick(), 9.2),
                at(-15.5 - thick(), 11.4));
    }

    /** How much further behind a thick thigh meets the calf, cm of a stature of 170. */
    private double thick() {
        double behind = (leg("knee").zf() - leg("aboveKnee").zb()) / k + 1;
        return Math.max(0, behind - 15.5);
    }

    /** A place measured from the knee's front, in cm of a stature of 170. */
    private Knot at(double behind, double over) {
        return n(leg("knee").zf() + behind * k, over * k);
    }

    private void lines() {
        canvas.line(.95, 0, 0, .6, at(-.6, 9), at(-2.6, 7.4), at(-3.2, 5), at(-2, 2.4), at(-.4, 1.4));
        canvas.line(.9, 0, 0, .6, at(-41.4, 6.6), at(-42.4, 6.2), at(-42.2, 5.2), at(-41, 5.2), at(-40.6, 6));
    }
}
