package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Places that can be felt or seen, computed on a figure; in the plane of its view. */
final class Landmarks {
    private static final Pattern POINT = Pattern.compile("([A-Za-z]+)(?:@([A-Za-z]+(?:[+-][\\d.]+)?))?(?:\\.([LRM]))?");

    private final Figure figure;
    private final Body b;
    private final double k;
    private final boolean profile;
    private final UpperPlaces upper;

    Landmarks(Figure figure) {
        this.figure = figure;
        this.b = figure.body();
        this.k = b.k();
        this.profile = figure.view().isProfile();
        this.upper = new UpperPlaces(b, figure.view());
    }

    /** A place on the page, and on the trunk's skin where it lies there. */
    record Place(Point at, double x, double y, double z, boolean onTrunk) {}

    /** @throws IllegalArgumentException if no landmark has that name */
    Place place(String text) {
        Matcher m = POINT.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text + "\" names no landmark");
        }
        String level = m.group(2);
        Side side = "L".equals(m.group(3)) ? Side.LEFT : Side.RIGHT;
        double g = "L".equals(m.group(3)) ? 1 : -1;
        return switch (m.group(1)) {
            case "F" -> skin(0, b.level(level), false);
            case "K" -> skin(0, b.level(level), true);
            case "S" -> side(g, b.level(level));
            case "legS" -> leg(side, g, b.level(level), 'S');
            case "legI" -> leg(side, g, b.level(level), 'I');
            case "legF" -> leg(side, g, b.level(level), 'F');
            case "legK" -> leg(side, g, b.level(level), 'K');
            case "FS" -> at(upper.beside(g, b.level(level), false));
            case "BS" -> at(upper.beside(g, b.level(level), true));
            case "hemM" -> body(0, b.level(level), 12 * k);
            case "topArm" -> arm(side, .225);
            case "topArmB" -> onArm(new ArmPlaces(figure, side).at(.225, -.9, 0));
            case "knuckle" -> hand(side, .44);
            case "fist" -> hand(side, .60);
            case "footIn" -> ground(g * (b.leg(side, "ankle").cx() - 4.6 * k), 9 * k);
            case "footOut" -> ground(g * (b.leg(side, "ankle").cx() + 4.9 * k), 9 * k);
            case "kneeS" -> page(figure.frame().kneeX(), figure.frame().kneeY());
            case "lap" -> page(lapFold(), figure.frame().seat() + SeatedProfile.thick(b));
            case "waistBseat" -> body(0, b.t("waist").y(), b.t("waist").zb() - 1.1 * k);
            case "stoolB" -> page(b.t("seat").zb() + k, figure.frame().seat());
            case "capTop" -> arm(side, .06);
            case "topArmF" -> onArm(new ArmPlaces(figure, side).at(.225, .9, 0));
            case "upperArmO" -> arm(side, .30);
            case "elbow" -> onArm(new ArmPlaces(figure, side).elbow());
            case "elbowIn" -> onArm(new ArmPlaces(figure, side).at(.57, -1, 0));
            case "wristIn" -> onArm(new ArmPlaces(figure, side).at(.99, -1, 0));
            case "foreArmO" -> arm(side, .76);
            case "wrist" -> arm(side, .99);
            case "thumbJoint" -> hand(side, .42);
            case "heel" -> body(g * b.leg(side, "ankle").cx(), b.level("heel"), -.2 * b.footLength());
            case "heelBack" -> ground(g * b.leg(side, "ankle").cx(), -.279 * b.footLength());
            case "toe" -> ground(g * b.leg(side, "ankle").cx(), .721 * b.footLength());
            case "crown" -> body(0, b.height(), .3 * k);
            case "knee" -> knee(side, g);
            case "crotch" -> body(0, b.t("crotch").y(), -.6 * k);
            case "crotchF" -> body(0, b.t("crotch").y() + 3.2 * k, 5.2 * k);
            case "crotchB" -> body(0, b.t("crotch").y() + 1.6 * k, -6.6 * k);
            case "seatLowB" -> body(0, b.t("seat").y() - 3.2 * k, b.t("seat").zb() + 1.4 * k);
            case "floorM" -> ground(0, 0);
            case "floor" -> ground(g * (b.leg(side, "ankle").cx() + 4.5 * k), 6 * k);
            case "floorOut" -> ground(g * (b.leg(side, "ankle").cx() + 5.2 * k), -.8 * k);
            case "floorIn" -> ground(g * Math.max(.5 * k, b.leg(side, "ankle").cx() - 4.2 * k), 0);
            case "kneeFloor" ->
                ground(g * b.leg(side, "knee").cx(), b.leg(side, "knee").zf() + 5 * k);
            case "stool" -> page(-2 * k, figure.frame().seat());
            default ->
                upper.place(m.group(1), side, "M".equals(m.group(3)) ? 0 : g)
                        .map(this::at)
                        .orElseThrow(() -> new IllegalArgumentException("no landmark is called " + m.group(1)));
        };
    }

    private Place at(UpperPlaces.At place) {
        return body(place.x(), place.y(), place.z());
    }

    /** On the outside of an arm. */
    private Place arm(Side side, double share) {
        return onArm(new ArmPlaces(figure, side).outside(share));
    }

    /** On the outside of a hand, by its length. */
    private Place hand(Side side, double share) {
        return onArm(new ArmPlaces(figure, side).outside(1 + share * b.handLength() / b.armLength()));
    }

    private static Place onArm(Point p) {
        return new Place(p, p.x(), p.y(), 0, false);
    }

    private Place body(double x, double y, double z) {
        double dy = figure.frame().dy();
        return new Place(profile ? new Point(z, y + dy) : new Point(x, y + dy), x, y, z, true);
    }

    /** A place of this view alone. */
    private static Place page(double x, double y) {
        return new Place(new Point(x, y), x, y, 0, false);
    }

    /** Where belly and thigh meet when one sits. */
    private double lapFold() {
        double lap = figure.frame().seat() + SeatedProfile.thick(b);
        return b.frontAt(lap + .8 * k - figure.frame().dy()) + .6 * k;
    }

    private Place skin(double x, double y, boolean behind) {
        return body(x, y, b.skin(x, y, behind));
    }

    /** On the side: on the outline from the front, on the side seam from the side. */
    private Place side(double g, double y) {
        return body(g * b.widthAt(y), y, seam(y));
    }

    private double seam(double y) {
        Trunk waist = b.t("waist");
        double c = (waist.zf() + waist.zb()) / 2;
        return y >= waist.y() ? (b.frontAt(y) + b.backAt(y)) / 2 : Between.lerp(-.8 * k, c, y / waist.y());
    }

    private Place ground(double x, double z) {
        return new Place(profile ? new Point(z, 0) : new Point(x, 0), x, 0, z, false);
    }

    private Place knee(Side side, double g) {
        Body.Leg l = b.leg(side, "knee");
        return new Place(
                profile ? new Point(l.zf(), l.y()) : new Point(g * l.cx(), l.y()), g * l.cx(), l.y(), l.zf(), false);
    }

    private Place leg(Side side, double g, double y, char where) {
        double[] s = section(side.of(b.legs()), y);
        double dz = figure.frame().dz();
        double x = switch (where) {
            case 'S' -> g * (s[0] + s[1]);
            case 'I' -> g * (s[0] - s[1]);
            default -> g * s[0];
        };
        double z = switch (where) {
            case 'S' -> dz != 0 ? s[2] + dz : seam(y);
            case 'F' -> s[2] + s[3] + dz;
            case 'K' -> s[2] - s[3] + dz;
            default -> s[2] + dz;
        };
        return new Place(profile ? new Point(z, y) : new Point(x, y), x, y, z, false);
    }

    /** Centre x, half-width, centre z, half-depth of a leg at a height. */
    static double[] section(List<Body.Leg> leg, double y) {
        int i = 0;
        while (i < leg.size() - 2 && leg.get(i + 1).y() > y) {
            i++;
        }
        Body.Leg a = leg.get(i);
        Body.Leg c = leg.get(i + 1);
        double t = Between.clamp((a.y() - y) / (a.y() - c.y()), 0, 1);
        return new double[] {
            Between.lerp(a.cx(), c.cx(), t),
            Between.lerp(a.hw(), c.hw(), t),
            Between.lerp(a.c(), c.c(), t),
            Between.lerp(a.hd(), c.hd(), t)
        };
    }
}
