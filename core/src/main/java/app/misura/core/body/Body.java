package app.misura.core.body;

import app.misura.core.geometry.Between;
import app.misura.core.measure.Side;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One body as sections at levels, from what is known of it. Immutable once made. */
public final class Body {
    /** A section of one leg. */
    public record Leg(String name, double y, double cx, double hw, double c, double hd, double n, double girth) {
        public double inner() {
            return cx - hw;
        }

        public double outer() {
            return cx + hw;
        }

        public double zf() {
            return c + hd;
        }

        public double zb() {
            return c - hd;
        }

        Leg shifted(double by) {
            return new Leg(name, y, cx + by, hw, c, hd, n, girth);
        }
    }

    /** A section of one arm: offsets from its axis. */
    public record Arm(String name, double s, double outer, double inner, double front, double back, double n) {}

    private final BodyNumbers numbers;
    private final Proportions size;
    private final double height;
    private final double k;
    private final double child;
    private final Map<String, Trunk> trunk;
    private final Map<Side, List<Leg>> legs;
    private final Map<Side, List<Arm>> arms = new EnumMap<>(Side.class);
    private final double armLength;
    private final double handLength;
    private final double footLength;
    private final double chin;
    private final double headHeight;
    private final double headWidth;
    private final double headDepth;
    private final double bust;
    private final double bustX;
    private final double bustY;
    private final double foldY;
    private final double topY;
    private final Monotone width;
    private final Monotone front;
    private final Monotone back;
    private final Monotone exponent;

    private Body(BodyNumbers numbers) {
        this.numbers = numbers;
        size = new Proportions(numbers);
        height = size.height;
        k = size.k;
        child = size.child;
        footLength = 0.152 * height * (1 + 0.03 * child);
        Map<String, Double> girths = new HashMap<>(numbers.girths());
        bust = prominence(girths);
        TrunkMaker maker = new TrunkMaker(size);
        trunk = maker.make(girths);
        width = through(t -> t.w);
        front = through(t -> t.zf);
        back = through(t -> t.zb);
        exponent = through(t -> t.n);
        bustY = t("chest").y - (bust > 0.5 ? 0.9 * k + 0.16 * bust : 0);
        bustX = girths.containsKey("bust-span")
                ? girths.get("bust-span") / 2
                : (8.6 * k + 0.22 * bust) * (t("chest").w / (15.5 * k));
        foldY = t("underBust").y - 0.25 * bust;
        topY = t("upperChest").y + 0.4 * bust;
        LimbMaker limbs = new LimbMaker(size, maker, t("crotch").w);
        legs = limbs.legs();
        armLength = mix(0.334, 0.322) * height;
        handLength = mix(0.108, 0.112) * height;
        for (Side side : Side.values()) {
            arms.put(side, limbs.arm(girths, armLength));
        }
        chin = mix(0.869, 0.832) * height;
        headHeight = height - chin;
        Double head = girths.get("head-girth");
        double grown = mix(1, 1.235);
        headWidth = head == null ? 7.65 * k * grown : 7.65 * head / 55.5;
        headDepth = head == null ? 9.6 * k * grown : 9.6 * head / 55.5;
    }

    public static Body of(BodyNumbers numbers) {
        return new Body(numbers);
    }

    public BodyNumbers numbers() {
        return numbers;
    }

    /** Stature over the neutral one. */
    public double k() {
        return k;
    }

    /** How far a child: 0 for an adult, 1 for the youngest. */
    public double child() {
        return child;
    }

    /** Sections of the trunk by name, from the neck down. */
    public Map<String, Trunk> trunk() {
        return Collections.unmodifiableMap(trunk);
    }

    /** Sections of each leg, from the top down. */
    public Map<Side, List<Leg>> legs() {
        return Collections.unmodifiableMap(legs);
    }

    /** Sections of each arm, from the shoulder down. */
    public Map<Side, List<Arm>> arms() {
        return Collections.unmodifiableMap(arms);
    }

    public double armLength() {
        return armLength;
    }

    public double handLength() {
        return handLength;
    }

    public double footLength() {
        return footLength;
    }

    /** Height of the chin, cm. */
    public double chin() {
        return chin;
    }

    public double headHeight() {
        return headHeight;
    }

    public double headWidth() {
        return headWidth;
    }

    public double headDepth() {
        return headDepth;
    }

    /** What stands before the ribs, cm. */
    public double bust() {
        return bust;
    }

    /** Half of what lies between the bust points, cm. */
    public double bustX() {
        return bustX;
    }

    /** Height of the bust points, cm. */
    public double bustY() {
        return bustY;
    }

    /** Height of the fold under the bust, cm. */
    public double foldY() {
        return foldY;
    }

    /** Where the bust begins, cm. */
    public double topY() {
        return topY;
    }

    public double mix(double adult, double ofChild) {
        return size.mix(adult, ofChild);
    }

    public double height() {
        return height;
    }

    public Trunk t(String level) {
        return java.util.Objects.requireNonNull(trunk.get(level), level);
    }

    public Leg leg(Side side, String level) {
        return side.of(legs).stream()
                .filter(l -> l.name().equals(level))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no leg level " + level));
    }

    /** The foot against the one its outlines are written for. */
    public double footScale() {
        return footLength / 25.84;
    }

    public double drop(Side side) {
        return numbers.drop().getOrDefault(side, 0.0);
    }

    private Monotone through(java.util.function.ToDoubleFunction<Trunk> of) {
        return new Monotone(
                trunk.values().stream().mapToDouble(t -> t.y).toArray(),
                trunk.values().stream().mapToDouble(of).toArray());
    }

    public double widthAt(double y) {
        return width.at(y);
    }

    public double frontAt(double y) {
        return front.at(y);
    }

    public double backAt(double y) {
        return back.at(y);
    }

    public double exponentAt(double y) {
        return exponent.at(y);
    }

    /** The skin in front (or behind) at a place of the trunk, z. */
    public double skin(double x, double y, boolean behind) {
        double w = widthAt(y);
        double n = exponentAt(y);
        double d = (frontAt(y) - backAt(y)) / 2;
        double c = (frontAt(y) + backAt(y)) / 2;
        double h = d * Math.pow(1 - Math.pow(Math.min(1, Math.abs(x) / w), n), 1 / n);
        return behind ? c - h : c + h + bump(x, y);
    }

    private double bump(double x, double y) {
        if (bust <= 0) {
            return 0;
        }
        double sy = y > bustY ? (topY - bustY) * 0.62 : (bustY - foldY) * 0.75;
        double sx = 5.2 * k + 0.35 * bust;
        return bust * Math.exp(-Math.pow((y - bustY) / sy, 2)) * Math.exp(-Math.pow((Math.abs(x) - bustX) / sx, 2));
    }

    /** What stands before the ribs; the chest level itself is then taken from the ribs. */
    private static double prominence(Map<String, Double> girths) {
        Double full = girths.get("bust-girth");
        Double under = girths.get("under-bust-girth");
        if (full == null || under == null) {
            return 0;
        }
        double rib = 1.075 * under;
        girths.put("chest-girth", Math.min(full, rib));
        return Between.clamp((full - rib) * 0.25, 0, 13);
    }

    /** Height of a level by name, with an offset in cm of stature 170, such as {@code waist-7}. */
    public double level(String text) {
        java.util.regex.Matcher m =
                java.util.regex.Pattern.compile("([A-Za-z]+)([+-][\\d.]+)?").matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text + "\" names no level");
        }
        return named(m.group(1)) + (m.group(2) == null ? 0 : Double.parseDouble(m.group(2)) * k);
    }

    private double named(String name) {
        return switch (name) {
            case "crown" -> height;
            case "chin" -> chin;
            case "brow" -> chin + 0.62 * headHeight;
            case "belt" -> t("band").y - 1.5 * k;
            case "midBustNavel" -> (bustY + t("navel").y) / 2;
            case "lowWaist" -> t("waist").y - 7.5 * k;
            case "belly" -> t("navel").y - 1.5 * k;
            case "bust" -> bustY;
            case "ankleMark" -> leg(Side.RIGHT, "ankle").y() - k;
            case "malleolus" -> 6 * k;
            case "heel" -> 3 * k;
            case "floor" -> 0;
            default ->
                trunk.containsKey(name) ? t(name).y : leg(Side.RIGHT, name).y();
        };
    }

    /** Half the width of the body at its widest below the waist, without the arms, cm. */
    public double hipHalfWidth() {
        double leg =
                legs.values().stream().mapToDouble(l -> l.get(0).outer()).max().orElse(0);
        return Math.max(Math.max(t("seat").w, t("highHip").w), Math.max(t("band").w, leg));
    }

    /** Girth of the section that is drawn at a level of the trunk or of a leg. */
    public double girthAt(String level, Side side) {
        if (trunk.containsKey(level)) {
            Trunk t = t(level);
            return Section.girth(t.w, (t.zf - t.zb) / 2, t.n);
        }
        Leg leg = leg(side, level);
        return Section.girth(leg.hw(), leg.hd(), leg.n());
    }
}
