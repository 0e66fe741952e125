package app.misura.core.geometry;

import java.util.List;

/** The upright rectangle that just holds some points: millimetres, y down. */
public record Box(double left, double top, double right, double bottom) {

    /** @throws IllegalArgumentException if there are no points */
    public static Box of(List<Point> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("no points, no box");
        }
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Point p : points) {
            left = Math.min(left, p.x());
            top = Math.min(top, p.y());
            right = Math.max(right, p.x());
            bottom = Math.max(bottom, p.y());
        }
        return new Box(left, top, right, bottom);
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return bottom - top;
    }

    /** Whether it is more than twice as wide as high. */
    public boolean isFlat() {
        return width() > 2 * height();
    }
}
