package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Between;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A body from its right side, standing, kneeling or seated: one closed outline, the near arm laid before it. */
final class Profile extends SideView {
    /** The levels of the back from the trouser band up. */
    static final List<String> TRUNK = List.of(
            "band",
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

    final ProfileHead head;
    final ProfileArm arm;

    Profile(Body body, boolean ghost) {
        super(body, new Canvas());
        this.head = new ProfileHead(body, canvas);
        this.arm = new ProfileArm(body, canvas, ghost);
    }

    Figure standing() {
        return upright(View.SIDE, -3, 7);
    }

    Figure bent() {
        return upright(View.BENT, 0, 92);
    }

    /** @param upper and {@code fore}: how far upper arm and forearm are from hanging, degrees forward */
    private Figure upright(View view, double upper, double fore) {
        List<Knot> outline = new ArrayList<>(head.face(0));
        outline.addAll(front());
        outline.addAll(foot());
        outline.addAll(back());
        outline.addAll(head.skull(0));
        canvas.layer(Figure.Role.BODY, outline, true, false);
        head.lines(0);
        standingLines();
        ArmFrame frame = arm.draw(upper, fore, 0);
        return canvas.figure(b, view, Figure.Frame.STANDING, Map.of(Side.RIGHT, frame));
    }

    Figure kneeling() {
        return new KneelingProfile(this).draw();
    }

    Figure seated() {
        return new SeatedProfile(this).draw();
    }

    private List<Knot> trunkFront() {
        double p = b.bust();
        List<Knot> f = new ArrayList<>(List.of(
                n(t("neckMid").zf() + .15 * k, t("neckMid").y() + .9 * k).h(.8),
                        n(t("neckMid").zf() + .35 * k, t("neckMid").y() - .9 * k),
                n(t("neckSide").zf() - .15 * k, t("neckSide").y() - 1.2 * k),
                        n(t("shoulder").zf(), t("shoulder").y() - .2 * k).h(.9),
                n(t("joint").zf(), t("joint").y()),
                        n(t("upperChest").zf() + .10 * p, t("upperChest").y())));
        if (p < 1.2) {
            f.add(n(t("armpit").zf() + .45 * p, t("armpit").y()));
            f.add(n(t("chest").zf() + p, b.bustY()));
            f.add(n(t("underBust").zf() + .1 * p, t("underBust").y()));
            f.add(n(t("midTorso").zf(), t("midTorso").y()));
        } else {
            double ty = t("upperChest").y() - b.bustY();
            double sz = b.bustY() - b.foldY();
            f.add(n(b.frontAt(b.bustY() + .5 * ty) + .46 * p, b.bustY() + .5 * ty));
            f.add(n(b.frontAt(b.bustY() + .22 * ty) + .84 * p, b.bustY() + .22 * ty));
            f.add(n(b.frontAt(b.bustY()) + p, b.bustY() - .06 * sz).t(.03, -1).h(.9));
            f.add(n(b.frontAt(b.bustY() - .5 * sz) + .86 * p, b.bustY() - .52 * sz));
            f.add(n(b.frontAt(b.foldY()) + .42 * p, b.foldY() + .08 * sz));
            f.add(n(b.frontAt(b.foldY()) + .1 * k, b.foldY() + .12 * sz).c());
            f.add(n(t("midTorso").zf(), t("midTorso").y() - .6 * k - .05 * p));
        }
        return f;
    }

    boolean hangs() {
        return t("highHip").zf() - t("crotch").zf() > 6 * k;
    }

    List<Knot> front() {
        List<Knot> f = trunkFront();
        for (String level : List.of("waist", "navel", "band", "highHip")) {
            if (!(hangs() && level.equals("band"))) {
                f.add(n(t(level).zf(), t(level).y()));
            }
        }
        double over = t("highHip").zf() - t("crotch").zf();
        Body.Leg top = leg("thighTop");
        if (hangs()) {
            f.add(n(
                    Between.lerp(t("highHip").zf(), top.zf(), .45),
                    Between.lerp(t("highHip").y(), t("seat").y(), .88)));
            f.add(n(top.zf() + .4 * k, t("crotch").y() + 3.4 * k).t(-.5, -.8).h(.7));
            f.add(n(leg("thigh").zf() + .2 * k, leg("thigh").y() + k));
        } else {
            f.add(n(
                    Between.lerp(t("seat").zf(), top.zf(), .5) + .15 * over,
                    t("seat").y() - k));
            f.add(n(top.zf(), t("crotch").y() - .5 * k));
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

    List<Knot> shinFront() {
        return List.of(
                n(leg("calf").zf() + .15 * k, leg("calf").y()),
                n(leg("belowCalf").zf(), leg("belowCalf").y()),
                n(leg("ankle").zf() - .1 * k, leg("ankle").y() + .6 * k));
    }

    List<Knot> foot() {
        double f = b.footScale();
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

    List<Knot> calfBack() {
        return List.of(
                n(leg("ankle").zb() - .05 * k, leg("ankle").y() + 1.2 * k),
                n(leg("belowCalf").zb(), leg("belowCalf").y()),
                n(
                        Between.lerp(leg("belowCalf").zb(), leg("calf").zb(), .72),
                        leg("calf").y() - 4.6 * k),
                n(leg("calf").zb(), leg("calf").y() + .8 * k));
    }

    List<Knot> back() {
        List<Knot> p = new ArrayList<>(calfBack());
        for (String level : List.of("belowKnee", "knee", "aboveKnee", "midThigh")) {
            p.add(n(leg(level).zb(), leg(level).y()));
        }
        p.add(n(leg("thigh").zb() - .2 * k, leg("thigh").y() - k));
        p.add(n(leg("thighTop").zb() + .15 * k, leg("thigh").y() + 2.2 * k).h(.7));
        p.add(n(Between.lerp(t("crotch").zb(), t("seat").zb(), .35), t("crotch").y() + k));
        p.add(n(t("seat").zb(), t("seat").y() + .3 * k).t(.02, 1));
        p.add(n(t("highHip").zb(), t("highHip").y()));
        for (String level : TRUNK) {
            p.add(n(t(level).zb(), t(level).y()));
        }
        return p;
    }

    private void standingLines() {
        trunkLines(0);
        legLines();
    }

    /** The lines of neck, trunk and thigh. @param dy how much they are moved up */
    void trunkLines(double dy) {
        lower(
                dy,
                .8,
                0,
                0,
                .35,
                n(t("neckMid").zb() * .62, t("neckTop").y() + k),
                n(t("neckMid").zb() * .55, t("neckMid").y() - k),
                n(t("neckSide").zb() * .42, t("slope").y()));
        lower(
                dy,
                .8,
                0,
                0,
                .34,
                n(t("band").zf() - 4.5 * k, t("highHip").y() + k),
                n(t("band").zf() - 8 * k, t("highHip").y() + 2.7 * k),
                n(t("band").zb() + 6 * k, t("highHip").y() + 2.2 * k));
        double crease = leg("thigh").y();
        double zb = leg("thighTop").zb();
        lower(
                dy,
                1.4,
                1,
                0,
                .8,
                n(zb + .15 * k, crease + 2.2 * k),
                n(zb + 3 * k, crease + 1.9 * k),
                n(zb + 5.2 * k, crease + 3.4 * k));
        lower(
                dy,
                .8,
                0,
                0,
                .3,
                n(t("seat").zb() + 6 * k, t("highHip").y() - 1.5 * k),
                n(t("seat").zb() + 7.6 * k, t("seat").y() + k),
                n(t("seat").zb() + 6.6 * k, t("crotch").y() + k));
        lower(
                dy,
                .9,
                .3,
                0,
                .42,
                n(t("seat").zf() - .4 * k, t("seat").y() - 1.5 * k),
                n(t("seat").zf() - 3 * k, t("seat").y() + 1.5 * k),
                n(t("seat").zf() - 5.5 * k, t("seat").y() + 3.2 * k));
        lower(
                dy,
                .7,
                0,
                0,
                .26,
                n(leg("thigh").zf() - 7 * k, leg("thigh").y() - 4 * k),
                n(leg("midThigh").zf() - 8 * k, leg("midThigh").y()),
                n(leg("aboveKnee").zf() - 7.6 * k, leg("aboveKnee").y() - k));
    }

    private void lower(double dy, double width, double a, double z, double strength, Knot... knots) {
        canvas.line(width, a, z, strength, Knot.moved(List.of(knots), 0, dy).toArray(Knot[]::new));
    }

    private void legLines() {
        double ky = leg("knee").y();
        double kz = leg("knee").zf();
        canvas.line(
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
        canvas.line(
                .9, .6, 0, .5, n(kb + .1 * k, ky - .2 * k), n(kb + 2.2 * k, ky + .2 * k), n(kb + 3.6 * k, ky + 2 * k));
        shinLines(0, 0);
    }

    void shinLines(double dz, double dy) {
        canvas.line(
                .8,
                0,
                0,
                .38,
                n(leg("belowKnee").zb() + 3.4 * k + dz, leg("belowKnee").y() + dy),
                n(leg("calf").zb() + 4.6 * k + dz, leg("calf").y() - k),
                n(leg("belowCalf").zb() + 2.6 * k + dz, leg("belowCalf").y() + 2 * k));
        double f = b.footScale();
        canvas.line(
                .9,
                0,
                0,
                .6,
                n(-.6 * f + dz, 7.2 * f),
                n(-1.9 * f + dz, 6.6 * f),
                n(-1.7 * f + dz, 5.2 * f),
                n(-.5 * f + dz, 5.0 * f),
                n(.2 * f + dz, 6.0 * f));
        canvas.line(.7, 0, 0, .35, n(-3.6 * f + dz, 8.8 * f), n(-4.6 * f + dz, 6.4 * f), n(-5.2 * f + dz, 4.6 * f));
        canvas.line(.7, 0, 0, .4, n(14.2 * f + dz, 1.5 * f), n(15.6 * f + dz, 1.35 * f), n(16.8 * f + dz, 1.2 * f));
    }
}
