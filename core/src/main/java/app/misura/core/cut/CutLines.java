package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.draft.PieceId;
import app.misura.core.garment.ChoiceDef;
import app.misura.core.garment.ChoiceSheet;
import app.misura.core.garment.Choices;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.length.TapeWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The lines to cut along, at the chosen allowances: one for each piece, or the word of the piece they do not fit. */
sealed interface CutLines {
    record Drawn(Map<PieceId, List<Point>> byPiece) implements CutLines {}

    /** A line that would cross itself. @param seam whether the seam's allowance alone does it */
    record Crossing(String piece, double seamMm, double hemMm, boolean seam) implements CutLines {
        String sentence(TapeWords tape) {
            return "The cut line of the " + piece.toLowerCase(Locale.ROOT) + " would cross itself at allowances of "
                    + tape.of(seamMm) + " and " + tape.said(hemMm) + " at the hem; choose smaller ones.";
        }

        List<ChoiceDef> choices(ChoiceSheet sheet) {
            return List.of(sheet.get(seam ? "seam" : "hem-allowance"));
        }
    }

    static CutLines of(Draft draft, Choices choices) {
        double seam = choices.numberOr0("seam");
        double hem = choices.numberOr0("hem-allowance");
        Map<PieceId, List<Point>> lines = new LinkedHashMap<>();
        for (Piece piece : draft.pieces()) {
            List<Point> line = Allowance.outline(piece, seam, hem);
            if (Polyline.crossesItself(line)) {
                boolean seamAlone = Polyline.crossesItself(Allowance.outline(piece, seam, 0));
                return new Crossing(piece.title(), seam, hem, seamAlone);
            }
            lines.put(piece.id(), line);
        }
        return new Drawn(lines);
    }
}
