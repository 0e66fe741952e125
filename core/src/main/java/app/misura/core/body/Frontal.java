package app.misura.core.body;

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

    private final Body b;
    private final boolean back;
    private final View view;
    private final double k;
    private final double h;
    private final double angle;
    private final List<Figure.Layer> layers = new ArrayList<>();
    private final List<Figure.Line> lines = new ArrayList<>();
    private final Map<Side, ArmFrame> frames = new EnumMap<>(Side.class);
    private final Map<Side, Point> armpits = new EnumMap<>(Side.class);
    private final Map<Side, Point> corners = new EnumMap<>(Side.class);

    Frontal(Body body, View view) {
        this.b = body;
        this.view = view;
        this.back = view == View.BACK;
        this.k = body.k;
        this.h = body.height;
        this.angle = Math.max(restAngle(Side.LEFT), restAngle(Side.RIGHT));
    }

    static Knot n(double x, double y) {
        return Knot.of(x, y);
    }

    private Body.Trunk t(String level) {
        return b.t(level);
    }

    Figure figure() {
        List<Knot> left = half(Side.LEFT);
        List<Knot> right = Knot.reversed(Knot.mirrored(half(Side.RIGHT)));
        List<Knot> outline = new ArrayList<>(left);
        outline.addAll(right.subList(1, right.size()));
        List<Knot> head = head();
        if (back) {
            layers.add(shape(ear(), false));
            layers.add(shape(Knot.mirrored(ear()), false));
            for (Side side : Side.values()) {
                layers.add(shape(sided(side, footEdge()), false));
                layers.add(shape(sided(side, footInnerEdge()), false));
            }
            layers.add(shape(skull(), false));
            layers.add(new Figure.Layer(Figure.Role.BODY, outline, false, false));
            backLines();
        } else {
            layers.add(new Figure.Layer(Figure.Role.BODY, outline, false, false));
            layers.add(shape(ear(), false));
            layers.add(shape(Knot.mirrored(ear()), false));
            layers.add(shape(head, true));
            frontLines();
        }
        return new Figure(b, view, layers, lines.stream().map(this::faded).toList(), Figure.Frame.STANDING);
    }

    private Figure.Line faded(Figure.Line l) {
        return l.strength() >= 0.6
                ? l
                : new Figure.Line(
                        l.knots(), l.width(), l.startShare(), l.endShare(), l.strength() * (1 - 0.5 * b.child));
    }

    private static Figure.Layer shape(List<Knot> knots, boolean closed) {
        return new Figure.Layer(Figure.Role.SHAPE, knots, closed, false);
    }

    private static List<Knot> sided(Side side, List<Knot> knots) {
        return side == Side.RIGHT ? Knot.mirrored(knots) : knots;
    }

    // ---- outline

    private ArmFrame frame(Side side, double degrees) {
        Point shoulder = new Point(t("shoulder").w - 2.3 * k, t("shoulder").y - b.drop(side));
        return new ArmFrame(shoulder, b.armLength, Math.toRadians(degrees), Math.toRadians(degrees - HANGING), 0.06);
    }

    /** The smallest angle at which arm and hand stay clear of trunk and thigh. */
    private double restAngle(Side side) {
        for (double a = 13; a < 34; a += 0.5) {
            ArmFrame frame = frame(side, a);
            boolean clear = true;
            for (Body.Arm r : b.arms.get(side)) {
                if (r.s() > 0.40 * b.armLength) {
                    Point p = frame.at(r.s(), -r.inner());
                    clear &= p.x() >= outer(side, p.y()) + 0.9 * k;
                }
            }
            for (double u : new double[] {0.2, 0.5, 0.9}) {
                Point p = frame.at(b.armLength + u * b.handLength, -3.2 * k);
                clear &= p.x() >= outer(side, p.y()) + 1.2 * k;
            }
            if (clear) {
                return a;
            }
        }
        return 34;
    }

    private double outer(Side side, double y) {
        Body.Trunk seat = t("seat");
        List<Body.Leg> leg = b.legs.get(side);
        if (y >= seat.y) {
            return b.widthAt(y);
        }
        if (y > leg.get(0).y()) {
            return Body.lerp(
                    leg.get(0).outer(),
                    seat.w,
                    (y - leg.get(0).y()) / (seat.y - leg.get(0).y()));
        }
        for (int i = 0; i < leg.size() - 1; i++) {
            if (y >= leg.get(i + 1).y()) {
                double share = (y - leg.get(i + 1).y())
                        / (leg.get(i).y() - leg.get(i + 1).y());
                return Body.lerp(leg.get(i + 1).outer(), leg.get(i).outer(), share);
            }
        }
        return leg.get(leg.size() - 1).outer();
    }

    private List<Knot> half(Side side) {
        double dr = b.drop(side);
        List<Knot> p = new ArrayList<>();
        p.add(
                back
                        ? n(b.headWidth * .735, b.chin + .20 * b.headHeight).t(-.35, -1)
                        : n(t("neckTop").w, b.chin + .30 * b.headHeight).t(0, -1));
        p.add(n(t("neckMid").w, t("neckMid").y + .3 * k).t(.10, -1));
        p.add(n(t("neckSide").w + .25 * k, t("neckSide").y - dr * .1).t(.68, -.73));
        p.add(n(t("slope").w, t("slope").y - dr * .55).t(1, -.33 - dr * .03));
        p.add(n(t("shoulder").w - .2 * k, t("shoulder").y - dr + .1 * k)
                .t(1, -.50)
                .h(.95));
        arm(side, p);
        for (String level : List.of("chest", "underBust", "midTorso", "waist", "navel", "trouser", "highHip", "seat")) {
            if (t(level).y < corners.get(side).y() - 1.6 * k) {
                p.add(n(t(level).w, t(level).y));
            }
        }
        leg(side, p);
        double crotch = t("crotch").y;
        p.add(n(.35 * k, crotch - 1.6 * k).t(-.15, 1));
        p.add(n(0, crotch).c());
        return p;
    }

    private void arm(Side side, List<Knot> p) {
        List<Body.Arm> arm = b.arms.get(side);
        ArmFrame frame = frame(side, angle);
        frames.put(side, frame);
        arm.forEach(r -> p.add(Knot.of(frame.at(r.s(), r.outer()))));
        p.addAll(hand(frame));
        double dr = b.drop(side);
        Point pit = new Point(b.widthAt(t("armpit").y) + .2 * k, t("armpit").y - dr * .6);
        armpits.put(side, pit);
        double touch = -1;
        for (double s = .20 * b.armLength; s < .75 * b.armLength; s += .01 * b.armLength) {
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
            if (r.s() < .30 * b.armLength || touch > 0 && r.s() < touch + .035 * b.armLength) {
                break;
            }
            Point q = frame.at(r.s(), -r.inner());
            if (q.x() > b.widthAt(q.y()) + .35 * k) {
                p.add(Knot.of(q));
            }
        }
        p.add(Knot.of(corner).c());
        if (corner == pit) {
            p.add(n(b.widthAt(t("armpit").y - 2.6 * k) + .05 * k, t("armpit").y - 2.6 * k));
        }
    }

    private static double inner(List<Body.Arm> arm, double s) {
        int i = 0;
        while (i < arm.size() - 2 && arm.get(i + 1).s() < s) {
            i++;
        }
        Body.Arm a = arm.get(i);
        Body.Arm c = arm.get(i + 1);
        return Body.lerp(a.inner(), c.inner(), Body.clamp((s - a.s()) / (c.s() - a.s()), 0, 1));
    }

    /** Palm towards the thigh, seen on its edge, from the outer wrist round the tip to the inner one. */
    private List<Knot> hand(ArmFrame frame) {
        double size = b.handLength / 18.4;
        java.util.function.BiFunction<Double, Double, Knot> at =
                (u, v) -> Knot.of(frame.at(b.armLength + u * b.handLength, v * size));
        Point across = frame.at(b.armLength + b.handLength, -1.2 * size).minus(frame.at(b.armLength + b.handLength, 0));
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
        List<Body.Leg> leg = b.legs.get(side);
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

    private double footScale() {
        return b.footLength / 25.84;
    }

    private List<Knot> foot(double cx) {
        double f = footScale();
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
        double f = footScale();
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
            knots.add(n(cx + v[0] * footScale(), v[1] * footScale()));
        }
        return knots;
    }

    // ---- head

    private Knot hp(double x, double v) {
        return n(x * b.headWidth, b.chin + v * b.headHeight);
    }

    private List<Knot> head() {
        double jaw = b.mix(1, .96);
        List<Knot> right = List.of(
                hp(0, 1).t(1, 0),
                hp(.56, .945),
                hp(.90, .79),
                hp(1, .60).t(0, -1),
                hp(.965, .46),
                hp(.91, .36),
                hp(.845 * jaw, .245),
                hp(.735 * jaw, .13),
                hp(.49 * jaw, .032),
                hp(.21 * jaw, -.003),
                hp(0, -.006).t(-1, 0));
        List<Knot> whole = new ArrayList<>(right);
        whole.addAll(Knot.reversed(Knot.mirrored(right.subList(1, right.size() - 1))));
        return whole;
    }

    private List<Knot> skull() {
        List<Knot> right = List.of(
                hp(0, 1).t(1, 0),
                hp(.56, .945),
                hp(.90, .79),
                hp(1, .60).t(0, -1),
                hp(.955, .44),
                hp(.88, .31),
                hp(.735, .20).t(-.75, -.66));
        List<Knot> whole = new ArrayList<>(Knot.reversed(Knot.mirrored(right.subList(1, right.size()))));
        whole.addAll(right);
        return whole;
    }

    private List<Knot> ear() {
        return back
                ? List.of(hp(.93, .50), hp(1.05, .545), hp(1.13, .50), hp(1.10, .40), hp(1.0, .30), hp(.90, .30))
                : List.of(hp(.955, .52), hp(1.04, .555), hp(1.105, .51), hp(1.07, .39), hp(1.0, .30), hp(.90, .315));
    }

    // ---- inner lines

    private void one(double width, double a, double z, double strength, Knot... knots) {
        lines.add(new Figure.Line(List.of(knots), width, a, z, strength));
    }

    private void both(double width, double a, double z, double strength, Function<Side, List<Knot>> of) {
        for (Side side : Side.values()) {
            lines.add(new Figure.Line(sided(side, of.apply(side)), width, a, z, strength));
        }
    }

    private void armpitFold(double width, double strength, double x1, double y1, double x2, double y2) {
        both(width, 1, 0, strength, side -> {
            Point a = armpits.get(side);
            Point c = corners.get(side);
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

    private void frontLines() {
        double sh = t("shoulder").y;
        both(1.5, .4, 0, .8, s -> {
            double d = b.drop(s);
            return List.of(
                    n(1.5 * k, sh - 1.3 * k),
                    n(4.6 * k, sh - .2 * k - d * .1),
                    n(9.5 * k, sh - .3 * k - d * .4),
                    n(13.5 * k, sh + .5 * k - d * .7),
                    n(t("shoulder").w - 1.2 * k, sh + .2 * k - d * .95));
        });
        both(
                .7,
                0,
                0,
                .4,
                s -> List.of(
                        n(3.6 * k, sh - 1.9 * k), n(8 * k, sh - 2.4 * k), n(12.5 * k, sh - 1.7 * k - b.drop(s) * .5)));
        both(
                1.0,
                0,
                .5,
                .55,
                s -> List.of(
                        n(t("neckTop").w * .93, t("neckTop").y - .5 * k),
                                n(t("neckMid").w * .74, t("neckMid").y - 2.2 * k),
                        n(1.9 * k, sh + 1.2 * k), n(1.15 * k, sh - .6 * k)));
        one(1.0, .2, .2, .7, n(-1.1 * k, sh - .6 * k), n(0, sh - 1.5 * k).t(1, 0), n(1.1 * k, sh - .6 * k));
        armpitFold(1.6, .9, .2, 2.2, 1.3, 4.8);
        both(.8, 0, 0, .4, s -> {
            double d = b.drop(s);
            return List.of(
                    n(t("shoulder").w - 4.5 * k, sh - 2.6 * k - d),
                    n(t("shoulder").w - 2.6 * k, t("joint").y - 3.2 * k - d),
                    n(armpits.get(s).x() + 2.2 * k, t("armpit").y + 4.2 * k - d * .8));
        });
        chestLines();
        bellyLines();
        both(
                1.0,
                0,
                0,
                .5,
                s -> List.of(
                        n(t("highHip").w * .70, t("highHip").y - 4.2 * k), n(t("seat").w * .50, t("seat").y - .9 * k),
                        n(t("seat").w * .29, t("crotch").y + 2.9 * k), n(1.5 * k, t("crotch").y + .5 * k)));
        legLinesFront();
        both(.8, 0, 0, .45, s -> {
            ArmFrame f = frames.get(s);
            return List.of(
                    Knot.of(f.at(f.elbowAt - .2 * k, -2.6 * k)),
                    Knot.of(f.at(f.elbowAt + .6 * k, -.6 * k)),
                    Knot.of(f.at(f.elbowAt + .2 * k, 1.6 * k)));
        });
        handLines();
    }

    private void chestLines() {
        double p = b.bust;
        double g = Body.clamp(p / 4, 0, 1);
        double fold = Body.lerp(t("chest").y - 2.4 * k, b.foldY, g);
        double r = Body.lerp(6.2, 6.0 + .18 * p, g) * k;
        both(
                Body.lerp(.9, 1.7, g),
                0,
                0,
                Body.lerp(.42, .85, g),
                s -> List.of(
                        n(b.bustX - r * Body.lerp(.9, .92, g), fold + Body.lerp(.5, 2.4, g) * k),
                        n(b.bustX - r * .45, fold + Body.lerp(0, .35, g) * k),
                        n(b.bustX + .1 * r, fold - Body.lerp(.1, .25, g) * k).t(1, .04),
                        n(b.bustX + r * .62, fold + Body.lerp(.9, 1.3, g) * k),
                        n(b.bustX + r * Body.lerp(.95, 1.02, g), fold + Body.lerp(2.6, 4.6, g) * k)));
        if (p > 2.5) {
            both(
                    1.0,
                    0,
                    0,
                    .5 * g,
                    s -> List.of(
                            n(b.bustX + r * 1.02, fold + 4.4 * k),
                            n(b.bustX + r * 1.1, b.bustY + 1.5 * k),
                            n(b.bustX + r * .98, b.bustY + 5.5 * k)));
            one(.9, 0, 0, .35 * g, n(0, b.bustY + 3 * k), n(.1 * k, b.bustY), n(0, fold + 1.6 * k));
        }
        one(.7, 0, 0, .35, n(0, t("chest").y + 1.5 * k), n(.08 * k, t("underBust").y), n(0, t("midTorso").y));
        one(.7, 0, 0, .30, n(0, t("midTorso").y - 2 * k), n(.1 * k, t("waist").y), n(0, t("navel").y + 1.8 * k));
    }

    private void bellyLines() {
        double most = Math.max(t("navel").zf, t("trouser").zf);
        double fat = Body.clamp((most - t("crotch").zf - 3.5 * k) / (10 * k), 0, 1);
        both(
                .8,
                0,
                0,
                .32 * (1 - fat),
                s -> List.of(
                        n(1.6 * k, t("underBust").y - 1.3 * k), n(4.6 * k, t("midTorso").y + .4 * k),
                        n(7.6 * k, t("waist").y + 1.4 * k), n(9.2 * k, t("waist").y - 1.2 * k)));
        double y = t("navel").y;
        one(
                1.1,
                0,
                0,
                .7,
                n(-.6 * k, y + .5 * k),
                n(-.42 * k, y - .25 * k),
                n(.05 * k, y - .55 * k).t(1, 0),
                n(.55 * k, y + .05 * k));
        both(
                .9,
                0,
                0,
                .5 * (1 - fat * .6),
                s -> List.of(
                        n(t("highHip").w * .93, t("highHip").y + 1.2 * k),
                        n(t("highHip").w * .86, t("highHip").y + .9 * k),
                        n(t("highHip").w * .80, t("highHip").y - .7 * k)));
        if (fat > .25) {
            double q = (fat - .25) / .75;
            double w = t("highHip").w;
            double hip = t("highHip").y + k;
            double low = t("seat").y + 2.2 * k - q * 1.6 * k;
            one(
                    1.5,
                    0,
                    0,
                    .45 + .4 * q,
                    n(-w * .93, hip),
                    n(-w * .62, low),
                    n(0, t("seat").y - k - q * 2.2 * k).t(1, 0),
                    n(w * .62, low),
                    n(w * .93, hip));
            both(
                    .9,
                    .5,
                    0,
                    .4 * q,
                    s -> List.of(
                            n(t("waist").w * .98, t("waist").y - 1.4 * k),
                            n(t("waist").w * .86, t("waist").y - 2 * k),
                            n(t("waist").w * .72, t("waist").y - 1.8 * k)));
        }
    }

    private void legLinesFront() {
        both(.95, 0, 0, .62, s -> {
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
        both(.7, 0, 0, .4, s -> {
            Body.Leg l = b.leg(s, "knee");
            double r = l.hw() * .62;
            return List.of(
                    n(l.cx() - r * .7, l.y() + 2.8 * k),
                    n(l.cx(), l.y() + 3.3 * k).t(1, 0),
                    n(l.cx() + r * .6, l.y() + 2.9 * k));
        });
        both(.8, 0, 0, .4, s -> {
            Body.Leg l = b.leg(s, "knee");
            return List.of(
                    n(l.inner() + .3 * k, l.y() + 5.6 * k),
                    n(l.inner() + 1.5 * k, l.y() + 3.5 * k),
                    n(l.inner() + 2.1 * k, l.y() + 2.4 * k));
        });
        both(
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
        both(.8, 0, 0, .5, s -> ankle(s, new double[][] {{2.7, 7.5}, {1.9, 6.4}, {2.3, 5.2}}));
        both(.8, 0, 0, .5, s -> ankle(s, new double[][] {{-2.6, 8.5}, {-1.9, 7.4}, {-2.2, 6.2}}));
        double f = footScale();
        for (double[] q : new double[][] {
            {5.5, -.95, 5.1, .2},
            {4.15, -1.15, 3.85, .3},
            {2.6, -1.4, 2.45, .3},
            {1.0, -1.6, .95, .4},
            {-.75, -1.65, -.55, .8}
        }) {
            both(.8, 1, 0, .55, s -> {
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
        double size = b.handLength / 18.4;
        both(1.0, 1, 0, .7, s -> along(s, size, new double[][] {{.70, -1.5}, {.56, -1.35}, {.40, -.7}, {.28, -.2}}));
        both(.7, 0, 0, .7, s -> along(s, size, new double[][] {{.52, .9}, {.70, .7}, {.88, .2}}));
    }

    private List<Knot> along(Side side, double size, double[][] points) {
        List<Knot> knots = new ArrayList<>();
        for (double[] p : points) {
            knots.add(Knot.of(frames.get(side).at(b.armLength + p[0] * b.handLength, p[1] * size)));
        }
        return knots;
    }

    private void backLines() {
        one(
                1.2,
                0,
                0,
                .6,
                n(0, t("neckMid").y - .5 * k),
                n(.12 * k, t("upperChest").y),
                n(-.05 * k, t("underBust").y),
                n(0, t("waist").y - 2 * k),
                n(0, t("highHip").y + 1.2 * k));
        one(
                1.0,
                .1,
                .1,
                .6,
                n(-.9 * k, t("neckMid").y - .6 * k),
                n(0, t("neckMid").y - 1.1 * k).t(1, 0),
                n(.9 * k, t("neckMid").y - .6 * k));
        both(
                .8,
                0,
                0,
                .3,
                s -> List.of(
                        n(2.6 * k, t("midTorso").y),
                        n(2.3 * k, t("waist").y),
                        n(2.7 * k, t("navel").y),
                        n(3.6 * k, t("trouser").y)));
        both(.9, 0, 0, .5, s -> {
            double d = b.drop(s);
            return List.of(
                    n(7.2 * k, t("upperChest").y + 3.2 * k - d * .4),
                    n(11 * k, t("joint").y - .4 * k - d * .6),
                    n(15.5 * k, t("joint").y + k - d * .9));
        });
        both(1.15, 0, 0, .66, s -> {
            double d = b.drop(s) * .5;
            return List.of(
                    n(6.9 * k, t("upperChest").y + 3 * k - d), n(6.2 * k, t("upperChest").y - 2.2 * k - d),
                    n(7.1 * k, t("armpit").y - 1.4 * k - d),
                            n(8.7 * k, t("chest").y - k - d).t(1, -.25),
                    n(10.5 * k, t("chest").y + .6 * k - d), n(12.4 * k, t("armpit").y + .4 * k - d));
        });
        both(
                .8,
                0,
                0,
                .4,
                s -> List.of(
                        n(3.3 * k, t("neckTop").y),
                        n(3.6 * k, t("neckMid").y - 1.2 * k),
                        n(5.6 * k, t("slope").y - .3 * k)));
        armpitFold(1.5, .85, -.1, 1.8, .8, 4.0);
        both(.8, 0, 0, .38, s -> {
            double d = b.drop(s);
            return List.of(
                    n(t("shoulder").w - 2 * k, t("joint").y + .4 * k - d),
                    n(t("shoulder").w - 1.4 * k, t("joint").y - 5 * k - d),
                    n(t("shoulder").w + k, t("armpit").y - k - d));
        });
        both(
                .7,
                0,
                0,
                .28,
                s -> List.of(
                        n(t("armpit").w - .6 * k, t("armpit").y - 1.5 * k),
                        n(t("chest").w - 2.6 * k, t("underBust").y + 1.5 * k),
                        n(t("midTorso").w * .62, t("midTorso").y - k)));
        seatLines();
        legLinesBack();
        both(.9, 0, 0, .5, s -> {
            ArmFrame f = frames.get(s);
            return List.of(
                    Knot.of(f.at(f.elbowAt - 2 * k, -1.3 * k)),
                    Knot.of(f.at(f.elbowAt - .2 * k, -1.5 * k)),
                    Knot.of(f.at(f.elbowAt + .9 * k, -.5 * k)));
        });
        both(.7, 0, 0, .7, s -> along(s, b.handLength / 18.4, new double[][] {{.55, .7}, {.72, .3}, {.88, -.35}}));
    }

    private void seatLines() {
        both(
                1.0,
                0,
                0,
                .5,
                s -> List.of(
                        n(3.6 * k, t("highHip").y + 1.4 * k),
                        n(3.2 * k, t("highHip").y + .4 * k),
                        n(3.9 * k, t("highHip").y - .3 * k)));
        both(
                .8,
                .3,
                0,
                .36,
                s -> List.of(
                        n(t("trouser").w * .96, t("trouser").y - .3 * k),
                        n(t("trouser").w * .80, t("trouser").y - .6 * k),
                        n(t("trouser").w * .58, t("trouser").y - 2 * k)));
        one(
                1.25,
                0,
                .6,
                .72,
                n(0, t("highHip").y - 2.4 * k),
                n(.12 * k, t("seat").y + k),
                n(-.06 * k, t("seat").y - 3.6 * k),
                n(0, t("crotch").y + .2 * k));
        both(1.25, .4, 0, .68, s -> {
            double y = b.leg(s, "thigh").y() + 2 * k;
            return List.of(
                    n(.8 * k, t("crotch").y - 1.7 * k),
                    n(2.6 * k, y - .1 * k),
                    n(6.2 * k, y - .6 * k).t(1, .10),
                    n(9.6 * k, y + .4 * k),
                    n(11.8 * k, y + 1.7 * k));
        });
        both(
                .7,
                0,
                0,
                .3,
                s -> List.of(
                        n(t("seat").w * .93, t("seat").y + 3 * k),
                        n(t("seat").w * .80, t("seat").y),
                        n(t("seat").w * .82, t("seat").y - 4 * k)));
    }

    private void legLinesBack() {
        both(.95, 0, 0, .55, s -> around(s, "knee", new double[][] {{-3.4, .5}, {0, -.3}, {3.2, .8}}));
        both(.8, 0, 0, .42, s -> around(s, "knee", new double[][] {{-3.5, 6.8}, {-3.0, 3}, {-3.2, -.5}}));
        both(.8, 0, 0, .42, s -> around(s, "knee", new double[][] {{3.6, 6.8}, {3.2, 3}, {3.3, -.3}}));
        both(.8, 0, 0, .36, s -> around(s, "calf", new double[][] {{-3.6, -3.4}, {-2.0, -5.6}, {-.5, -4.6}}));
        both(.8, 0, 0, .32, s -> around(s, "calf", new double[][] {{.1, -3.6}, {1.9, -4.0}, {3.5, -1.6}}));
        both(.7, 0, 0, .28, s -> around(s, "calf", new double[][] {{-.1, 5}, {.1, 1}, {-.1, -3}}));
        for (double q : new double[] {-1, 1}) {
            both(
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
