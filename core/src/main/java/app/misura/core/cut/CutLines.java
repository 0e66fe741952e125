package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.draft.PieceId;
import app.misura.core.garment.ChoiceDef;
import app.misura.core.garment.ChoiceSheet;
import app.misura.core.garment.Choices;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The lines to cut along, at the chosen allowances: one for each piece, or the word of the piece they do not fit. */
sealed interface CutLines {
    record Drawn(Map<PieceId, List<Point>> byPiece) implements CutLines {}

    /** A line that would cross itself. @param seam whether the seam's allowance alone does it */
    record Crossing(String piece, double seamMm, double hemMm, boolean seam) implements CutLines {
        String sentence() {
            return String.format(
                    Locale.ROOT,
                    "The cut line of the %s would cross itself at allowances of %.1f and %.1f cm at the hem; choose smaller"
                            + " ones.",
                    piece.toLowerCase(Locale.ROOT),
                    seamMm / 10,
                    hemMm / 10);
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
