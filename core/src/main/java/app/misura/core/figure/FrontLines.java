package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Between;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;

/** Collarbones, chest, belly, groin, knees and hands. */
final class FrontLines extends FrontalLines {
    FrontLines(Body body, Limbs limbs, Canvas canvas) {
        super(body, limbs, canvas);
    }

    @Override
    void draw() {
        double sh = t("shoulder").y();
        canvas.both(1.5, .4, 0, .8, s -> {
            double d = b.drop(s);
            return List.of(
                    n(1.5 * k, sh - 1.3 * k),
                    n(4.6 * k, sh - .2 * k - d * .1),
                    n(9.5 * k, sh - .3 * k - d * .4),
                    n(13.5 * k, sh + .5 * k - d * .7),
                    n(t("shoulder").w() - 1.2 * k, sh + .2 * k - d * .95));
        });
        canvas.both(
                .7,
                0,
                0,
                .4,
                s -> List.of(
                        n(3.6 * k, sh - 1.9 * k), n(8 * k, sh - 2.4 * k), n(12.5 * k, sh - 1.7 * k - b.drop(s) * .5)));
        canvas.both(
                1.0,
                0,
                .5,
                .55,
                s -> List.of(
                        n(t("neckTop").w() * .93, t("neckTop").y() - .5 * k),
                                n(t("neckMid").w() * .74, t("neckMid").y() - 2.2 * k),
                        n(1.9 * k, sh + 1.2 * k), n(1.15 * k, sh - .6 * k)));
        canvas.line(
                1.0, .2, .2, .7, n(-1.1 * k, sh - .6 * k), n(0, sh - 1.5 * k).t(1, 0), n(1.1 * k, sh - .6 * k));
        armpitFold(1.6, .9, .2, 2.2, 1.3, 4.8);
        canvas.both(.8, 0, 0, .4, s -> {
            double d = b.drop(s);
            return List.of(
                    n(t("shoulder").w() - 4.5 * k, sh - 2.6 * k - d),
                    n(t("shoulder").w() - 2.6 * k, t("joint").y() - 3.2 * k - d),
                    n(s.of(limbs.armpits()).x() + 2.2 * k, t("armpit").y() + 4.2 * k - d * .8));
        });
        chestLines();
        bellyLines();
        canvas.both(
                1.0,
                0,
                0,
                .5,
                s -> List.of(
                        n(t("highHip").w() * .70, t("highHip").y() - 4.2 * k),
                                n(t("seat").w() * .50, t("seat").y() - .9 * k),
                        n(t("seat").w() * .29, t("crotch").y() + 2.9 * k),
                                n(1.5 * k, t("crotch").y() + .5 * k)));
        legLinesFront();
        canvas.both(.8, 0, 0, .45, s -> {
            ArmFrame f = s.of(limbs.frames());
            return List.of(
                    Knot.of(f.at(f.elbowAt - .2 * k, -2.6 * k)),
                    Knot.of(f.at(f.elbowAt + .6 * k, -.6 * k)),
                    Knot.of(f.at(f.elbowAt + .2 * k, 1.6 * k)));
        });
        handLines();
    }

    private void chestLines() {
        double p = b.bust();
        double g = Between.clamp(p / 4, 0, 1);
        double fold = Between.lerp(t("chest").y() - 2.4 * k, b.foldY(), g);
        double r = Between.lerp(6.2, 6.0 + .18 * p, g) * k;
        canvas.both(
                Between.lerp(.9, 1.7, g),
                0,
                0,
                Between.lerp(.42, .85, g),
                s -> List.of(
                        n(b.bustX() - r * Between.lerp(.9, .92, g), fold + Between.lerp(.5, 2.4, g) * k),
                        n(b.bustX() - r * .45, fold + Between.lerp(0, .35, g) * k),
                        n(b.bustX() + .1 * r, fold - Between.lerp(.1, .25, g) * k)
                                .t(1, .04),
                        n(b.bustX() + r * .62, fold + Between.lerp(.9, 1.3, g) * k),
                        n(b.bustX() + r * Between.lerp(.95, 1.02, g), fold + Between.lerp(2.6, 4.6, g) * k)));
        if (p > 2.5) {
            canvas.both(
                    1.0,
                    0,
                    0,
                    .5 * g,
                    s -> List.of(
                            n(b.bustX() + r * 1.02, fold + 4.4 * k),
                            n(b.bustX() + r * 1.1, b.bustY() + 1.5 * k),
                            n(b.bustX() + r * .98, b.bustY() + 5.5 * k)));
            canvas.line(.9, 0, 0, .35 * g, n(0, b.bustY() + 3 * k), n(.1 * k, b.bustY()), n(0, fold + 1.6 * k));
        }
        canvas.line(
                .7,
                0,
                0,
                .35,
                n(0, t("chest").y() + 1.5 * k),
                n(.08 * k, t("underBust").y()),
                n(0, t("midTorso").y()));
        canvas.line(
                .7,
                0,
                0,
                .30,
                n(0, t("midTorso").y() - 2 * k),
                n(.1 * k, t("waist").y()),
                n(0, t("navel").y() + 1.8 * k));
    }

    private void bellyLines() {
        double most = Math.max(t("navel").zf(), t("band").zf());
        double fat = Between.clamp((most - t("crotch").zf() - 3.5 * k) / (10 * k), 0, 1);
        canvas.both(
                .8,
                0,
                0,
                .32 * (1 - fat),
                s -> List.of(
                        n(1.6 * k, t("underBust").y() - 1.3 * k),
                                n(4.6 * k, t("midTorso").y() + .4 * k),
                        n(7.6 * k, t("waist").y() + 1.4 * k),
                                n(9.2 * k, t("waist").y() - 1.2 * k)));
        double y = t("navel").y();
        canvas.line(
                1.1,
                0,
                0,
                .7,
                n(-.6 * k, y + .5 * k),
                n(-.42 * k, y - .25 * k),
                n(.05 * k, y - .55 * k).t(1, 0),
                n(.55 * k, y + .05 * k));
        canvas.both(
                .9,
                0,
                0,
                .5 * (1 - fat * .6),
                s -> List.of(
                        n(t("highHip").w() * .93, t("highHip").y() + 1.2 * k),
                        n(t("highHip").w() * .86, t("highHip").y() + .9 * k),
                        n(t("highHip").w() * .80, t("highHip").y() - .7 * k)));
        if (fat > .25) {
            double q = (fat - .25) / .75;
            double w = t("highHip").w();
            double hip = t("highHip").y() + k;
            double low = t("seat").y() + 2.2 * k - q * 1.6 * k;
            canvas.line(
                    1.5,
                    0,
                    0,
                    .45 + .4 * q,
                    n(-w * .93, hip),
                    n(-w * .62, low),
                    n(0, t("seat").y() - k - q * 2.2 * k).t(1, 0),
                    n(w * .62, low),
                    n(w * .93, hip));
            canvas.both(
                    .9,
                    .5,
                    0,
                    .4 * q,
                    s -> List.of(
                            n(t("waist").w() * .98, t("waist").y() - 1.4 * k),
                            n(t("waist").w() * .86, t("waist").y() - 2 * k),
                            n(t("waist").w() * .72, t("waist").y() - 1.8 * k)));
        }
    }

    private void legLinesFront() {
        canvas.both(.95, 0, 0, .62, s -> {
            Body.Leg l = b.leg(s, "knee");
            double r = l.hw() * .62;
            return List.of(
                    n(l.cx() - r, l.y() + 1.7 * k),
                    n(l.cx() - r * 1.08, l.y()),
                    n(l.cx() - r * .72, l.y() - 2.1 * k),
                    n(l.cx() + .05 * k, l.y() - 2.9 * k).t(1, 0),
                    n(l.cx() + r * .8, l.y() - 2.1 * k),
                    n(l.cx() + r * 1.05, l.y() - .1 * k),
                    n(l.cx() + r * .92, l.y() + 1.5 * k));
        });
        canvas.both(.7, 0, 0, .4, s -> {
            Body.Leg l = b.leg(s, "knee");
            double r = l.hw() * .62;
            return List.of(
                    n(l.cx() - r * .7, l.y() + 2.8 * k),
                    n(l.cx(), l.y() + 3.3 * k).t(1, 0),
                    n(l.cx() + r * .6, l.y() + 2.9 * k));
        });
        canvas.both(.8, 0, 0, .4, s -> {
            Body.Leg l = b.leg(s, "knee");
            return List.of(
                    n(l.inner() + .3 * k, l.y() + 5.6 * k),
                    n(l.inner() + 1.5 * k, l.y() + 3.5 * k),
                    n(l.inner() + 2.1 * k, l.y() + 2.4 * k));
        });
        canvas.both(
                .7,
                0,
                0,
                .34,
                s -> List.of(
                        n(
                                b.leg(s, "belowKnee").cx() - .4 * k,
                                b.leg(s, "belowKnee").y() - 1.5 * k),
                        n(b.leg(s, "calf").cx() - 1.1 * k, b.leg(s, "calf").y()),
                        n(
                                b.leg(s, "belowCalf").cx() - .9 * k,
                                b.leg(s, "belowCalf").y())));
        canvas.both(.8, 0, 0, .5, s -> ankle(s, new double[][] {{2.7, 7.5}, {1.9, 6.4}, {2.3, 5.2}}));
        canvas.both(.8, 0, 0, .5, s -> ankle(s, new double[][] {{-2.6, 8.5}, {-1.9, 7.4}, {-2.2, 6.2}}));
        double f = b.footScale();
        for (double[] q : new double[][] {
            {5.5, -.95, 5.1, .2},
            {4.15, -1.15, 3.85, .3},
            {2.6, -1.4, 2.45, .3},
            {1.0, -1.6, .95, .4},
            {-.75, -1.65, -.55, .8}
        }) {
            canvas.both(.8, 1, 0, .55, s -> {
                double c = b.leg(s, "ankle").cx();
                return List.of(
                        n(c + q[0] * f, q[1] * f),
                        n(c + (q[0] + q[2]) / 2 * f, (q[1] + q[3]) / 2 * f),
                        n(c + q[2] * f, q[3] * f));
            });
        }
    }

    private List<Knot> ankle(Side side, double[][] points) {
        double c = b.leg(side, "ankle").cx();
        List<Knot> knots = new ArrayList<>();
        for (double[] p : points) {
            knots.add(n(c + p[0] * k, p[1] * k));
        }
        return knots;
    }

    private void handLines() {
        double size = b.handLength() / 18.4;
        canvas.both(
                1.0, 1, 0, .7, s -> along(s, size, new double[][] {{.70, -1.5}, {.56, -1.35}, {.40, -.7}, {.28, -.2}}));
        canvas.both(.7, 0, 0, .7, s -> along(s, size, new double[][] {{.52, .9}, {.70, .7}, {.88, .2}}));
    }
}
