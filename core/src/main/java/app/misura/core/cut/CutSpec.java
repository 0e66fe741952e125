package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Estimate;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.geometry.Point;
import java.util.List;
import java.util.Map;

/**
 * A promise in numbers: cut these pieces to these lines and the garment, sewn, measures this on a body that measures
 * that. Every target and seam was re-measured on the outlines given here, and holds.
 *
 * @param cutLines the line to cut along, by piece
 * @param cautions what to look at, one sentence each
 */
public record CutSpec(
        TrousersChoices choices,
        Draft draft,
        Map<String, List<Point>> cutLines,
        List<ChainLine> chain,
        List<Estimate> estimates,
        List<Opening> openings,
        List<String> cautions) {

    public List<Point> cutLine(Piece piece) {
        return java.util.Objects.requireNonNull(cutLines.get(piece.name()));
    }

    public ChainLine line(String name) {
        return chain.stream()
                .filter(c -> c.line().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no line is called " + name));
    }

    /** The largest difference between a length that must be equal and the drawn one, mm. */
    public double largestDifference() {
        return draft.targets().stream()
                .filter(t -> t.kind() == app.misura.core.draft.Target.Kind.EQUAL
                        && t.unit().equals("mm"))
                .mapToDouble(t -> Math.abs(t.difference()))
                .max()
                .orElse(0);
    }
}
