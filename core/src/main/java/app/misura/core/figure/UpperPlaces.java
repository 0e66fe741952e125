package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import app.misura.core.measure.Side;
import java.util.Optional;

/**
 * Places of neck, shoulders, chest and back: across (the body's left positive), height and how far in front of the plumb
 * line, cm. Offsets are of a stature of 170 and grow with it.
 */
final class UpperPlaces {
    /** The shoulder's ridge lies so far behind the plumb line. */
    private static final double RIDGE = -1.6;
    /** A tape over the chest lies so far beside the middle. */
    private static final double BESIDE = 8.6;

    private final Body b;
    private final double k;
    private final View view;

    UpperPlaces(Body body, View view) {
        this.b = body;
        this.k = body.k();
        this.view = view;
    }

    /** A place on or at the body. */
    record At(double x, double y, double z) {}

    private Trunk t(String level) {
        return b.t(level);
    }

    /** @param g -1 on the right, 1 on the left @return empty if it is no place of the upper body */
    Optional<At> place(String name, Side side, double g) {
        double drop = b.drop(side);
        return Optional.ofNullable(
                switch (name) {
                    case "nape" -> on(0, t("neckMid").y() - .4 * k, true);
                    case "hollow" -> on(0, t("shoulder").y() - k, false);
                    case "neckSide" ->
                        new At(g * (t("neckSide").w() + .2 * k), t("neckSide").y() - .1 * drop, RIDGE * k);
                    case "midShoulder" -> new At(g * t("slope").w(), t("slope").y() - .55 * drop, RIDGE * k);
                    case "shoulder" -> shoulder(g, side, drop);
                    case "backOver" ->
                        on(0, t("shoulder").y() - 2.2 * k - .4 * (b.drop(Side.LEFT) + b.drop(Side.RIGHT)), true);
                    case "creaseF" -> new At(g * (armpit() + k), t("armpit").y() + 4.6 * k - .7 * drop, 4.6 * k);
                    case "creaseB" ->
                        new At(g * (armpit() + .5 * k), t("armpit").y() + 3.8 * k - .7 * drop, -8 * k);
                    case "armX" ->
                        new At(g * (armpit() + 1.2 * k), t("upperChest").y() - .6 * k, 5 * k);
                    case "tailbone" -> on(0, t("seat").y() + 1.8 * k, true);
                    case "armpit" -> new At(g * armpit(), t("armpit").y() - .6 * drop, -1.8 * k);
                    case "bust" -> on(g * b.bustX(), b.bustY(), false);
                    case "underBust" -> on(g * b.bustX(), b.foldY() - .6 * k, false);
                    case "shirtSeam" ->
                        new At(g * (t("shoulder").w() + 1.6 * k), t("shoulder").y() - drop - 1.6 * k, RIDGE * k);
                    case "collarTop" ->
                        new At(g * t("neckMid").w(), t("neckSide").y() + 4.2 * k, RIDGE * k);
                    case "socketF" -> socket(g, drop, false);
                    case "socketB" -> socket(g, drop, true);
                    case "lat" ->
                        new At(
                                g * b.widthAt(t("armpit").y() - 2.2 * k),
                                t("armpit").y() - 2.2 * k,
                                -3 * k);
                    case "blade" -> on(0, t("upperChest").y() - k, true);
                    case "spineHip" -> on(0, t("highHip").y(), true);
                    case "hipBone" -> on(g * .8 * t("highHip").w(), t("highHip").y() - .6 * k, false);
                    case "hipBoneS" -> new At(g * t("highHip").w(), t("highHip").y(), -k);
                    case "handle" -> on(g * 7 * k, t("underBust").y(), false);
                    case "chin" -> new At(0, b.chin(), .9 * k + .86 * b.headDepth());
                    case "browF" -> new At(0, b.level("brow"), .9 * k + .985 * b.headDepth());
                    case "cheek" -> new At(g * .93 * b.headWidth(), b.chin() + .4 * b.headHeight(), 0);
                    case "headTop" -> new At(g * .6 * b.headWidth(), b.chin() + .94 * b.headHeight(), 0);
                    case "seatEnd" -> on(0, b.leg(Side.RIGHT, "thigh").y() + 2 * k, true);
                    default -> null;
                });
    }

    /** Over chest or back, beside the middle, on a level. */
    At beside(double g, double y, boolean behind) {
        return on(g * Math.min(BESIDE * k, .8 * b.widthAt(y)), y, behind);
    }

    /** The inner end of the shoulder's joint. */
    private At socket(double g, double drop, boolean behind) {
        return on(g * (t("shoulder").w() - 2.6 * k), t("joint").y() - .4 * k - drop, behind);
    }

    private double armpit() {
        return b.widthAt(t("armpit").y());
    }

    private At on(double x, double y, boolean behind) {
        return new At(x, y, b.skin(x, y, behind));
    }

    /** The end of the shoulder; where the arm is held out it comes in and up. */
    private At shoulder(double g, Side side, double drop) {
        boolean out = view == View.ARM_OUT && side == Side.RIGHT;
        double x = t("shoulder").w() - (out ? .8 : .2) * k;
        double y = t("shoulder").y() - drop + (out ? .3 : 0) * k;
        return new At(g * x, y, RIDGE * k);
    }
}
