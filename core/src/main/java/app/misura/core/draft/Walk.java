package app.misura.core.draft;

import java.util.List;

/**
 * One side of a seam: edges, one after the other, as a needle meets them.
 *
 * @param times how often they count: twice where a mirrored pair goes round the whole body
 * @param lessMm what of them is not sewn in this seam, such as an underlap
 */
public record Walk(List<EdgeRef> edges, int times, double lessMm) {
    public Walk {
        edges = List.copyOf(edges);
    }

    public static Walk along(String piece, String edge) {
        return new Walk(List.of(EdgeRef.of(piece, edge)), 1, 0);
    }

    public static Walk along(EdgeRef... edges) {
        return new Walk(List.of(edges), 1, 0);
    }

    public Walk times(int often) {
        return new Walk(edges, often, lessMm);
    }

    public Walk less(double mm) {
        return new Walk(edges, times, mm);
    }
}
