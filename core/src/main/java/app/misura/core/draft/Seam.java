package app.misura.core.draft;

import app.misura.core.geometry.Point;
import java.util.List;

/**
 * Edges that are sewn together: walk b against walk a, darts closed.
 *
 * @param easeLow length(b) - length(a) is at least this, mm
 * @param easeHigh and at most this
 * @param lengthA as walked on the flattened edges, {@code times x length - lessMm}
 * @param notches marks that meet when it is sewn
 * @param said what it is called on paper, such as {@code inside seam, front = back}
 */
public record Seam(
        String name,
        Walk a,
        Walk b,
        double easeLow,
        double easeHigh,
        double lengthA,
        double lengthB,
        List<Match> notches,
        Scope scope,
        String said) {
    /** How far a walked seam may lie outside its ease, and two notches from each other, mm. */
    public static final double TOLERANCE = 0.5;

    public Seam {
        notches = List.copyOf(notches);
    }

    /**
     * Two marks that meet.
     *
     * @param walkedA from the seam's start to the mark on a, as it was walked on the flattened edge
     * @param walkedB the same on b
     * @param apart by how much they miss each other, the seam's ease spread evenly on the way
     */
    public record Match(Point onA, Point onB, double walkedA, double walkedB, double apart) {}

    /** The name with its side, where the sides are drafted apart. */
    public String id() {
        return name + scope.suffix();
    }

    public double difference() {
        return lengthB - lengthA;
    }

    /** The largest distance between two of its notches that should meet, mm. */
    public double notchesApart() {
        return notches.stream().mapToDouble(m -> Math.abs(m.apart())).max().orElse(0);
    }

    public boolean holds() {
        return difference() >= easeLow - TOLERANCE
                && difference() <= easeHigh + TOLERANCE
                && notchesApart() <= TOLERANCE;
    }
}
