package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Piece;
import app.misura.core.format.drawing.Drawing;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Where each piece lies on the sheet. Pieces stand in rows, as many side by side as the sheet is wide, those with levels
 * at their own heights; long flat ones lie below, or stand turned where the sheet is too narrow for them.
 *
 * @param width of the sheet, mm, with its margin
 * @param height down to where the next thing may lie
 */
record PieceFloor(List<Laid> laid, double width, double height) {
    /** Between pieces, and between them and the sheet's edge, mm. */
    static final double GAP = 25;

    /** @param at where the piece's own (0, 0) lies */
    record Laid(Piece piece, Point at, boolean turned) {}

    /** @param most how wide the sheet may be, mm; a piece that is wider both ways makes it wider */
    static PieceFloor of(CutSpec spec, double most) {
        Rows rows = new Rows(most);
        List<Piece> flat = new ArrayList<>();
        double common = spec.draft().pieces().stream()
                .filter(p -> !p.levels().isEmpty())
                .mapToDouble(p -> Box.of(spec.cutLine(p)).top())
                .min()
                .orElse(0);
        for (Piece piece : spec.draft().pieces()) {
            Box box = Box.of(spec.cutLine(piece));
            if (box.isFlat()) {
                flat.add(piece);
            } else {
                rows.put(piece, box, piece.levels().isEmpty() ? box.top() : common, false);
            }
        }
        for (Piece piece : flat) {
            List<Point> line = spec.cutLine(piece);
            Box box = Box.of(line);
            if (box.width() + 2 * GAP > most) {
                Box turned = Box.of(line.stream().map(Drawing.Group::turn).toList());
                rows.put(piece, turned, turned.top(), true);
            } else {
                rows.begin();
                rows.put(piece, box, box.top(), false);
                rows.begin();
            }
        }
        rows.begin();
        return new PieceFloor(rows.laid, rows.width, rows.y);
    }

    private static final class Rows {
        private final double most;
        private final List<Laid> laid = new ArrayList<>();
        private double x = GAP;
        private double y = GAP;
        private double tall;
        private double width;

        Rows(double most) {
            this.most = most;
        }

        /** The next piece begins a row of its own. */
        void begin() {
            if (x > GAP) {
                y += tall + GAP;
                x = GAP;
                tall = 0;
            }
        }

        /** @param top what of the piece lies at the row's top */
        void put(Piece piece, Box box, double top, boolean turned) {
            if (x + box.width() + GAP > most) {
                begin();
            }
            laid.add(new Laid(piece, new Point(x - box.left(), y - top), turned));
            x += box.width() + GAP;
            width = Math.max(width, x);
            tall = Math.max(tall, box.bottom() - top);
        }
    }
}
