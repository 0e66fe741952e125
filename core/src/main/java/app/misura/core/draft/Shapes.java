package app.misura.core.draft;

import app.misura.core.geometry.Polyline;
import java.util.List;

/** What every block promises of its pieces besides lengths: the picture must be right too. */
public final class Shapes {
    /** No edge turns by more inside, degrees: it would be a corner. */
    private static final double SMOOTH = 1;

    private Shapes() {}

    /** Edges without corners, outlines that do not cross themselves, levels in order down the piece. */
    public static List<Target> of(List<Piece> pieces) {
        return List.of(
                Target.shape(
                        "smooth-edges",
                        Target.Kind.CEILING,
                        Quantity.DEGREES,
                        SMOOTH,
                        largestCorner(pieces),
                        "edges smooth"),
                Target.shape(
                        "no-crossing",
                        Target.Kind.CEILING,
                        Quantity.SHARE,
                        0,
                        crosses(pieces) ? 1 : 0,
                        "no outline crosses itself"),
                Target.shape(
                        "levels-in-order",
                        Target.Kind.FLOOR,
                        Quantity.MM,
                        0,
                        leastDrop(pieces),
                        "levels in order down the leg"));
    }

    private static double largestCorner(List<Piece> pieces) {
        double corner = 0;
        for (Piece piece : pieces) {
            for (Edge edge : piece.edges()) {
                corner = Math.max(corner, edge.path().largestCorner());
            }
        }
        return corner;
    }

    private static boolean crosses(List<Piece> pieces) {
        return pieces.stream().anyMatch(p -> Polyline.crossesItself(p.outline()));
    }

    /** The least that one level lies under the one before, mm: negative where a piece folds back on itself. */
    private static double leastDrop(List<Piece> pieces) {
        double least = Double.POSITIVE_INFINITY;
        for (Piece piece : pieces) {
            for (int i = 1; i < piece.levels().size(); i++) {
                Level above = piece.levels().get(i - 1);
                Level below = piece.levels().get(i);
                least = Math.min(least, below.from().y() - above.from().y());
                least = Math.min(least, below.to().y() - above.to().y());
            }
        }
        return least;
    }
}
