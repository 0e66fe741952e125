package app.misura.core.format.svg;

import app.misura.core.draft.Dart;
import app.misura.core.geometry.Point;
import java.util.List;
import java.util.Locale;

/** What is drawn on a piece, in the letters of SVG, mm with one decimal. */
final class PiecePaths {
    private PiecePaths() {}

    /** From the first point to the second, with a head at both ends. @param size of what is written beside it */
    static String arrow(List<Point> ends, double size) {
        Point from = ends.get(0);
        Point to = ends.get(1);
        Point along = to.minus(from).unit();
        Point across = along.right().times(size / 4);
        StringBuilder d = new StringBuilder(open(from, to));
        for (Point end : List.of(from, to)) {
            Point back = end.plus(along.times((end == to ? -0.4 : 0.4) * size));
            d.append(open(back.plus(across), end, back.minus(across)));
        }
        return d.toString();
    }

    /** A dart to its tip; a pleat as two lines of its length. */
    static String dart(Dart dart) {
        if (dart.kind() == Dart.Kind.DART) {
            return open(dart.mouth1(), dart.tip(), dart.mouth2());
        }
        Point middle = dart.mouth1().towards(dart.mouth2(), 0.5);
        Point down = dart.tip().minus(middle);
        return open(dart.mouth1(), dart.mouth1().plus(down))
                + open(dart.mouth2(), dart.mouth2().plus(down));
    }

    static String closed(List<Point> points) {
        return open(points.toArray(Point[]::new)) + 'Z';
    }

    static String open(Point... points) {
        StringBuilder d = new StringBuilder();
        for (Point p : points) {
            d.append(d.isEmpty() ? 'M' : 'L').append(String.format(Locale.ROOT, "%.1f %.1f", p.x(), p.y()));
        }
        return d.toString();
    }
}
