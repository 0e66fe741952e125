package app.misura.core.figure;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One place a curve of the figure passes.
 *
 * @param tangent stated direction there, of any length; null where the neighbours decide
 * @param corner whether the curve may turn sharply there
 * @param handle factor on the handles' length
 */
public record Knot(Point at, @Nullable Point tangent, boolean corner, double handle) {
    public static Knot of(double x, double y) {
        return new Knot(new Point(x, y), null, false, 1);
    }

    public static Knot of(Point at) {
        return new Knot(at, null, false, 1);
    }

    Knot t(double tx, double ty) {
        return new Knot(at, new Point(tx, ty), corner, handle);
    }

    Knot c() {
        return new Knot(at, tangent, true, handle);
    }

    Knot h(double factor) {
        return new Knot(at, tangent, corner, factor);
    }

    Knot mirrored() {
        return new Knot(
                new Point(-at.x(), at.y()),
                tangent == null ? null : new Point(-tangent.x(), tangent.y()),
                corner,
                handle);
    }

    Knot turned() {
        return tangent == null ? this : new Knot(at, tangent.times(-1), corner, handle);
    }

    Knot moved(double dx, double dy) {
        return new Knot(new Point(at.x() + dx, at.y() + dy), tangent, corner, handle);
    }

    double x() {
        return at.x();
    }

    double y() {
        return at.y();
    }

    static List<Knot> mirrored(List<Knot> list) {
        return list.stream().map(Knot::mirrored).toList();
    }

    /** The same curve in the other direction. */
    static List<Knot> reversed(List<Knot> list) {
        List<Knot> turned = new ArrayList<>();
        for (int i = list.size() - 1; i >= 0; i--) {
            turned.add(list.get(i).turned());
        }
        return turned;
    }

    static List<Knot> moved(List<Knot> list, double dx, double dy) {
        return list.stream().map(k -> k.moved(dx, dy)).toList();
    }
}
