package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;

/** Spine, shoulder blades, seat, hollows of the knees, calves and heels. */
final class BackLines extends FrontalLines {
    BackLines(Body body, Limbs limbs, Canvas canvas) {
        super(body, limbs, canvas);
    }

    @Override
    void draw() {
        canvas.line(
                1.2,
                0,
                0,
                .6,
                n(0, t("neckMid").y() - .5 * k),
                n(.12 * k, t("upperChest").y()),
                n(-.05 * k, t("underBust").y()),
                n(0, t("waist").y() - 2 * k),
                n(0, t("highHip").y() + 1.2 * k));
        canvas.line(
                1.0,
                .1,
                .1,
                .6,
                n(-.9 * k, t("neckMid").y() - .6 * k),
                n(0, t("neckMid").y() - 1.1 * k).t(1, 0),
                n(.9 * k, t("neckMid").y() - .6 * k));
        canvas.both(
                .8,
                0,
                0,
                .3,
                s -> List.of(
                        n(2.6 * k, t("midTorso").y()),
                        n(2.3 * k, t("waist").y()),
                        n(2.7 * k, t("navel").y()),
                        n(3.6 * k, t("band").y())));
        canvas.both(.9, 0, 0, .5, s -> {
            double d = b.drop(s);
            return List.of(
                    n(7.2 * k, t("upperChest").y() + 3.2 * k - d * .4),
                    n(11 * k, t("joint").y() - .4 * k - d * .6),
                    n(15.5 * k, t("joint").y() + k - d * .9));
        });
        canvas.both(1.15, 0, 0, .66, s -> {
            double d = b.drop(s) * .5;
            return List.of(
                    n(6.9 * k, t("upperChest").y() + 3 * k - d),
                            n(6.2 * k, t("upperChest").y() - 2.2 * k - d),
                    n(7.1 * k, t("armpit").y() - 1.4 * k - d),
                            n(8.7 * k, t("chest").y() - k - d).t(1, -.25),
                    n(10.5 * k, t("chest").y() + .6 * k - d),
                            n(12.4 * k, t("armpit").y() + .4 * k - d));
        });
        canvas.both(
                .8,
                0,
                0,
                .4,
                s -> List.of(
                        n(3.3 * k, t("neckTop").y()),
                        n(3.6 * k, t("neckMid").y() - 1.2 * k),
                        n(5.6 * k, t("slope").y() - .3 * k)));
        armpitFold(1.5, .85, -.1, 1.8, .8, 4.0);
        canvas.both(.8, 0, 0, .38, s -> {
            double d = b.drop(s);
            return List.of(
                    n(t("shoulder").w() - 2 * k, t("joint").y() + .4 * k - d),
                    n(t("shoulder").w() - 1.4 * k, t("joint").y() - 5 * k - d),
                    n(t("shoulder").w() + k, t("armpit").y() - k - d));
        });
        canvas.both(
                .7,
                0,
                0,
                .28,
                s -> List.of(
                        n(t("armpit").w() - .6 * k, t("armpit").y() - 1.5 * k),
                        n(t("chest").w() - 2.6 * k, t("underBust").y() + 1.5 * k),
                        n(t("midTorso").w() * .62, t("midTorso").y() - k)));
        seatLines();
        legLinesBack();
        canvas.both(.9, 0, 0, .5, s -> {
            ArmFrame f = s.of(limbs.frames());
            return List.of(
                    Knot.of(f.at(f.elbowAt - 2 * k, -1.3 * k)),
                    Knot.of(f.at(f.elbowAt - .2 * k, -1.5 * k)),
                    Knot.of(f.at(f.elbowAt + .9 * k, -.5 * k)));
        });
        canvas.both(
                .7, 0, 0, .7, s -> along(s, b.handLength() / 18.4, new double[][] {{.55, .7}, {.72, .3}, {.88, -.35}}));
    }

    private void seatLines() {
        canvas.both(
                1.0,
                0,
                0,
                .5,
                s -> List.of(
                        n(3.6 * k, t("highHip").y() + 1.4 * k),
                        n(3.2 * k, t("highHip").y() + .4 * k),
                        n(3.9 * k, t("highHip").y() - .3 * k)));
        canvas.both(
                .8,
                .3,
                0,
                .36,
                s -> List.of(
                        n(t("band").w() * .96, t("band").y() - .3 * k),
                        n(t("band").w() * .80, t("band").y() - .6 * k),
                        n(t("band").w() * .58, t("band").y() - 2 * k)));
        canvas.line(
                1.25,
                0,
                .6,
                .72,
                n(0, t("highHip").y() - 2.4 * k),
                n(.12 * k, t("seat").y() + k),
                n(-.06 * k, t("seat").y() - 3.6 * k),
                n(0, t("crotch").y() + .2 * k));
        canvas.both(1.25, .4, 0, .68, s -> {
            double y = b.leg(s, "thigh").y() + 2 * k;
            return List.of(
                    n(.8 * k, t("crotch").y() - 1.7 * k),
                    n(2.6 * k, y - .1 * k),
                    n(6.2 * k, y - .6 * k).t(1, .10),
                    n(9.6 * k, y + .4 * k),
                    n(11.8 * k, y + 1.7 * k));
        });
        canvas.both(
                .7,
                0,
                0,
                .3,
                s -> List.of(
                        n(t("seat").w() * .93, t("seat").y() + 3 * k),
                        n(t("seat").w() * .80, t("seat").y()),
                        n(t("seat").w() * .82, t("seat").y() - 4 * k)));
    }

    private void legLinesBack() {
        canvas.both(.95, 0, 0, .55, s -> around(s, "knee", new double[][] {{-3.4, .5}, {0, -.3}, {3.2, .8}}));
        canvas.both(.8, 0, 0, .42, s -> around(s, "knee", new double[][] {{-3.5, 6.8}, {-3.0, 3}, {-3.2, -.5}}));
        canvas.both(.8, 0, 0, .42, s -> around(s, "knee", new double[][] {{3.6, 6.8}, {3.2, 3}, {3.3, -.3}}));
        canvas.both(.8, 0, 0, .36, s -> around(s, "calf", new double[][] {{-3.6, -3.4}, {-2.0, -5.6}, {-.5, -4.6}}));
        canvas.both(.8, 0, 0, .32, s -> around(s, "calf", new double[][] {{.1, -3.6}, {1.9, -4.0}, {3.5, -1.6}}));
        canvas.both(.7, 0, 0, .28, s -> around(s, "calf", new double[][] {{-.1, 5}, {.1, 1}, {-.1, -3}}));
        for (double q : new double[] {-1, 1}) {
            canvas.both(
                    .8,
                    0,
                    0,
                    .42,
                    s -> List.of(
                            n(
                                    b.leg(s, "belowCalf").cx() + q * 1.4 * k,
                                    b.leg(s, "belowCalf").y() - k),
                            n(
                                    b.leg(s, "ankle").cx() + q * 1.05 * k,
                                    b.leg(s, "ankle").y()),
                            n(b.leg(s, "ankle").cx() + q * 1.5 * k, 4.4 * k)));
        }
    }

    private List<Knot> around(Side side, String level, double[][] points) {
        Body.Leg l = b.leg(side, level);
        List<Knot> knots = new ArrayList<>();
        for (double[] p : points) {
            knots.add(n(l.cx() + p[0] * k, l.y() + p[1] * k));
        }
        return knots;
    }
}
