package app.misura.core.body;

import java.util.List;
import java.util.Map;

/**
 * The plain body of stature 170 cm, level by level; general proportions of an artist's eight-head canon, mixed between a
 * grown person and a child of eight. No survey data.
 */
final class Tables {
    private Tables() {}

    /**
     * @param adult height as a share of stature, {@code child} at eight
     * @param w half-width, {@code zf} front, {@code zb} back, cm
     * @param n exponent
     * @param a power with which the width follows the girth, {@code b} the depth; {@code f} share of added depth in front
     * @param cw child's factor on width, {@code cd} on depth
     */
    record TrunkRow(
            String name,
            double adult,
            double child,
            double w,
            double zf,
            double zb,
            double n,
            double a,
            double b,
            double f,
            double cw,
            double cd,
            String girths) {}

    /** @param inner {@code outer} from the middle plane, cm */
    record LegRow(
            String name,
            double adult,
            double child,
            double inner,
            double outer,
            double zf,
            double zb,
            double n,
            double c,
            String girths) {}

    /** @param s share of the arm's length from the shoulder point; offsets from the arm's axis, cm */
    record ArmRow(
            String name, double s, double outer, double inner, double front, double back, double n, String girths) {}

    static final List<TrunkRow> TRUNK = List.of(
            new TrunkRow("neckTop", .874, .838, 5.3, 6.6, -4.9, 2.1, 1, 1, .5, 1.10, 1.05, ""),
            new TrunkRow("neckMid", .853, .817, 5.4, 5.6, -6.3, 2.1, 1, 1, .5, 1.06, 1.02, "neck-girth"),
            new TrunkRow("neckSide", .842, .805, 6.5, 5.0, -7.6, 2.1, 1, 1, .5, 1.02, 1, ""),
            new TrunkRow("slope", .8325, .798, 10.8, 4.5, -8.5, 2.0, .6, 1, .4, 1, 1, ""),
            new TrunkRow("shoulder", .8185, .786, 18.2, 4.3, -9.5, 2.0, .45, 1, .4, .98, 1, ""),
            new TrunkRow("joint", .800, .768, 19.0, 6.2, -10.4, 2.2, .45, 1, .35, .97, 1, ""),
            new TrunkRow("upperChest", .772, .742, 17.2, 9.0, -11.1, 2.4, .7, 1.2, .58, .96, 1, ""),
            new TrunkRow("armpit", .746, .718, 15.5, 10.8, -11.1, 2.5, .85, 1.15, .64, .96, 1, "upper-chest-girth"),
            new TrunkRow("chest", .720, .694, 15.5, 11.5, -10.7, 2.5, .85, 1.15, .7, .97, 1, "chest-girth bust-girth"),
            new TrunkRow("underBust", .690, .664, 14.7, 11.1, -9.8, 2.4, .85, 1.15, .78, 1, 1, "under-bust-girth"),
            new TrunkRow("midTorso", .662, .636, 13.8, 10.6, -8.7, 2.3, .82, 1.2, .8, 1.03, 1.02, "mid-torso-girth"),
            new TrunkRow(
                    "waist",
                    .632,
                    .606,
                    13.2,
                    10.1,
                    -7.7,
                    2.25,
                    .8,
                    1.25,
                    .80,
                    1.06,
                    1.06,
                    "waist-bend-girth waist-narrow-girth"),
            new TrunkRow(
                    "navel", .602, .574, 13.8, 10.3, -7.7, 2.3, .75, 1.3, .83, 1.05, 1.10, "navel-girth belly-girth"),
            new TrunkRow(
                    "band",
                    .580,
                    .552,
                    14.8,
                    10.4,
                    -8.6,
                    2.35,
                    .75,
                    1.3,
                    .80,
                    1,
                    1.08,
                    "trouser-waist-girth belt-girth"),
            new TrunkRow("highHip", .553, .527, 16.0, 10.2, -10.0, 2.4, .8, 1.25, .68, .97, 1.03, "high-hip-girth"),
            new TrunkRow("seat", .505, .484, 17.2, 9.3, -12.5, 2.4, .92, 1.1, .3, .94, .97, "seat-girth"),
            new TrunkRow("crotch", .467, .450, 17.0, 8.7, -11.0, 2.4, .95, 1.1, .4, .94, .96, "crotch-level-girth"));

    static final List<LegRow> LEG = List.of(
            new LegRow("thighTop", .460, .443, .5, 17.0, 8.9, -9.7, 2.15, .94, "thigh-crotch-girth thigh-girth"),
            new LegRow("thigh", .437, .420, .9, 16.8, 9.2, -8.4, 2.15, .94, "thigh-below-girth"),
            new LegRow("midThigh", .372, .358, 2.3, 15.8, 9.1, -7.3, 2.1, .93, "mid-thigh-girth"),
            new LegRow("aboveKnee", .322, .310, 3.6, 14.8, 7.8, -6.0, 2.1, .95, "above-knee-girth"),
            new LegRow("knee", .279, .270, 4.0, 14.3, 6.6, -4.9, 2.3, 1.0, "knee-girth"),
            new LegRow("belowKnee", .250, .242, 4.4, 14.1, 5.5, -5.6, 2.2, .99, "below-knee-girth"),
            new LegRow("calf", .206, .202, 4.1, 14.6, 3.9, -7.6, 2.1, .95, "calf-girth"),
            new LegRow("belowCalf", .130, .130, 6.5, 13.0, 2.6, -5.2, 2.1, 1.0, "below-calf-girth"),
            new LegRow("ankle", .068, .072, 7.1, 12.7, 2.6, -4.6, 2.1, 1.08, "ankle-girth"));

    static final List<ArmRow> ARM = List.of(
            new ArmRow("cap", .075, 4.75, 3.9, 5.2, 5.6, 2, ""),
            new ArmRow("deltoid", .165, 5.2, 4.1, 5.7, 6.0, 2, ""),
            new ArmRow("upperHigh", .255, 4.85, 4.2, 5.4, 5.6, 2.1, "upper-arm-high-girth"),
            new ArmRow("upperArm", .350, 4.4, 4.2, 5.1, 5.2, 2.1, "upper-arm-girth upper-arm-chest-girth"),
            new ArmRow("upperLow", .470, 4.0, 3.8, 4.4, 4.6, 2.1, "upper-arm-low-girth"),
            new ArmRow("elbow", .570, 3.6, 3.7, 4.2, 4.2, 2.2, "elbow-girth"),
            new ArmRow("forearm", .670, 4.3, 3.5, 4.9, 4.1, 2.1, "forearm-girth"),
            new ArmRow("forearmMid", .800, 3.2, 2.9, 3.9, 3.3, 2.1, "forearm-low-girth"),
            new ArmRow("forearmLow", .920, 2.4, 2.3, 3.0, 2.8, 2.2, ""),
            new ArmRow("wrist", 1.000, 2.45, 2.35, 3.0, 2.8, 2.3, "wrist-girth wrist-seal-girth"));

    /** The girth that a level takes, the first of its codes that is known; null if none is. */
    static @org.jspecify.annotations.Nullable Double girth(String codes, Map<String, Double> girths) {
        for (String code : codes.split(" ")) {
            Double girth = girths.get(code);
            if (girth != null) {
                return girth;
            }
        }
        return null;
    }
}
