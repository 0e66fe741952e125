package app.misura.core.body;

import app.misura.core.geometry.Between;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Size, age and known heights of one body: where its levels lie, and how far known girths outgrow the plain ones. */
final class Proportions {
    final BodyNumbers numbers;
    final double height;
    final double k;
    final double child;
    private final List<double[]> known = new ArrayList<>();

    Proportions(BodyNumbers numbers) {
        this.numbers = numbers;
        height = numbers.statureCm();
        k = height / BodyNumbers.NEUTRAL;
        child = Between.clamp((18 - numbers.age()) / 10, 0, 1);
        learn();
    }

    double mix(double adult, double ofChild) {
        return Between.lerp(adult, ofChild, child);
    }

    private void learn() {
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
    double mapped(double y) {
        if (known.isEmpty()) {
            return y;
        }
        int j = 0;
        while (j < known.size() - 2 && known.get(j + 1)[0] < y) {
            j++;
        }
        double[] a = known.get(j);
        double[] b = known.get(j + 1);
        return Between.lerp(a[1], b[1], (y - a[0]) / Math.max(1e-9, b[0] - a[0]));
    }

    /** Known girth over base girth at each level; unknown ones lie on the line between their known neighbours. */
    static double[] ratios(double[] place, double[] base, List<@Nullable Double> girths) {
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
                return Between.lerp(a[1], b[1], (place - a[0]) / Math.max(1e-9, b[0] - a[0]));
            }
        }
        return given.get(given.size() - 1)[1];
    }
}
