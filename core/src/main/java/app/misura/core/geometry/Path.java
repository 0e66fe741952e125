package app.misura.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Segments end to end: each begins exactly where the one before ends. Never empty.
 *
 * <p>{@code reversed} is its own inverse and keeps the length.
 */
public final class Path {
    /** How far a chord may lie from the line wherever an outline is measured or written, mm. */
    public static final double DEVIATION = 0.02;

    private final List<Segment> segments;
    /** Made when it is first asked for: a draft is measured on it again and again. Two threads may make the same twice. */
    private @Nullable List<Point> flat;

    private double length = Double.NaN;

    public Path(List<Segment> segments) {
        this.segments = List.copyOf(segments);
        if (segments.isEmpty()) {
            throw new IllegalArgumentException("a path has at least one segment");
        }
        for (int i = 1; i < segments.size(); i++) {
            if (!segments.get(i).start().equals(segments.get(i - 1).end())) {
                throw new IllegalArgumentException(
                        "segment " + i + " begins at " + segments.get(i).start() + ", not at "
                                + segments.get(i - 1).end());
            }
        }
    }

    public static Path of(Segment... segments) {
        return new Path(List.of(segments));
    }

    public List<Segment> segments() {
        return segments;
    }

    public Point start() {
        return segments.get(0).start();
    }

    public Point end() {
        return segments.get(segments.size() - 1).end();
    }

    public double length() {
        if (Double.isNaN(length)) {
            length = segments.stream().mapToDouble(Segment::length).sum();
        }
        return length;
    }

    public Path reversed() {
        List<Segment> turned = new ArrayList<>();
        for (int i = segments.size() - 1; i >= 0; i--) {
            turned.add(segments.get(i).reversed());
        }
        return new Path(turned);
    }

    /** The chords, with both ends, none further from the line than {@link #DEVIATION}. */
    public List<Point> flatten() {
        List<Point> known = flat;
        if (known == null) {
            List<Point> points = new ArrayList<>();
            points.add(start());
            for (Segment segment : segments) {
                segment.flattenInto(points, DEVIATION);
            }
            known = List.copyOf(points);
            flat = known;
        }
        return known;
    }

    /** The largest change of direction where two segments meet, degrees: nought on a smooth line. */
    public double largestCorner() {
        double largest = 0;
        for (int i = 1; i < segments.size(); i++) {
            Point in = segments.get(i - 1).endTangent();
            Point out = segments.get(i).startTangent();
            largest = Math.max(largest, Math.toDegrees(Math.abs(Math.atan2(in.cross(out), in.dot(out)))));
        }
        return largest;
    }

    /** The path in the letters of SVG: {@code M x y L x y C x y x y x y}, millimetres to a thousandth. */
    public String svg() {
        StringBuilder text = new StringBuilder("M ").append(pair(start()));
        for (Segment segment : segments) {
            if (segment instanceof Segment.Cubic cubic) {
                text.append(" C ")
                        .append(pair(cubic.handle1()))
                        .append(' ')
                        .append(pair(cubic.handle2()))
                        .append(' ')
                        .append(pair(cubic.end()));
            } else {
                text.append(" L ").append(pair(segment.end()));
            }
        }
        return text.toString();
    }

    private static String pair(Point p) {
        return String.format(Locale.ROOT, "%.3f %.3f", p.x(), p.y());
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Path path && path.segments.equals(segments);
    }

    @Override
    public int hashCode() {
        return segments.hashCode();
    }

    @Override
    public String toString() {
        return svg();
    }
}
