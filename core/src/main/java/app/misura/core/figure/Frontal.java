package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** A body from the front or the back. One open outline from the neck round both sides; each half with its own arm and leg. */
final class Frontal {
    private static final double HANGING = 3;
    /** The arm that is held out, degrees from hanging. */
    private static final double OUT = 84;

    private final Body b;
    private final boolean back;
    private final View view;
    private final double k;
    private final double h;
    private final double angle;
    private final Canvas canvas = new Canvas();
    private final Map<Side, ArmFrame> frames = new EnumMap<>(Side.class);
    private final Map<Side, Point> armpits = new EnumMap<>(Side.class);
    private final Map<Side, Point> corners = new EnumMap<>(Side.class);

    Frontal(Body body, View view) {
        this.b = body;
        this.view = view;
        this.back = view.isBehind();
        this.k = body.k();
        this.h = body.height();
        this.angle = Math.max(restAngle(Side.LEFT), restAngle(Side.RIGHT));
    }

    static Knot n(double x, double y) {
        return Knot.of(x, y);
    }

    private Trunk t(String level) {
        return b.t(level);
    }

    Figure figure() {
        List<Knot> left = half(Side.LEFT);
        List<Knot> right = Knot.reversed(Knot.mirrored(half(Side.RIGHT)));
        List<Knot> outline = new ArrayList<>(left);
        outline.addAll(right.subList(1, right.size()));
        FrontalHead face = new FrontalHead(b, back);
        List<Knot> head = face.outline();
        if (back) {
            canvas.shape(face.ear(), false);
            canvas.shape(Knot.mirrored(face.ear()), false);
            for (Side side : Side.values()) {
                canvas.shape(Canvas.sided(side, footEdge()), false);
                canvas.shape(Canvas.sided(side, footInnerEdge()), false);
            }
            canvas.shape(face.skull(), false);
            canvas.layer(Figure.Role.BODY, outline, false, false);
            new BackLines(b, limbs(), canvas).draw();
        } else {
            canvas.layer(Figure.Role.BODY, outline, false, false);
            canvas.shape(face.ear(), false);
            canvas.shape(Knot.mirrored(face.ear()), false);
            canvas.shape(head, true);
            new FrontLines(b, limbs(), canvas).draw();
        }
        return canvas.figure(b, view, Figure.Frame.STANDING, frames);
    }

    private FrontalLines.Limbs limbs() {
        return new FrontalLines.Limbs(frames, armpits, corners);
    }

    private boolean isOut(Side side) {
        return view == View.ARM_OUT && side == Side.RIGHT;
    }

    // ---- outline

    private ArmFrame frame(Side side, double degrees) {
        double lift = Between.clamp((degrees - 35) / 55, 0, 1) * k;
        Point shoulder =
                new Point(t("shoulder").w() - 2.3 * k - lift, t("shoulder").y() - b.drop(side) - 3 * lift);
        return new ArmFrame(shoulder, b.armLength(), Math.toRadians(degrees), Math.toRadians(degrees - HANGING), 0.06);
    }

    /** The smallest angle at which arm and hand stay clear of trunk and thigh. */
    private double restAngle(Side side) {
        for (double a = 13; a < 34; a += 0.5) {
            ArmFrame frame = frame(side, a);
            boolean clear = true;
            for (Body.Arm r : side.of(b.arms())) {
                if (r.s() > 0.40 * b.armLength()) {
                    Point p = frame.at(r.s(), -r.inner());
                    clear &= p.x() >= outer(side, p.y()) + 0.9 * k;
                }
            }
            for (double u : new double[] {0.2, 0.5, 0.9}) {
                Point p = frame.at(b.armLength() + u * b.handLength(), -3.2 * k);
                clear &= p.x() >= outer(side, p.y()) + 1.2 * k;
            }
            if (clear) {
                return a;
            }
        }
        return 34;
    }

    private double outer(Side side, double y) {
        Trunk seat = t("seat");
        List<Body.Leg> leg = side.of(b.legs());
        if (y >= seat.y()) {
            return b.widthAt(y);
        }
        if (y > leg.get(0).y()) {
            return Between.lerp(
                    leg.get(0).outer(),
                    seat.w(),
                    (y - leg.get(0).y()) / (seat.y() - leg.get(0).y()));
        }
        for (int i = 0; i < leg.size() - 1; i++) {
            if (y >= leg.get(i + 1).y()) {
                double share = (y - leg.get(i + 1).y())
                        / (leg.get(i).y() - leg.get(i + 1).y());
                return Between.lerp(leg.get(i + 1).outer(), leg.get(i).outer(), share);
            }
        }
        return leg.get(leg.size() - 1).outer();
    }

    private List<Knot> half(Side side) {
        double dr = b.drop(side);
        List<Knot> p = new ArrayList<>();
        p.add(
                back
                        ? n(b.headWidth() * .735, b.chin() + .20 * b.headHeight())
                                .t(-.35, -1)
                        : n(t("neckTop").w(), b.chin() + .30 * b.headHeight()).t(0, -1));
        p.add(n(t("neckMid").w(), t("neckMid").y() + .3 * k).t(.10, -1));
        p.add(n(t("neckSide").w() + .25 * k, t("neckSide").y() - dr * .1).t(.68, -.73));
        p.add(n(t("slope").w(), t("slope").y() - dr * .55).t(1, -.33 - dr * .03));
        p.add(
                isOut(side)
                        ? n(t("shoulder").w() - .8 * k, t("shoulder").y() - dr + .3 * k)
                                .t(1, -.05)
                        : n(t("shoulder").w() - .2 * k, t("shoulder").y() - dr + .1 * k)
                                .t(1, -.50)
                                .h(.95));
        arm(side, p);
        for (String level : List.of("chest", "underBust", "midTorso", "waist", "navel", "band", "highHip", "seat")) {
            if (t(level).y() < side.of(corners).y() - 1.6 * k) {
                p.add(n(t(level).w(), t(level).y()));
            }
        }
        leg(side, p);
        double crotch = t("crotch").y();
        p.add(n(.35 * k, crotch - 1.6 * k).t(-.15, 1));
        p.add(n(0, crotch).c());
        return p;
    }

    private void arm(Side side, List<Knot> p) {
        List<Body.Arm> arm = side.of(b.arms());
        boolean out = isOut(side);
        ArmFrame frame = frame(side, out ? OUT : angle);
        frames.put(side, frame);
        double l = b.armLength();
        arm.stream()
                .filter(r -> !out || r.s() > .1 * l)
                .forEach(r -> p.add(Knot.of(frame.at(r.s(), r.outer() * (out && r.s() > .3 * l ? .96 : 1)))));
        p.addAll(hand(frame));
        double dr = b.drop(side);
        Point pit = new Point(
                b.widthAt(t("armpit").y()) + (out ? 1.7 : .2) * k, t("armpit").y() - dr * .6 + (out ? k : 0));
        armpits.put(side, pit);
        double touch = -1;
        for (double s = .20 * b.armLength(); s < .75 * b.armLength(); s += .01 * b.armLength()) {
            Point q = frame.at(s, -inner(arm, s));
            if (q.y() < pit.y() - .5 * k && q.x() < b.widthAt(q.y()) + .3 * k) {
                touch = s;
            }
        }
        Point corner = pit;
        if (touch > 0) {
            Point q = frame.at(touch, -inner(arm, touch));
            if (q.y() < pit.y() - 2.2 * k) {
                corner = new Point(b.widthAt(q.y()) + .15 * k, q.y() - .4 * k);
            }
        }
        corners.put(side, corner);
        for (int i = arm.size() - 1; i >= 0; i--) {
            Body.Arm r = arm.get(i);
            if (r.s() < .30 * b.armLength() || touch > 0 && r.s() < touch + .035 * b.armLength()) {
                break;
            }
            Point q = frame.at(r.s(), -r.inner());
            if (q.x() > b.widthAt(q.y()) + .35 * k) {
                p.add(Knot.of(q));
            }
        }
        p.add(Knot.of(corner).c());
        if (corner == pit) {
            p.add(n(b.widthAt(t("armpit").y() - 2.6 * k) + .05 * k, t("armpit").y() - 2.6 * k));
        }
    }

    private static double inner(List<Body.Arm> arm, double s) {
        int i = 0;
        while (i < arm.size() - 2 && arm.get(i + 1).s() < s) {
            i++;
        }
        Body.Arm a = arm.get(i);
        Body.Arm c = arm.get(i + 1);
        return Between.lerp(a.inner(), c.inner(), Between.clamp((s - a.s()) / (c.s() - a.s()), 0, 1));
    }

    /** Palm towards the thigh, seen on its edge, from the outer wrist round the tip to the inner one. */
    private List<Knot> hand(ArmFrame frame) {
        double size = b.handLength() / 18.4;
        java.util.function.BiFunction<Double, Double, Knot> at =
                (u, v) -> Knot.of(frame.at(b.armLength() + u * b.handLength(), v * size));
        Point across = frame.at(b.armLength() + b.handLength(), -1.2 * size)
                .minus(frame.at(b.armLength() + b.handLength(), 0));
        List<Knot> hand = new ArrayList<>(List.of(
                at.apply(.07, 2.4),
                at.apply(.22, 2.75),
                at.apply(.42, 2.9),
                at.apply(.60, 2.5),
                at.apply(.80, 1.75),
                at.apply(.93, 1.0).h(.9),
                at.apply(1.0, -.2).t(across.x(), across.y()).h(.9),
                at.apply(.95, -1.2).h(.9)));
        if (back) {
            hand.addAll(List.of(
                    at.apply(.82, -1.35),
                    at.apply(.62, -1.5),
                    at.apply(.46, -2.1),
                    at.apply(.28, -2.7),
                    at.apply(.10, -2.4)));
        } else {
            hand.addAll(List.of(
                    at.apply(.84, -1.45),
                    at.apply(.70, -1.5).c(),
                    at.apply(.695, -2.3).h(.8),
                    at.apply(.60, -3.05),
                    at.apply(.42, -3.45),
                    at.apply(.22, -3.2),
                    at.apply(.06, -2.5)));
        }
        return hand;
    }

    private void leg(Side side, List<Knot> p) {
        List<Body.Leg> leg = side.of(b.legs());
        for (Body.Leg l : leg) {
            switch (l.name()) {
                case "thighTop" -> {}
                case "calf" -> {
                    p.add(n(l.outer() + .1 * k, l.y() + .022 * h));
                    p.add(n(l.outer() - .45 * k, l.y() - .015 * h));
                }
                case "knee" -> p.add(n(l.outer() + .05 * k, l.y() + .006 * h));
                default -> p.add(n(l.outer(), l.y()));
            }
        }
        Body.Leg ankle = b.leg(side, "ankle");
        p.addAll(back ? heel(ankle.cx()) : foot(ankle.cx()));
        for (int i = leg.size() - 1; i >= 0; i--) {
            Body.Leg l = leg.get(i);
            switch (l.name()) {
                case "thighTop" -> {}
                case "calf" -> {
                    p.add(n(l.inner() + .4 * k, l.y() - .026 * h));
                    p.add(n(l.inner(), l.y() + .004 * h));
                }
                case "aboveKnee" -> p.add(n(l.inner() - .25 * k, l.y() - .006 * h));
                case "knee" -> p.add(n(l.inner(), l.y() + .004 * h));
                case "belowKnee" -> p.add(n(l.inner() + .1 * k, l.y()));
                default -> p.add(n(l.inner(), l.y()));
            }
        }
    }

    private List<Knot> foot(double cx) {
        double f = b.footScale();
        Function<double[], Knot> q = v -> n(cx + v[0] * f, v[1] * f);
        return List.of(
                q.apply(new double[] {3.4, 6.4}).t(-.05, -1),
                q.apply(new double[] {3.25, 4.9}),
                q.apply(new double[] {4.5, 3.2}),
                q.apply(new double[] {5.9, 1.3}),
                q.apply(new double[] {6.15, -.2}).h(.9),
                q.apply(new double[] {5.5, -.95}).c(),
                q.apply(new double[] {4.85, -1.5}),
                q.apply(new double[] {4.15, -1.15}).c(),
                q.apply(new double[] {3.4, -1.85}),
                q.apply(new double[] {2.6, -1.4}).c(),
                q.apply(new double[] {1.8, -2.15}),
                q.apply(new double[] {1.0, -1.6}).c(),
                q.apply(new double[] {.1, -2.4}),
                q.apply(new double[] {-.75, -1.65}).c(),
                q.apply(new double[] {-1.95, -2.5}),
                q.apply(new double[] {-3.15, -1.75}),
                q.apply(new double[] {-3.6, 0}),
                q.apply(new double[] {-3.3, 2.4}),
                q.apply(new double[] {-3.0, 4.8}),
                q.apply(new double[] {-3.3, 7.4}).t(.02, 1));
    }

    private List<Knot> heel(double cx) {
        double f = b.footScale();
        Function<double[], Knot> q = v -> n(cx + v[0] * f, v[1] * f);
        return List.of(
                q.apply(new double[] {3.35, 6.4}).t(-.1, -1),
                q.apply(new double[] {2.75, 4.4}),
                q.apply(new double[] {3.05, 2.2}),
                q.apply(new double[] {2.5, .35}),
                q.apply(new double[] {0, -.35}).t(-1, 0),
                q.apply(new double[] {-2.5, .35}),
                q.apply(new double[] {-2.95, 2.2}),
                q.apply(new double[] {-2.7, 4.6}),
                q.apply(new double[] {-3.3, 7.4}).t(-.1, 1));
    }

    private List<Knot> footEdge() {
        return footPoints(new double[][] {{2.6, 4.6}, {4.2, 2.6}, {5.5, 1.5}, {5.6, .55}, {4.5, .15}, {2.2, .1}});
    }

    private List<Knot> footInnerEdge() {
        return footPoints(new double[][] {{-2.6, 3.6}, {-3.5, 2.4}, {-3.7, 1.0}, {-3.0, .2}, {-2.0, .1}});
    }

    private List<Knot> footPoints(double[][] points) {
        double cx = b.leg(Side.LEFT, "ankle").cx();
        List<Knot> knots = new ArrayList<>();
        for (double[] v : points) {
            knots.add(n(cx + v[0] * b.footScale(), v[1] * b.footScale()));
        }
        return knots;
    }
}
