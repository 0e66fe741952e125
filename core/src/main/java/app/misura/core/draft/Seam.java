package app.misura.core.draft;

import java.util.List;

/**
 * Edges that are sewn together: side b against side a, darts closed.
 *
 * @param easeLow length(b) - length(a) is at least this, mm
 * @param easeHigh and at most this
 * @param lessB what of side b runs beyond the seam (an underlap), mm
 * @param lengthA as walked on the flattened edges
 */
public record Seam(
        String name,
        List<EdgeRef> a,
        List<EdgeRef> b,
        double easeLow,
        double easeHigh,
        double lessB,
        double lengthA,
        double lengthB) {
    /** How far a walked seam may lie outside its ease, mm. */
    public static final double TOLERANCE = 0.5;

    public double difference() {
        return lengthB - lengthA;
    }

    public boolean holds() {
        return difference() >= easeLow - TOLERANCE && difference() <= easeHigh + TOLERANCE;
    }
}
