package app.misura.core.body;

import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;

/** A body from its right side, standing or seated: one closed outline, the near arm laid before it. */
final class Profile {
    /** The levels of the back from the trouser band up. */
    private static final List<String> TRUNK = List.of(
            "trouser",
            "navel",
            "waist",
            "midTorso",
            "underBust",
            "chest",
            "armpit",
            "upperChest",
            "joint",
            "shoulder",
            "slope",
            "neckSide",
            "neckMid");

    private final Body b;
    private final double k;
    private final boolean ghost;
    private final List<Figure.Layer> layers = new ArrayList<>();
    private final List<Figure.Line> lines = new ArrayList<>();

    Profile(Body body, boolean ghost) {
        this.b = body;
        this.k = body.k;
        this.ghost = ghost;
    }

    private static Knot n(double x, double y) {
        return Knot.of(x, y);
    }

    private Body.Trunk t(String level) {
        return b.t(level);
    }

    private Body.Leg leg(String level) {
        return b.leg(Side.RIGHT, level);
    }

    // ---- head

    private Knot hd(double z, double v, double dy) {
        return n(.9 * k + z * b.headDepth, b.chin + dy + v * b.headHeight);
    }

    private List<Knot> face(double dy) {
        return List.of(
                hd(-.06, 1, dy).t(1, 0),
                hd(.50, .945, dy),
                hd(.84, .815, dy),
                hd(.965, .69, dy),
                hd(.985, .605, dy),
                hd(.945, .535, dy).h(.8),
                hd(1.02, .43, dy),
                hd(1.105, .335, dy).h(.75),
                hd(1.02, .275, dy).h(.7),
                hd(1.025, .20, dy),
                hd(.965, .135, dy),
                hd(.975, .06, dy).h(.9),
                hd(.86, -.02, dy),
                hd(.62, -.045, dy));
    }

    private List<Knot> skull(double dy) {
        return List.of(
                hd(-.74, .26, dy), hd(-.93, .43, dy), hd(-1, .60, dy).t(0, 1), hd(-.94, .77, dy), hd(-.62, .93, dy));
    }

    private void headLines(double dy) {
        layers.add(new Figure.Layer(
                Figure.Role.SHAPE,
                List.of(
                        hd(.02, .455, dy),
                        hd(.05, .535, dy),
                        hd(-.03, .60, dy),
                        hd(-.16, .59, dy),
                        hd(-.235, .495, dy),
                        hd(-.195, .395, dy),
                        hd(-.10, .305, dy),
                        hd(-.03, .295, dy),
                        hd(-.01, .37, dy)),
                true,
                true));
        line(
                .75,
                0,
                0,
                .5,
                hd(-.01, .53, dy),
                hd(-.10, .555, dy),
                hd(-.175, .49, dy),
                hd(-.14, .41, dy),
                hd(-.09, .375, dy));
        line(1.1, 0, 0, .6, hd(-.03, .28, dy), hd(.03, .16, dy), hd(.28, .085, dy), hd(.62, .015, dy));
        line(
                .9,
                0,
                .2,
                .45,
                hd(-.15, .30, dy),
                n(t("neckMid").zf * .18, t("neckMid").y + .5 * k + dy),
                n(t("shoulder").zf * .72, t("shoulder").y + .4 * k + dy));
        line(
                1.0,
                .3,
                0,
                .5,
                n(t("shoulder").zf - .3 * k, t("shoulder").y - .9 * k + dy),
                n(2.6 * k, t("shoulder").y - .1 * k + dy),
                n(.8 * k, t("shoulder").y + .5 * k + dy));
        chestLine(dy);
    }

    private void chestLine(double dy) {
        if (b.bust > 1.2) {
            double z = b.frontAt(b.foldY);
            line(
                    1.2,
                    .8,
                    0,
                    .6,
                    n(z, b.foldY + dy),
                    n(z - 3.2 * k, b.foldY + .6 * k + dy),
                    n(z - 5.4 * k, b.foldY + 3 * k + dy));
        } else {
            Body.Trunk c = t("chest");
            line(
                    .9,
                    .2,
                    0,
                    .42,
                    n(c.zf - .9 * k, c.y - 2.4 * k + dy),
                    n(c.zf - 4 * k, c.y - 2.6 * k + dy),
                    n(c.zf - 7 * k, c.y - .5 * k + dy));
        }
    }

    // ---- standing outline

    private List<Knot> trunkFront() {
        double p = b.bust;
        List<Knot> f = new ArrayList<>(List.of(
                n(t("neckMid").zf + .15 * k, t("neckMid").y + .9 * k).h(.8),
                        n(t("neckMid").zf + .35 * k, t("neckMid").y - .9 * k),
                n(t("neckSide").zf - .15 * k, t("neckSide").y - 1.2 * k),
                        n(t("shoulder").zf, t("shoulder").y - .2 * k).h(.9),
                n(t("joint").zf, t("joint").y), n(t("upperChest").zf + .10 * p, t("upperChest").y)));
        if (p < 1.2) {
            f.add(n(t("armpit").zf + .45 * p, t("armpit").y));
            f.add(n(t("chest").zf + p, b.bustY));
            f.add(n(t("underBust").zf + .1 * p, t("underBust").y));
            f.add(n(t("midTorso").zf, t("midTorso").y));
        } else {
            double ty = t("upperChest").y - b.bustY;
            double sz = b.bustY - b.foldY;
            f.add(n(b.frontAt(b.bustY + .5 * ty) + .46 * p, b.bustY + .5 * ty));
            f.add(n(b.frontAt(b.bustY + .22 * ty) + .84 * p, b.bustY + .22 * ty));
            f.add(n(b.frontAt(b.bustY) + p, b.bustY - .06 * sz).t(.03, -1).h(.9));
            f.add(n(b.frontAt(b.bustY - .5 * sz) + .86 * p, b.bustY - .52 * sz));
            f.add(n(b.frontAt(b.foldY) + .42 * p, b.foldY + .08 * sz));
            f.add(n(b.frontAt(b.foldY) + .1 * k, b.foldY + .12 * sz).c());
            f.add(n(t("midTorso").zf, t("midTorso").y - .6 * k - .05 * p));
        }
        return f;
    }

    private boolean hangs() {
        return t("highHip").zf - t("crotch").zf > 6 * k;
    }

    private List<Knot> front() {
        List<Knot> f = trunkFront();
        for (String level : List.of("waist", "navel", "trouser", "highHip")) {
            if (!(hangs() && level.equals("trouser"))) {
                f.add(n(t(level).zf, t(level).y));
            }
        }
        double over = t("highHip").zf - t("crotch").zf;
        Body.Leg top = leg("thighTop");
        if (hangs()) {
            f.add(n(Body.lerp(t("highHip").zf, top.zf(), .45), Body.lerp(t("highHip").y, t("seat").y, .88)));
            f.add(n(top.zf() + .4 * k, t("crotch").y + 3.4 * k).t(-.5, -.8).h(.7));
            f.add(n(leg("thigh").zf() + .2 * k, leg("thigh").y() + k));
        } else {
            f.add(n(Body.lerp(t("seat").zf, top.zf(), .5) + .15 * over, t("seat").y - k));
            f.add(n(top.zf(), t("crotch").y - .5 * k));
            f.add(n(leg("thigh").zf(), leg("thigh").y()));
        }
        f.add(n(leg("midThigh").zf(), leg("midThigh").y()));
        f.add(n(leg("aboveKnee").zf() + .1 * k, leg("aboveKnee").y()));
        f.add(n(leg("knee").zf() + .45 * k, leg("knee").y() + 1.6 * k));
        f.add(n(leg("knee").zf() + .3 * k, leg("knee").y() - 1.2 * k));
        f.add(n(leg("belowKnee").zf() + .15 * k, leg("belowKnee").y() + .4 * k));
        f.addAll(shinFront());
        return f;
    }

    private List<Knot> shinFront() {
        return List.of(
                n(leg("calf").zf() + .15 * k, leg("calf").y()),
                n(leg("belowCalf").zf(), leg("belowCalf").y()),
                n(leg("ankle").zf() - .1 * k, leg("ankle").y() + .6 * k));
    }

    private List<Knot> foot() {
        double f = b.footLength / 25.84;
        return List.of(
                n(3.9 * f, 8.8 * f),
                n(7.2 * f, 6.4 * f),
                n(11.2 * f, 4.3 * f),
                n(14.4 * f, 3.0 * f),
                n(16.7 * f, 2.55 * f).h(.9),
                n(17.9 * f, 1.35 * f).t(-.05, -1).h(.95),
                n(16.9 * f, .05 * f).h(.9),
                n(13.5 * f, -.15 * f).t(-1, 0),
                n(8 * f, .25 * f),
                n(3 * f, .35 * f),
                n(-4.6 * f, -.15 * f).t(-1, 0),
                n(-7.1 * f, .8 * f),
                n(-7.75 * f, 2.9 * f),
                n(-7.0 * f, 5.2 * f),
                n(-5.4 * f, 8.2 * f));
    }

    private List<Knot> calfBack() {
        return List.of(
                n(leg("ankle").zb() - .05 * k, leg("ankle").y() + 1.2 * k),
                n(leg("belowCalf").zb(), leg("belowCalf").y()),
                n(
                        Body.lerp(leg("belowCalf").zb(), leg("calf").zb(), .72),
                        leg("calf").y() - 4.6 * k),
                n(leg("calf").zb(), leg("calf").y() + .8 * k));
    }

    private List<Knot> back() {
        List<Knot> p = new ArrayList<>(calfBack());
        for (String level : List.of("belowKnee", "knee", "aboveKnee", "midThigh")) {
            p.add(n(leg(level).zb(), leg(level).y()));
        }
        p.add(n(leg("thigh").zb() - .2 * k, leg("thigh").y() - k));
        p.add(n(leg("thighTop").zb() + .15 * k, leg("thigh").y() + 2.2 * k).h(.7));
        p.add(n(Body.lerp(t("crotch").zb, t("seat").zb, .35), t("crotch").y + k));
        p.add(n(t("seat").zb, t("seat").y + .3 * k).t(.02, 1));
        p.add(n(t("highHip").zb, t("highHip").y));
        for (String level : TRUNK) {
            p.add(n(t(level).zb, t(level).y));
        }
        return p;
    }

    Figure standing() {
        List<Knot> outline = new ArrayList<>(face(0));
        outline.addAll(front());
        outline.addAll(foot());
        outline.addAll(back());
        outline.addAll(skull(0));
        layers.add(new Figure.Layer(Figure.Role.BODY, outline, true, false));
        headLines(0);
        standingLines();
        arm(-3, 7, 0);
        return new Figure(b, View.SIDE, layers, lines.stream().map(this::faded).toList(), Figure.Frame.STANDING);
    }

    private Figure.Line faded(Figure.Line l) {
        double strength = l.strength() < .6 ? l.strength() * (1 - .5 * b.child) : l.strength();
        return new Figure.Line(l.knots(), l.width(), l.startShare(), l.endShare(), strength);
    }

    private void line(double width, double a, double z, double strength, Knot... knots) {
        lines.add(new Figure.Line(List.of(knots), width, a, z, strength));
    }

    private void standingLines() {
        line(
                .8,
                0,
                0,
                .35,
                n(t("neckMid").zb * .62, t("neckTop").y + k),
                n(t("neckMid").zb * .55, t("neckMid").y - k),
                n(t("neckSide").zb * .42, t("slope").y));
        line(
                .8,
                0,
                0,
                .34,
                n(t("trouser").zf - 4.5 * k, t("highHip").y + k),
                n(t("trouser").zf - 8 * k, t("highHip").y + 2.7 * k),
                n(t("trouser").zb + 6 * k, t("highHip").y + 2.2 * k));
        double crease = leg("thigh").y();
        double zb = leg("thighTop").zb();
        line(
                1.4,
                1,
                0,
                .8,
                n(zb + .15 * k, crease + 2.2 * k),
                n(zb + 3 * k, crease + 1.9 * k),
                n(zb + 5.2 * k, crease + 3.4 * k));
        line(
                .8,
                0,
                0,
                .3,
                n(t("seat").zb + 6 * k, t("highHip").y - 1.5 * k),
                n(t("seat").zb + 7.6 * k, t("seat").y + k),
                n(t("seat").zb + 6.6 * k, t("crotch").y + k));
        line(
                .9,
                .3,
                0,
                .42,
                n(t("seat").zf - .4 * k, t("seat").y - 1.5 * k),
                n(t("seat").zf - 3 * k, t("seat").y + 1.5 * k),
                n(t("seat").zf - 5.5 * k, t("seat").y + 3.2 * k));
        line(
                .7,
                0,
                0,
                .26,
                n(leg("thigh").zf() - 7 * k, leg("thigh").y() - 4 * k),
                n(leg("midThigh").zf() - 8 * k, leg("midThigh").y()),
                n(leg("aboveKnee").zf() - 7.6 * k, leg("aboveKnee").y() - k));
        double ky = leg("knee").y();
        double kz = leg("knee").zf();
        line(
                .95,
                0,
                0,
                .6,
                n(kz - .4 * k, ky + 2.9 * k),
                n(kz - 2.2 * k, ky + 1.7 * k),
                n(kz - 2.6 * k, ky - .4 * k),
                n(kz - 1.2 * k, ky - 2.4 * k),
                n(kz - .1 * k, ky - 2.9 * k));
        double kb = leg("knee").zb();
        line(.9, .6, 0, .5, n(kb + .1 * k, ky - .2 * k), n(kb + 2.2 * k, ky + .2 * k), n(kb + 3.6 * k, ky + 2 * k));
        shinLines(0, 0);
    }

    private void shinLines(double dz, double dy) {
        line(
                .8,
                0,
                0,
                .38,
                n(leg("belowKnee").zb() + 3.4 * k + dz, leg("belowKnee").y() + dy),
                n(leg("calf").zb() + 4.6 * k + dz, leg("calf").y() - k),
                n(leg("belowCalf").zb() + 2.6 * k + dz, leg("belowCalf").y() + 2 * k));
        double f = b.footLength / 25.84;
        line(
                .9,
                0,
                0,
                .6,
                n(-.6 * f + dz, 7.2 * f),
                n(-1.9 * f + dz, 6.6 * f),
                n(-1.7 * f + dz, 5.2 * f),
                n(-.5 * f + dz, 5.0 * f),
                n(.2 * f + dz, 6.0 * f));
        line(.7, 0, 0, .35, n(-3.6 * f + dz, 8.8 * f), n(-4.6 * f + dz, 6.4 * f), n(-5.2 * f + dz, 4.6 * f));
        line(.7, 0, 0, .4, n(14.2 * f + dz, 1.5 * f), n(15.6 * f + dz, 1.35 * f), n(16.8 * f + dz, 1.2 * f));
    }

    // ---- arm

    private void arm(double upper, double fore, double dy) {
        List<Body.Arm> a = b.arms.get(Side.RIGHT);
        Point shoulder = new Point(-1.6 * k, t("shoulder").y + dy - b.drop(Side.RIGHT));
        ArmFrame f = new ArmFrame(shoulder, b.armLength, Math.toRadians(upper), Math.toRadians(fore), .10);
        boolean bent = fore - upper > 40;
        List<Knot> p = new ArrayList<>();
        p.add(n(shoulder.x() - .2 * k, shoulder.y() + .3 * k).t(1, -.05));
        p.add(Knot.of(f.at(.05 * b.armLength, 4.3 * k * a.get(1).front() / (5.7 * k))));
        Point elbow = f.at(f.elbowAt, 0);
        double m = Math.toRadians((upper + fore) / 2);
        for (Body.Arm r : a.subList(1, a.size())) {
            if (bent && List.of("upperLow", "forearm").contains(r.name()) && r.front() > .088 * b.armLength) {
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
                p.add(Knot.of(f.at(f.elbowAt + .10 * b.armLength, -r.back() * .97)));
                p.add(n(elbow.x() + u.x() * r.back() * 1.12, elbow.y() + u.y() * r.back() * 1.12)
                        .t(-(Math.sin(u1) + Math.sin(u2)), Math.cos(u1) + Math.cos(u2)));
                p.add(Knot.of(f.at(f.elbowAt - .095 * b.armLength, -r.back() * .93)));
            } else {
                p.add(Knot.of(f.at(r.s(), -r.back())));
            }
        }
        p.add(Knot.of(f.at(.06 * b.armLength, -4.7 * k * a.get(1).back() / (6.0 * k))));
        layers.add(new Figure.Layer(ghost ? Figure.Role.GHOST : Figure.Role.ARM, p, true, false));
        if (!ghost) {
            armLines(f, bent);
        }
    }

    private Knot hat(ArmFrame f, double u, double v) {
        return Knot.of(f.at(b.armLength + u * b.handLength, v * b.handLength / 18.4));
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
        double l = b.armLength;
        line(.8, 0, .3, .55, hat(f, .50, 1.75), hat(f, .70, 1.75), hat(f, .93, 1.75));
        line(.8, 0, .3, .55, hat(f, .52, -.1), hat(f, .72, 0), hat(f, .955, -.05));
        line(.8, 0, .3, .55, hat(f, .54, -1.9), hat(f, .70, -1.75), hat(f, .86, -1.6));
        line(.9, 1, 0, .6, hat(f, .44, 3.55), hat(f, .34, 2.9), hat(f, .24, 2.6));
        line(
                .8,
                0,
                0,
                .34,
                Knot.of(f.at(.10 * l, -2.2 * k)),
                Knot.of(f.at(.22 * l, -2.4 * k)),
                Knot.of(f.at(.36 * l, -.6 * k)));
        line(
                .8,
                0,
                0,
                .34,
                Knot.of(f.at(.13 * l, 3.6 * k)),
                Knot.of(f.at(.24 * l, 2.7 * k)),
                Knot.of(f.at(.36 * l, .2 * k)));
        if (!bent) {
            double e = f.elbowAt;
            line(
                    .8,
                    0,
                    0,
                    .5,
                    Knot.of(f.at(e - 1.2 * k, -3 * k)),
                    Knot.of(f.at(e + .2 * k, -2.4 * k)),
                    Knot.of(f.at(e + 1.4 * k, -2.9 * k)));
        }
        line(
                .7,
                0,
                0,
                .28,
                Knot.of(f.at(.61 * l, 2.2 * k)),
                Knot.of(f.at(.70 * l, 2.6 * k)),
                Knot.of(f.at(.84 * l, 1.4 * k)));
        line(
                .8,
                0,
                0,
                .5,
                Knot.of(f.at(.975 * l, -1.9 * k)),
                Knot.of(f.at(.995 * l, -1.2 * k)),
                Knot.of(f.at(1.01 * l, -1.9 * k)));
    }

    // ---- seated

    /** Where a seated body sits: seat height, how far trunk and shin move, the lap. */
    private record Seat(
            double y, double dy, double back, double knee, double dz, double lap, double foldZ, Point kneeCentre) {}

    private Seat seat() {
        double y = .25 * b.height;
        double dy = y + .525 * b.height - b.height;
        double back = t("seat").zb - .7 * k;
        double knee = back + .345 * b.height;
        double dz = knee - (leg("knee").zf() + .7 * k);
        double thick = Math.min(1.68 * leg("thighTop").hd(), 2 * leg("thighTop").hw() + .5 * k);
        double lap = y + thick;
        double fold =
                Math.max(b.frontAt(lap + .8 * k - dy) + .4 * k, leg("thighTop").zf() + k);
        return new Seat(
                y,
                dy,
                back,
                knee,
                dz,
                lap,
                hangs() ? fold - k : fold + .9 * k,
                new Point(knee - 6.4 * k, leg("knee").y()));
    }

    Figure seated() {
        Seat s = seat();
        stool(s);
        List<Knot> outline = new ArrayList<>(face(s.dy()));
        Knot.moved(front(), 0, s.dy()).stream()
                .filter(p -> p.y() > s.lap() + 1.2 * k)
                .forEach(outline::add);
        outline.addAll(thighTop(s));
        outline.addAll(Knot.moved(shinFront(), s.dz(), 0));
        outline.addAll(Knot.moved(foot(), s.dz(), 0));
        outline.addAll(Knot.moved(calfBack(), s.dz(), 0));
        outline.addAll(under(s));
        outline.addAll(filledBack(s));
        outline.addAll(skull(s.dy()));
        layers.add(new Figure.Layer(Figure.Role.BODY, outline, true, false));
        headLines(s.dy());
        seatedLines(s);
        restOnThigh(s);
        return new Figure(
                b,
                View.SEATED,
                layers,
                lines.stream().map(this::faded).toList(),
                new Figure.Frame(
                        s.dy(),
                        s.dz(),
                        s.y(),
                        s.kneeCentre().x(),
                        s.kneeCentre().y()));
    }

    private List<Knot> thighTop(Seat s) {
        Point c = s.kneeCentre();
        return List.of(
                n(s.foldZ(), s.lap() + .3 * k).c(),
                n(Body.lerp(s.foldZ(), c.x(), .28), s.lap() + .75 * k),
                n(Body.lerp(s.foldZ(), c.x(), .62), Body.lerp(s.lap(), c.y() + 5.9 * k, .45)),
                n(c.x() + .2 * k, c.y() + 6.1 * k),
                n(c.x() + 4 * k, c.y() + 4.6 * k),
                n(c.x() + 6.5 * k, c.y() + .9 * k).t(0, -1),
                n(c.x() + 6 * k, c.y() - 2.6 * k),
                n(leg("belowKnee").zf() + s.dz() + .3 * k, leg("belowKnee").y() - .6 * k));
    }

    private List<Knot> under(Seat s) {
        double hollow = leg("belowKnee").zb() + s.dz();
        return List.of(
                n(hollow + .5 * k, s.y() - 1.7 * k).c(),
                n(hollow - 3 * k, s.y() - .5 * k),
                n(hollow - 9 * k, s.y()).t(-1, 0),
                n(k, s.y()).t(-1, 0),
                n(-6 * k, s.y() - .1 * k).t(-1, 0),
                n(s.back() + 2.3 * k, s.y() + 1.5 * k),
                n(s.back() - .2 * k, s.y() + 7 * k).t(0, 1),
                n(Body.lerp(s.back(), t("highHip").zb - 1.6 * k, .62), t("highHip").y + s.dy() - .5 * k));
    }

    /** The small of the back fills when one sits. */
    private List<Knot> filledBack(Seat s) {
        List<Knot> p = new ArrayList<>();
        for (String level : TRUNK) {
            double fill = switch (level) {
                case "trouser" -> 1.9;
                case "navel" -> 1.7;
                case "waist" -> 1.1;
                case "midTorso" -> .4;
                default -> 0;
            };
            p.add(n(t(level).zb - fill * k, t(level).y + s.dy()));
        }
        return p;
    }

    private void stool(Seat s) {
        double z0 = s.back() - 2 * k;
        double z1 = Math.min(27 * k, leg("belowKnee").zb() + s.dz() - 4 * k);
        double y = s.y();
        box(n(z0 + 3 * k, y - 3.5 * k), n(z0 + 5.2 * k, y - 3.5 * k), n(z0 + 3.2 * k, 0), n(z0 + 1.2 * k, 0));
        box(n(z1 - 5.2 * k, y - 3.5 * k), n(z1 - 3 * k, y - 3.5 * k), n(z1 - 1.2 * k, 0), n(z1 - 3.2 * k, 0));
        box(n(z0, y), n(z1, y), n(z1, y - 3.5 * k), n(z0, y - 3.5 * k));
    }

    private void box(Knot... corners) {
        layers.add(new Figure.Layer(
                Figure.Role.STOOL, java.util.Arrays.stream(corners).map(Knot::c).toList(), true, true));
    }

    private void seatedLines(Seat s) {
        Point c = s.kneeCentre();
        double f = s.foldZ();
        double lap = s.lap();
        line(1.4, 1, 0, .75, n(f, lap + .3 * k), n(f - 3.5 * k, lap - 1.4 * k), n(f - 7.5 * k, lap - 3.4 * k));
        line(
                .8,
                0,
                0,
                .3,
                n(s.back() + 8 * k, t("highHip").y + s.dy() - 2 * k),
                n(s.back() + 10.5 * k, s.y() + 7 * k),
                n(s.back() + 9.5 * k, s.y() + 3 * k));
        line(
                .7,
                0,
                0,
                .26,
                n(f + 3 * k, lap - 9 * k),
                n(Body.lerp(f, c.x(), .5), lap - 9.6 * k),
                n(c.x() - 6 * k, c.y() - 1.8 * k));
        line(
                .95,
                0,
                0,
                .55,
                n(c.x() + 2 * k, c.y() + 5.4 * k),
                n(c.x() + 2.2 * k, c.y() + 2.8 * k),
                n(c.x() + 4 * k, c.y() + .2 * k),
                n(c.x() + 6.1 * k, c.y() - .8 * k));
        double hollow = leg("belowKnee").zb() + s.dz();
        line(
                .9,
                .9,
                0,
                .55,
                n(hollow + .5 * k, s.y() - 1.7 * k),
                n(hollow + 2.4 * k, s.y() - .6 * k),
                n(hollow + 4.2 * k, s.y() + 1.2 * k));
        shinLines(s.dz(), -2 * k);
    }

    /** The forearm comes to lie on the thigh. */
    private void restOnThigh(Seat s) {
        double upper = 6;
        double top = t("shoulder").y + s.dy() - b.drop(Side.RIGHT);
        double elbow = .57 * b.armLength * Math.cos(Math.toRadians(upper));
        double fall = top - elbow - (s.lap() + 3.0 * b.handLength / 18.4);
        double reach = .43 * b.armLength + .35 * b.handLength;
        double fore = 90 - Math.toDegrees(Math.asin(Body.clamp(fall / reach, -1, 1)));
        arm(upper, Body.clamp(fore, 25, 100), s.dy());
    }
}
