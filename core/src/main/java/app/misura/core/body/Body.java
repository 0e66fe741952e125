package app.misura.core.body;

import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** One body as sections at levels, from what is known of it. Immutable once made. */
public final class Body {
    /** A section of the trunk. */
    static final class Trunk {
        final String name;
        final double y;
        double w;
        double zf;
        double zb;
        final double n;
        final double girth;
        final double plainFront;
        final double plainBack;

        Trunk(String name, double y, double w, double zf, double zb, double n, double girth, double f0, double b0) {
            this.name = name;
            this.y = y;
            this.w = w;
            this.zf = zf;
            this.zb = zb;
            this.n = n;
            this.girth = girth;
            this.plainFront = f0;
            this.plainBack = b0;
        }

        void solveWidth() {
            w = Section.widthFor(girth, (zf - zb) / 2, n, w);
        }
    }

    /** A section of one leg. */
    record Leg(String name, double y, double cx, double hw, double c, double hd, double n, double girth) {
        double inner() {
            return cx - hw;
        }

        double outer() {
            return cx + hw;
        }

        double zf() {
            return c + hd;
        }

        double zb() {
            return c - hd;
        }

        Leg shifted(double by) {
            return new Leg(name, y, cx + by, hw, c, hd, n, girth);
        }
    }

    /** A section of one arm: offsets from its axis. */
    record Arm(String name, double s, double outer, double inner, double front, double back, double n) {}

    private static final List<String> NECK = List.of("neckTop", "neckMid", "neckSide");
    private static final List<String> SHOULDERS = List.of("slope", "shoulder", "joint");

    final BodyNumbers numbers;
    final double height;
    final double k;
    final double child;
    final Map<String, Trunk> trunk = new LinkedHashMap<>();
    final Map<Side, List<Leg>> legs = new EnumMap<>(Side.class);
    final Map<Side, List<Arm>> arms = new EnumMap<>(Side.class);
    final double armLength;
    final double handLength;
    final double footLength;
    final double chin;
    final double headHeight;
    final double headWidth;
    final double headDepth;
    final double bust;
    final double bustX;
    final double bustY;
    final double foldY;
    final double topY;
    private final Monotone width;
    private final Monotone front;
    private final Monotone back;
    private final Monotone exponent;
    private final List<double[]> known = new ArrayList<>();
    private double chestRatio = 1;

    private Body(BodyNumbers numbers) {
        this.numbers = numbers;
        height = numbers.statureCm();
        k = height / BodyNumbers.NEUTRAL;
        child = clamp((18 - numbers.age()) / 10, 0, 1);
        footLength = 0.152 * height * (1 + 0.03 * child);
        Map<String, Double> girths = new HashMap<>(numbers.girths());
        bust = prominence(girths);
        makeTrunk(girths);
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
        makeLegs();
        armLength = mix(0.334, 0.322) * height;
        handLength = mix(0.108, 0.112) * height;
        for (Side side : Side.values()) {
            arms.put(side, arm(girths));
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

    static double clamp(double v, double low, double high) {
        return Math.max(low, Math.min(high, v));
    }

    static double lerp(double a, double b, double t) {
        return a + (b - a) * t;
    }

    double mix(double adult, double ofChild) {
        return lerp(adult, ofChild, child);
    }

    public double height() {
        return height;
    }

    Trunk t(String level) {
        return java.util.Objects.requireNonNull(trunk.get(level), level);
    }

    Leg leg(Side side, String level) {
        return legs.get(side).stream()
                .filter(l -> l.name().equals(level))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no leg level " + level));
    }

    /** The foot against the one its outlines are written for. */
    double footScale() {
        return footLength / 25.84;
    }

    double drop(Side side) {
        return numbers.drop().getOrDefault(side, 0.0);
    }

    private Monotone through(java.util.function.ToDoubleFunction<Trunk> of) {
        return new Monotone(
                trunk.values().stream().mapToDouble(t -> t.y).toArray(),
                trunk.values().stream().mapToDouble(of).toArray());
    }

    double widthAt(double y) {
        return width.at(y);
    }

    double frontAt(double y) {
        return front.at(y);
    }

    double backAt(double y) {
        return back.at(y);
    }

    double exponentAt(double y) {
        return exponent.at(y);
    }

    /** The skin in front (or behind) at a place of the trunk, z. */
    double skin(double x, double y, boolean behind) {
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
        return clamp((full - rib) * 0.25, 0, 13);
    }

    // ---- heights

    private void makeKnown() {
        for (Tables.TrunkRow row : Tables.TRUNK) {
            Double at = numbers.heights().get(row.name());
            if (at != null) {
                known.add(new double[] {mix(row.adult(), row.child()) * height, at});
            }
        }
        for (Tables.LegRow row : Tables.LEG) {
            Double at = numbers.heights().get(row.name());
            if (at != null) {
                known.add(new double[] {mix(row.adult(), row.child()) * height, at});
            }
        }
        if (known.isEmpty()) {
            return;
        }
        if (!numbers.heights().containsKey("shoulder")) {
            double y = mix(0.8185, 0.786) * height;
            known.add(new double[] {y, y});
        }
        known.add(new double[] {0, 0});
        known.add(new double[] {height, height});
        known.sort(java.util.Comparator.comparingDouble(p -> p[0]));
    }

    /** The height of a level, moved with the known ones around it. */
    private double mapped(double y) {
        if (known.isEmpty()) {
            return y;
        }
        int j = 0;
        while (j < known.size() - 2 && known.get(j + 1)[0] < y) {
            j++;
        }
        double[] a = known.get(j);
        double[] b = known.get(j + 1);
        return lerp(a[1], b[1], (y - a[0]) / Math.max(1e-9, b[0] - a[0]));
    }

    // ---- trunk

    private void makeTrunk(Map<String, Double> girths) {
        makeKnown();
        int n = Tables.TRUNK.size();
        double[] y = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.TrunkRow r = Tables.TRUNK.get(i);
            y[i] = mapped(mix(r.adult(), r.child()) * height);
            base[i] = Section.girth(w0(r), d0(r), r.n());
        }
        double[] q = ratios(
                y,
                base,
                Tables.TRUNK.stream().map(r -> Tables.girth(r.girths(), girths)).toList());
        chestRatio = q[8];
        for (int i = 0; i < n; i++) {
            String name = Tables.TRUNK.get(i).name();
            if (NECK.contains(name)) {
                Double neck = girths.get("neck-girth");
                q[i] = neck != null ? neck / base[1] : 1 + (chestRatio - 1) * 0.35;
            } else if (SHOULDERS.contains(name)) {
                q[i] = 1 + (chestRatio - 1) * 0.6;
            } else if (name.equals("upperChest")) {
                q[i] = 1 + (chestRatio - 1) * 0.9;
            }
            trunk.put(name, grown(Tables.TRUNK.get(i), y[i], base[i], q[i]));
        }
        smooth();
    }

    private double w0(Tables.TrunkRow r) {
        return r.w() * k * mix(1, r.cw());
    }

    private double d0(Tables.TrunkRow r) {
        return (r.zf() - r.zb()) / 2 * k * mix(1, r.cd());
    }

    private Trunk grown(Tables.TrunkRow r, double y, double base, double q) {
        double w = w0(r) * Math.pow(q, r.a());
        double d = d0(r) * Math.pow(q, r.b());
        if (!SHOULDERS.contains(r.name())) {
            double scale = base * q / Section.girth(w, d, r.n());
            w *= scale;
            d *= scale;
        }
        double c0 = (r.zf() + r.zb()) / 2 * k;
        double added = 2 * (d - d0(r));
        double f0 = c0 + d0(r);
        double b0 = c0 - d0(r);
        return new Trunk(r.name(), y, w, f0 + r.f() * added, b0 - (1 - r.f()) * added, r.n(), base * q, f0, b0);
    }

    /** What grew beyond the plain body is smoothed along the height; the width then answers for the girth. */
    private void smooth() {
        List<Trunk> list = new ArrayList<>(trunk.values());
        double sigma = 6.5 * k;
        double[] gf = list.stream().mapToDouble(t -> t.zf - t.plainFront).toArray();
        double[] gb = list.stream().mapToDouble(t -> t.zb - t.plainBack).toArray();
        for (int i = 2; i < list.size(); i++) {
            Trunk t = list.get(i);
            if (t.name.equals("crotch")) {
                continue;
            }
            double sumF = 0;
            double sumB = 0;
            double weights = 0;
            for (int j = 0; j < list.size(); j++) {
                Trunk u = list.get(j);
                double span = (Math.abs(list.get(Math.max(0, j - 1)).y - u.y)
                                + Math.abs(list.get(Math.min(list.size() - 1, j + 1)).y - u.y))
                        / 2;
                double weight = Math.exp(-Math.pow((u.y - t.y) / sigma, 2) / 2) * span;
                sumF += gf[j] * weight;
                sumB += gb[j] * weight;
                weights += weight;
            }
            t.zf = t.plainFront + sumF / weights;
            t.zb = t.plainBack + sumB / weights;
            if (!SHOULDERS.contains(t.name)) {
                t.solveWidth();
            }
        }
    }

    /** Known girth over base girth at each level; unknown ones lie on the line between their known neighbours. */
    private static double[] ratios(
            double[] place, double[] base, List<@org.jspecify.annotations.Nullable Double> girths) {
        List<double[]> given = new ArrayList<>();
        for (int i = 0; i < place.length; i++) {
            Double girth = girths.get(i);
            if (girth != null) {
                given.add(new double[] {place[i], girth / base[i]});
            }
        }
        given.sort(java.util.Comparator.comparingDouble(p -> p[0]));
        double[] q = new double[place.length];
        for (int i = 0; i < place.length; i++) {
            q[i] = between(given, place[i]);
        }
        return q;
    }

    private static double between(List<double[]> given, double place) {
        if (given.isEmpty()) {
            return 1;
        }
        if (place <= given.get(0)[0]) {
            return given.get(0)[1];
        }
        for (int j = 1; j < given.size(); j++) {
            if (place <= given.get(j)[0]) {
                double[] a = given.get(j - 1);
                double[] b = given.get(j);
                return lerp(a[1], b[1], (place - a[0]) / Math.max(1e-9, b[0] - a[0]));
            }
        }
        return given.get(given.size() - 1)[1];
    }

    // ---- legs

    private void makeLegs() {
        for (Side side : Side.values()) {
            legs.put(side, clear(leg(side)));
        }
        double out = legs.values().stream()
                .mapToDouble(l -> l.get(l.size() - 1).cx())
                .max()
                .orElse(0);
        for (Side side : Side.values()) {
            List<Leg> list = legs.get(side);
            legs.put(side, shifted(list, out - list.get(list.size() - 1).cx()));
        }
    }

    private List<Leg> leg(Side side) {
        Map<String, Double> girths = new HashMap<>(numbers.girths());
        girths.putAll(numbers.sideGirths().getOrDefault(side, Map.of()));
        int n = Tables.LEG.size();
        double[] y = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.LegRow r = Tables.LEG.get(i);
            double f = mix(1, r.c()) * k;
            y[i] = mapped(mix(r.adult(), r.child()) * height);
            base[i] = Section.girth((r.outer() - r.inner()) / 2 * f, (r.zf() - r.zb()) / 2 * f, r.n());
        }
        Double seat = numbers.girths().get("seat-girth");
        if (!girths.containsKey("thigh-crotch-girth") && !girths.containsKey("thigh-girth") && seat != null) {
            Tables.TrunkRow r = Tables.TRUNK.get(15);
            girths.put("thigh-crotch-girth", base[0] * (1 + (seat / Section.girth(w0(r), d0(r), r.n()) - 1) * 0.9));
        }
        double[] q = ratios(
                y,
                base,
                Tables.LEG.stream().map(r -> Tables.girth(r.girths(), girths)).toList());
        List<Leg> list = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            list.add(legLevel(i, y[i], base[i] * q[i], q[i]));
        }
        return list;
    }

    private Leg legLevel(int i, double y, double girth, double q) {
        Tables.LegRow r = Tables.LEG.get(i);
        double f = mix(1, r.c()) * q * k;
        double hw = (r.outer() - r.inner()) / 2 * f;
        double hd = (r.zf() - r.zb()) / 2 * f;
        double cx = (r.inner() + r.outer()) / 2 * k * mix(1, 0.95);
        if (i < 2) {
            double inner = (i == 0 ? 0.4 : 0.8) * k;
            double outer = t("crotch").w * (i == 0 ? 1 : 0.985);
            hw = (outer - inner) / 2;
            hd = Section.widthFor(girth, hw, r.n(), hw);
            if (hw / hd > 1.12) {
                hd = girth / Section.girth(1.12, 1, r.n());
                hw = 1.12 * hd;
            }
            if (hd / hw > 1.5) {
                hw = girth / Section.girth(1, 1.5, r.n());
                hd = 1.5 * hw;
            }
            cx = inner + hw;
        }
        double plain = (r.zf() - r.zb()) / 2 * k;
        double c = (r.zf() + r.zb()) / 2 * k - (hd - plain) * (i < 2 ? 0.5 : 0.25);
        return new Leg(r.name(), y, cx, hw, c, hd, r.n(), girth);
    }

    /** Below the thigh no inner edge comes nearer to the middle than bodies do: heavy thighs put the feet apart. */
    private List<Leg> clear(List<Leg> list) {
        double missing = 0;
        for (Leg leg : list.subList(2, list.size())) {
            missing = Math.max(missing, 0.9 * k - leg.inner());
        }
        return shifted(list, missing);
    }

    private static List<Leg> shifted(List<Leg> list, double by) {
        List<Leg> moved = new ArrayList<>(list.subList(0, 2));
        list.subList(2, list.size()).forEach(l -> moved.add(l.shifted(by)));
        return moved;
    }

    // ---- arms

    private List<Arm> arm(Map<String, Double> known) {
        Map<String, Double> girths = new HashMap<>(known);
        int n = Tables.ARM.size();
        double[] place = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.ArmRow r = Tables.ARM.get(i);
            place[i] = r.s();
            base[i] = Section.girth((r.outer() + r.inner()) / 2 * k, (r.front() + r.back()) / 2 * k, r.n())
                    * mix(1, 0.93);
        }
        girths.putIfAbsent("upper-arm-girth", base[3] * (1 + (chestRatio - 1) * 0.85));
        girths.putIfAbsent(
                "wrist-girth", base[n - 1] * (1 + (girths.get("upper-arm-girth") / base[3] - 1) * 0.3) * mix(1, 1.04));
        double[] q = ratios(
                place,
                base,
                Tables.ARM.stream().map(r -> Tables.girth(r.girths(), girths)).toList());
        List<Arm> list = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Tables.ArmRow r = Tables.ARM.get(i);
            double f = k * mix(1, 0.93) * (i < 2 ? 1 + (q[i] - 1) * 0.8 : q[i]);
            list.add(new Arm(
                    r.name(), r.s() * armLength, r.outer() * f, r.inner() * f, r.front() * f, r.back() * f, r.n()));
        }
        return list;
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
            case "band" -> t("trouser").y;
            case "belt" -> t("trouser").y - 1.5 * k;
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
        return Math.max(Math.max(t("seat").w, t("highHip").w), Math.max(t("trouser").w, leg));
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
