package app.misura.core.format.svg;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * Where each piece of a cut lies on its picture: pieces with levels side by side at their own heights, small upright ones
 * beside them, what is long and flat below.
 *
 * @param placed each piece and how far it is moved, mm
 * @param large the pieces with levels, from left to right
 */
record PieceLayout(List<Placed> placed, List<Piece> large, double top, double bottom, double width) {
    private static final double GAP = 55;
    /** Room at the left for the names of levels. */
    private static final double LABELS = 112;
    /** Room beside a small piece for its name. */
    private static final double SMALL_NAME = 60;

    record Placed(Piece piece, double dx, double dy) {}

    static PieceLayout of(CutSpec spec) {
        List<Piece> large = spec.draft().pieces().stream()
                .filter(p -> !p.levels().isEmpty())
                .toList();
        List<Placed> placed = new ArrayList<>();
        double labels = Math.max(LABELS, names(large));
        double x = labels;
        double top = large.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        double bottom = large.isEmpty() ? 0 : Double.NEGATIVE_INFINITY;
        for (Piece piece : large) {
            Box box = Box.of(spec.cutLine(piece));
            top = Math.min(top, box.top());
            bottom = Math.max(bottom, box.bottom());
            placed.add(new Placed(piece, x - box.left(), 0));
            double wide = PieceView.isNamedBelow(piece) ? PieceView.width(piece.title(), PieceView.TYPE) : 0;
            x += Math.max(box.width(), wide) + GAP;
        }
        bottom += large.stream().anyMatch(PieceView::isNamedBelow) ? PieceView.TYPE * 2.4 : 0;
        double y = top;
        double widest = 0;
        for (Piece piece : small(spec, false)) {
            Box box = Box.of(spec.cutLine(piece));
            placed.add(new Placed(piece, x - box.left(), y - box.top()));
            y += box.height() + GAP;
            widest = Math.max(widest, box.width() + SMALL_NAME);
        }
        double width = x + widest;
        bottom = Math.max(bottom, y - GAP);
        for (Piece piece : small(spec, true)) {
            Box box = Box.of(spec.cutLine(piece));
            placed.add(new Placed(piece, labels - box.left(), bottom + GAP / 2 - box.top()));
            bottom += GAP / 2 + box.height() + PieceView.TYPE * 1.2;
            width = Math.max(width, labels + box.width() + 8);
        }
        return new PieceLayout(placed, large, top, bottom, width);
    }

    /** What the names of the levels take at the left of the first piece. */
    private static double names(List<Piece> large) {
        return large.stream()
                .limit(1)
                .flatMap(p -> p.levels().stream())
                .mapToDouble(l -> PieceView.width(l.said(), PieceView.TYPE) + PieceView.TYPE / 2)
                .max()
                .orElse(0);
    }

    private static List<Piece> small(CutSpec spec, boolean flat) {
        return spec.draft().pieces().stream()
                .filter(p -> p.levels().isEmpty() && Box.of(spec.cutLine(p)).isFlat() == flat)
                .toList();
    }
}
