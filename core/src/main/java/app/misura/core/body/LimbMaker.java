package app.misura.core.body;

import app.misura.core.body.Body.Arm;
import app.misura.core.body.Body.Leg;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Makes the sections of legs and arms from their girths, on a trunk that is made. */
final class LimbMaker {
    private final Proportions size;
    private final double k;
    private final TrunkMaker maker;
    private final double crotchWidth;

    /** @param crotchWidth half width of the trunk at the fork */
    LimbMaker(Proportions size, TrunkMaker maker, double crotchWidth) {
        this.size = size;
        this.k = size.k;
        this.maker = maker;
        this.crotchWidth = crotchWidth;
    }

    /** The sections of both legs, from the fork down, by side. */
    Map<Side, List<Leg>> legs() {
        Map<Side, List<Leg>> legs = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            legs.put(side, clear(leg(side)));
        }
        double out = legs.values().stream()
                .mapToDouble(l -> l.get(l.size() - 1).cx())
                .max()
                .orElse(0);
        for (Side side : Side.values()) {
            List<Leg> list = side.of(legs);
            legs.put(side, shifted(list, out - list.get(list.size() - 1).cx()));
        }
        return legs;
    }

    private List<Leg> leg(Side side) {
        Map<String, Double> girths = new HashMap<>(size.numbers.girths());
        girths.putAll(size.numbers.sideGirths().getOrDefault(side, Map.of()));
        int n = Tables.LEG.size();
        double[] y = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.LegRow r = Tables.LEG.get(i);
            double f = size.mix(1, r.c()) * k;
            y[i] = size.mapped(size.mix(r.adult(), r.child()) * size.height);
            base[i] = Section.girth((r.outer() - r.inner()) / 2 * f, (r.zf() - r.zb()) / 2 * f, r.n());
        }
        Double seat = size.numbers.girths().get("seat-girth");
        if (!girths.containsKey("thigh-crotch-girth") && !girths.containsKey("thigh-girth") && seat != null) {
            Tables.TrunkRow r = Tables.TRUNK.get(15);
            girths.put(
                    "thigh-crotch-girth",
                    base[0] * (1 + (seat / Section.girth(maker.w0(r), maker.d0(r), r.n()) - 1) * 0.9));
        }
        double[] q = Proportions.ratios(
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
        double f = size.mix(1, r.c()) * q * k;
        double hw = (r.outer() - r.inner()) / 2 * f;
        double hd = (r.zf() - r.zb()) / 2 * f;
        double cx = (r.inner() + r.outer()) / 2 * k * size.mix(1, 0.95);
        if (i < 2) {
            double inner = (i == 0 ? 0.4 : 0.8) * k;
            double outer = crotchWidth * (i == 0 ? 1 : 0.985);
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

    /** The sections of one arm, from the shoulder down. */
    List<Arm> arm(Map<String, Double> known, double armLength) {
        Map<String, Double> girths = new HashMap<>(known);
        int n = Tables.ARM.size();
        double[] place = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.ArmRow r = Tables.ARM.get(i);
            place[i] = r.s();
            base[i] = Section.girth((r.outer() + r.inner()) / 2 * k, (r.front() + r.back()) / 2 * k, r.n())
                    * size.mix(1, 0.93);
        }
        girths.putIfAbsent("upper-arm-girth", base[3] * (1 + (maker.chestRatio() - 1) * 0.85));
        girths.putIfAbsent(
                "wrist-girth",
                base[n - 1] * (1 + (girths.get("upper-arm-girth") / base[3] - 1) * 0.3) * size.mix(1, 1.04));
        double[] q = Proportions.ratios(
                place,
                base,
                Tables.ARM.stream().map(r -> Tables.girth(r.girths(), girths)).toList());
        List<Arm> list = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Tables.ArmRow r = Tables.ARM.get(i);
            double f = k * size.mix(1, 0.93) * (i < 2 ? 1 + (q[i] - 1) * 0.8 : q[i]);
            list.add(new Arm(
                    r.name(), r.s() * armLength, r.outer() * f, r.inner() * f, r.front() * f, r.back() * f, r.n()));
        }
        return list;
    }
}
