package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.draft.PieceId;
import app.misura.core.draft.Scope;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Estimate;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.geometry.Point;
import app.misura.core.length.TapeWords;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A promise in numbers: cut these pieces to these lines and the garment, sewn, measures this on a body that measures that.
 * Every target and seam was re-measured on the outlines given here.
 *
 * @param tape how the order's tape says its lengths
 * @param tables the version of the house's tables it was cut by
 * @param draft without pieces where nothing is drawn for this garment yet
 * @param cutLines the line to cut along, by piece
 * @param chain how each finished measure came about, in the order of the table
 * @param openings what must pass over what
 * @param cautions what to look at, one sentence each
 * @param notes what was decided for the cutter, one sentence each
 */
public record CutSpec(
        Garment garment,
        TapeWords tape,
        int tables,
        Choices choices,
        Draft draft,
        Map<PieceId, List<Point>> cutLines,
        List<Entry> chain,
        List<Estimate> estimates,
        List<Opening> openings,
        List<String> cautions,
        List<String> notes) {
    public CutSpec {
        cutLines = Map.copyOf(cutLines);
        chain = List.copyOf(chain);
        estimates = List.copyOf(estimates);
        openings = List.copyOf(openings);
        cautions = List.copyOf(cautions);
        notes = List.copyOf(notes);
    }

    /** One line of the chain, of the whole garment or of one side of it. */
    public record Entry(ChainLine line, Scope scope) {
        /** The target's name that it gives. */
        public String id() {
            return line.name() + scope.suffix();
        }
    }

    public List<Point> cutLine(Piece piece) {
        return Objects.requireNonNull(cutLines.get(piece.id()), () -> "no cut line of " + piece.id());
    }

    /** @throws IllegalArgumentException if there is no such line */
    public ChainLine line(String id) {
        return chain.stream()
                .filter(e -> e.id().equals(id))
                .findFirst()
                .map(Entry::line)
                .orElseThrow(() -> new IllegalArgumentException("no line is called " + id));
    }

    /** Whether pieces are drawn. */
    public boolean isDrawn() {
        return !draft.pieces().isEmpty();
    }

    /** Openings that were proved not to pass. */
    public List<Opening> closed() {
        return openings.stream().filter(o -> o.proved() && !o.holds()).toList();
    }

    /** Whether every promise holds on the drawn line and every edge passes what was read. */
    public boolean holds() {
        return draft.holds() && closed().isEmpty();
    }
}
