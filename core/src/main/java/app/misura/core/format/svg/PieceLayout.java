package app.misura.core.format.svg;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where each piece of a cut lies on its picture: pieces with levels side by side at their own heights, small upright ones
 * beside them, what is long and flat below.
 *
 * @param placed each piece and how far it is moved, mm
 * @param large the pieces with levels, from left to right
 * @param type height of what is written, mm of the pieces
 */
record PieceLayout(List<Placed> placed, List<Piece> large, double top, double bottom, double width, double type) {
    private static final double GAP = 55;

    record Placed(Piece piece, double dx, double dy) {}

    static PieceLayout of(CutSpec spec, double type) {
        List<Piece> large = spec.draft().pieces().stream()
                .filter(p -> !p.levels().isEmpty())
                .toList();
        List<Placed> placed = new ArrayList<>();
        double labels = names(large, type);
        double x = labels;
        double top = large.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        double bottom = large.isEmpty() ? 0 : Double.NEGATIVE_INFINITY;
        for (Piece piece : large) {
            Box box = Box.of(spec.cutLine(piece));
            top = Math.min(top, box.top());
            bottom = Math.max(bottom, box.bottom());
            placed.add(new Placed(piece, x - box.left(), 0));
            double wide = PieceView.isNamedBelow(piece, type) ? PieceView.width(piece.title(), type) : 0;
            x += Math.max(box.width(), wide) + GAP;
        }
        bottom += large.stream().anyMatch(p -> PieceView.isNamedBelow(p, type)) ? type * 2.4 : 0;
        double y = top;
        double widest = 0;
        for (Piece piece : small(spec, false)) {
            Box box = Box.of(spec.cutLine(piece));
            placed.add(new Placed(piece, x - box.left(), y - box.top()));
            y += box.height() + GAP + type * 1.1 * PieceView.smallName(piece).size();
            widest = Math.max(widest, Math.max(box.width(), named(piece, type)) + 8);
        }
        double width = x + widest;
        bottom = Math.max(bottom, y - GAP);
        for (Piece piece : small(spec, true)) {
            Box box = Box.of(spec.cutLine(piece));
            placed.add(new Placed(piece, labels - box.left(), bottom + GAP / 2 - box.top()));
            bottom += GAP / 2 + box.height() + type * 1.2;
            width = Math.max(width, labels + box.width() + 8);
        }
        return new PieceLayout(placed, large, top, bottom, width, type);
    }

    /** What the names of the levels take at the left of the first piece. */
    private static double names(List<Piece> large, double type) {
        return large.stream()
                .limit(1)
                .flatMap(p -> Stream.concat(
                        p.levels().stream().map(Level::said),
                        Stream.of(p.edges().get(0).name())))
                .mapToDouble(name -> PieceView.width(name, type) + type)
                .max()
                .orElse(type);
    }

    /** How wide the name under a small piece is. */
    private static double named(Piece piece, double type) {
        return PieceView.smallName(piece).stream()
                .mapToDouble(line -> PieceView.width(line, type))
                .max()
                .orElse(0);
    }

    private static List<Piece> small(CutSpec spec, boolean flat) {
        return spec.draft().pieces().stream()
                .filter(p -> p.levels().isEmpty() && Box.of(spec.cutLine(p)).isFlat() == flat)
                .toList();
    }
}
