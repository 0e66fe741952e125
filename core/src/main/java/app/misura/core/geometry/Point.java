package app.misura.core.geometry;

/** A place, or a vector between places: millimetres, x across, y down. */
public record Point(double x, double y) {
    public static final Point ORIGIN = new Point(0, 0);

    public Point plus(Point v) {
        return new Point(x + v.x, y + v.y);
    }

    public Point minus(Point p) {
        return new Point(x - p.x, y - p.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** The place a share of the way to another: 0 here, 1 there. */
    public Point towards(Point p, double share) {
        return new Point(x + (p.x - x) * share, y + (p.y - y) * share);
    }

    /** Plainly by the root: no drawn length is large enough to overflow, and this is asked thousands of times a draft. */
    public double length() {
        return Math.sqrt(x * x + y * y);
    }

    public double distance(Point p) {
        return Math.sqrt((x - p.x) * (x - p.x) + (y - p.y) * (y - p.y));
    }

    public double dot(Point v) {
        return x * v.x + y * v.y;
    }

    /** Positive where v lies clockwise of this on the page (y points down). */
    public double cross(Point v) {
        return x * v.y - y * v.x;
    }

    /** The direction of this vector, of length one. @throws ArithmeticException if it has none */
    public Point unit() {
        double length = length();
        if (length < 1e-12) {
            throw new ArithmeticException("a vector of length nought has no direction");
        }
        return new Point(x / length, y / length);
    }

    /** A quarter turn clockwise on the page: to the right-hand side of the direction of travel. */
    public Point right() {
        return new Point(-y, x);
    }

    /** Turned clockwise on the page by an angle in radians. */
    public Point turned(double radians) {
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        return new Point(x * c - y * s, x * s + y * c);
    }
}
