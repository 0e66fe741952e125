package app.misura.core.body;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Makes the sections of a trunk from its girths. */
final class TrunkMaker {
    private static final List<String> NECK = List.of("neckTop", "neckMid", "neckSide");
    private static final List<String> SHOULDERS = List.of("slope", "shoulder", "joint");

    private final Proportions size;
    private final double k;
    private final Map<String, Trunk> trunk = new LinkedHashMap<>();
    private double chestRatio = 1;

    TrunkMaker(Proportions size) {
        this.size = size;
        this.k = size.k;
    }

    /** The sections by name, from the neck down. */
    Map<String, Trunk> make(Map<String, Double> girths) {
        int n = Tables.TRUNK.size();
        double[] y = new double[n];
        double[] base = new double[n];
        for (int i = 0; i < n; i++) {
            Tables.TrunkRow r = Tables.TRUNK.get(i);
            y[i] = size.mapped(size.mix(r.adult(), r.child()) * size.height);
            base[i] = Section.girth(w0(r), d0(r), r.n());
        }
        double[] q = Proportions.ratios(
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
        return trunk;
    }

    /** How far the chest outgrows a plain one. */
    double chestRatio() {
        return chestRatio;
    }

    double w0(Tables.TrunkRow r) {
        return r.w() * k * size.mix(1, r.cw());
    }

    double d0(Tables.TrunkRow r) {
        return (r.zf() - r.zb()) / 2 * k * size.mix(1, r.cd());
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

    /** What grew beyond the plain body is smoothed along the size.height; the width then answers for the girth. */
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
}
