package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;

/** The near arm, laid before the body: an upper arm and a forearm, each at its angle to the plumb line. */
final class ProfileArm extends SideView {
    private final boolean ghost;

    /** @param ghost whether a tape behind the arm is to be seen */
    ProfileArm(Body body, Canvas canvas, boolean ghost) {
        super(body, canvas);
        this.ghost = ghost;
    }

    /** @return its axis */
    ArmFrame draw(double upper, double fore, double dy) {
        List<Body.Arm> a = Side.RIGHT.of(b.arms());
        Point shoulder = new Point(-1.6 * k, t("shoulder").y() + dy - b.drop(Side.RIGHT));
        ArmFrame f = new ArmFrame(shoulder, b.armLength(), Math.toRadians(upper), Math.toRadians(fore), .10);
        boolean bent = fore - upper > 40;
        List<Knot> p = new ArrayList<>();
        p.add(n(shoulder.x() - .2 * k, shoulder.y() + .3 * k).t(1, -.05));
        p.add(Knot.of(f.at(.05 * b.armLength(), 4.3 * k * a.get(1).front() / (5.7 * k))));
        Point elbow = f.at(f.elbowAt, 0);
        double m = Math.toRadians((upper + fore) / 2);
        for (Body.Arm r : a.subList(1, a.size())) {
            if (bent && List.of("upperLow", "forearm").contains(r.name()) && r.front() > .088 * b.armLength()) {
                continue;
            }
            if (bent && r.name().equals("elbow")) {
                p.add(n(elbow.x() + Math.cos(m) * r.front() * 1.02, elbow.y() + Math.sin(m) * r.front() * 1.02)
                        .c());
            } else {
                p.add(Knot.of(f.at(r.s(), r.front() * (bent && r.name().equals("forearm") ? .92 : 1))));
            }
        }
        p.addAll(hand(f));
        for (int i = a.size() - 2; i >= 1; i--) {
            Body.Arm r = a.get(i);
            if (bent && List.of("upperLow", "forearm").contains(r.name())) {
                continue;
            }
            if (bent && r.name().equals("elbow")) {
                double u1 = Math.toRadians(upper);
                double u2 = Math.toRadians(fore);
                Point u = new Point(-(Math.cos(u1) + Math.cos(u2)), -(Math.sin(u1) + Math.sin(u2))).unit();
                p.add(Knot.of(f.at(f.elbowAt + .10 * b.armLength(), -r.back() * .97)));
                p.add(n(elbow.x() + u.x() * r.back() * 1.12, elbow.y() + u.y() * r.back() * 1.12)
                        .t(-(Math.sin(u1) + Math.sin(u2)), Math.cos(u1) + Math.cos(u2)));
                p.add(Knot.of(f.at(f.elbowAt - .095 * b.armLength(), -r.back() * .93)));
            } else {
                p.add(Knot.of(f.at(r.s(), -r.back())));
            }
        }
        p.add(Knot.of(f.at(.06 * b.armLength(), -4.7 * k * a.get(1).back() / (6.0 * k))));
        canvas.layer(ghost ? Figure.Role.GHOST : Figure.Role.ARM, p, true, false);
        if (!ghost) {
            armLines(f, bent);
        }
        return f;
    }

    private Knot hat(ArmFrame f, double u, double v) {
        return Knot.of(f.at(b.armLength() + u * b.handLength(), v * b.handLength() / 18.4));
    }

    private List<Knot> hand(ArmFrame f) {
        return List.of(
                hat(f, .08, 3.1),
                hat(f, .22, 4.1),
                hat(f, .38, 5.0),
                hat(f, .52, 5.35).h(.9),
                hat(f, .585, 4.75).h(.8),
                hat(f, .50, 4.0),
                hat(f, .44, 3.55).c(),
                hat(f, .56, 3.55),
                hat(f, .74, 3.35),
                hat(f, .90, 2.75),
                hat(f, .965, 2.05).h(.8),
                hat(f, .985, 1.2),
                hat(f, 1.0, .5).h(.8),
                hat(f, .975, -.4),
                hat(f, .945, -1.0),
                hat(f, .86, -2.0),
                hat(f, .82, -2.7).h(.8),
                hat(f, .72, -3.25),
                hat(f, .52, -3.85),
                hat(f, .36, -4.0),
                hat(f, .18, -3.3),
                hat(f, .04, -2.85));
    }

    private void armLines(ArmFrame f, boolean bent) {
        double l = b.armLength();
        canvas.line(.8, 0, .3, .55, hat(f, .50, 1.75), hat(f, .70, 1.75), hat(f, .93, 1.75));
        canvas.line(.8, 0, .3, .55, hat(f, .52, -.1), hat(f, .72, 0), hat(f, .955, -.05));
        canvas.line(.8, 0, .3, .55, hat(f, .54, -1.9), hat(f, .70, -1.75), hat(f, .86, -1.6));
        canvas.line(.9, 1, 0, .6, hat(f, .44, 3.55), hat(f, .34, 2.9), hat(f, .24, 2.6));
        canvas.line(
                .8,
                0,
                0,
                .34,
                Knot.of(f.at(.10 * l, -2.2 * k)),
                Knot.of(f.at(.22 * l, -2.4 * k)),
                Knot.of(f.at(.36 * l, -.6 * k)));
        canvas.line(
                .8,
                0,
                0,
                .34,
                Knot.of(f.at(.13 * l, 3.6 * k)),
                Knot.of(f.at(.24 * l, 2.7 * k)),
                Knot.of(f.at(.36 * l, .2 * k)));
        if (!bent) {
            double e = f.elbowAt;
            canvas.line(
                    .8,
                    0,
                    0,
                    .5,
                    Knot.of(f.at(e - 1.2 * k, -3 * k)),
                    Knot.of(f.at(e + .2 * k, -2.4 * k)),
                    Knot.of(f.at(e + 1.4 * k, -2.9 * k)));
        }
        canvas.line(
                .7,
                0,
                0,
                .28,
                Knot.of(f.at(.61 * l, 2.2 * k)),
                Knot.of(f.at(.70 * l, 2.6 * k)),
                Knot.of(f.at(.84 * l, 1.4 * k)));
        canvas.line(
                .8,
                0,
                0,
                .5,
                Knot.of(f.at(.975 * l, -1.9 * k)),
                Knot.of(f.at(.995 * l, -1.2 * k)),
                Knot.of(f.at(1.01 * l, -1.9 * k)));
    }
}
