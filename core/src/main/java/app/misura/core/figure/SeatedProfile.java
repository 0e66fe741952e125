package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;

/** The same body on a stool: trunk and head come down, the thigh lies, the shin moves forward. */
final class SeatedProfile extends SideView {
    private final Profile standing;

    SeatedProfile(Profile standing) {
        super(standing.b, standing.canvas);
        this.standing = standing;
    }

    /** Where a seated body sits: seat height, how far trunk and shin move, the lap. */
    private record Seat(
            double y, double dy, double back, double knee, double dz, double lap, double foldZ, Point kneeCentre) {}

    private Seat seat() {
        double y = .25 * b.height();
        double dy = y + .525 * b.height() - b.height();
        double back = t("seat").zb() - .7 * k;
        double knee = back + .345 * b.height();
        double dz = knee - (leg("knee").zf() + .7 * k);
        double lap = y + thick(b);
        double fold =
                Math.max(b.frontAt(lap + .8 * k - dy) + .4 * k, leg("thighTop").zf() + k);
        return new Seat(
                y,
                dy,
                back,
                knee,
                dz,
                lap,
                standing.hangs() ? fold - k : fold + .9 * k,
                new Point(knee - 6.4 * k, leg("knee").y()));
    }

    /** How thick a thigh lies on the seat, cm. */
    static double thick(Body body) {
        Body.Leg top = body.leg(Side.RIGHT, "thighTop");
        return Math.min(1.68 * top.hd(), 2 * top.hw() + .5 * body.k());
    }

    Figure draw() {
        Seat s = seat();
        stool(s);
        List<Knot> outline = new ArrayList<>(standing.head.face(s.dy()));
        Knot.moved(standing.front(), 0, s.dy()).stream()
                .filter(p -> p.y() > s.lap() + 1.2 * k)
                .forEach(outline::add);
        outline.addAll(thighTop(s));
        outline.addAll(Knot.moved(standing.shinFront(), s.dz(), 0));
        outline.addAll(Knot.moved(standing.foot(), s.dz(), 0));
        outline.addAll(Knot.moved(standing.calfBack(), s.dz(), 0));
        outline.addAll(under(s));
        outline.addAll(filledBack(s));
        outline.addAll(standing.head.skull(s.dy()));
        canvas.layer(Figure.Role.BODY, outline, true, false);
        standing.head.lines(s.dy());
        seatedLines(s);
        restOnThigh(s);
        return canvas.figure(
                b,
                View.SEATED,
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
                n(Between.lerp(s.foldZ(), c.x(), .28), s.lap() + .75 * k),
                n(Between.lerp(s.foldZ(), c.x(), .62), Between.lerp(s.lap(), c.y() + 5.9 * k, .45)),
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
                n(
                        Between.lerp(s.back(), t("highHip").zb() - 1.6 * k, .62),
                        t("highHip").y() + s.dy() - .5 * k));
    }

    /** The small of the back fills when one sits. */
    private List<Knot> filledBack(Seat s) {
        List<Knot> p = new ArrayList<>();
        for (String level : Profile.TRUNK) {
            double fill = switch (level) {
                case "band" -> 1.9;
                case "navel" -> 1.7;
                case "waist" -> 1.1;
                case "midTorso" -> .4;
                default -> 0;
            };
            p.add(n(t(level).zb() - fill * k, t(level).y() + s.dy()));
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
        canvas.layer(
                Figure.Role.STOOL, java.util.Arrays.stream(corners).map(Knot::c).toList(), true, true);
    }

    private void seatedLines(Seat s) {
        Point c = s.kneeCentre();
        double f = s.foldZ();
        double lap = s.lap();
        canvas.line(1.4, 1, 0, .75, n(f, lap + .3 * k), n(f - 3.5 * k, lap - 1.4 * k), n(f - 7.5 * k, lap - 3.4 * k));
        canvas.line(
                .8,
                0,
                0,
                .3,
                n(s.back() + 8 * k, t("highHip").y() + s.dy() - 2 * k),
                n(s.back() + 10.5 * k, s.y() + 7 * k),
                n(s.back() + 9.5 * k, s.y() + 3 * k));
        canvas.line(
                .7,
                0,
                0,
                .26,
                n(f + 3 * k, lap - 9 * k),
                n(Between.lerp(f, c.x(), .5), lap - 9.6 * k),
                n(c.x() - 6 * k, c.y() - 1.8 * k));
        canvas.line(
                .95,
                0,
                0,
                .55,
                n(c.x() + 2 * k, c.y() + 5.4 * k),
                n(c.x() + 2.2 * k, c.y() + 2.8 * k),
                n(c.x() + 4 * k, c.y() + .2 * k),
                n(c.x() + 6.1 * k, c.y() - .8 * k));
        double hollow = leg("belowKnee").zb() + s.dz();
        canvas.line(
                .9,
                .9,
                0,
                .55,
                n(hollow + .5 * k, s.y() - 1.7 * k),
                n(hollow + 2.4 * k, s.y() - .6 * k),
                n(hollow + 4.2 * k, s.y() + 1.2 * k));
        standing.shinLines(s.dz(), -2 * k);
    }

    /** The forearm comes to lie on the thigh. */
    private void restOnThigh(Seat s) {
        double upper = 6;
        double top = t("shoulder").y() + s.dy() - b.drop(Side.RIGHT);
        double elbow = .57 * b.armLength() * Math.cos(Math.toRadians(upper));
        double fall = top - elbow - (s.lap() + 3.0 * b.handLength() / 18.4);
        double reach = .43 * b.armLength() + .35 * b.handLength();
        double fore = 90 - Math.toDegrees(Math.asin(Between.clamp(fall / reach, -1, 1)));
        standing.arm.draw(upper, Between.clamp(fore, 25, 100), s.dy());
    }
}
