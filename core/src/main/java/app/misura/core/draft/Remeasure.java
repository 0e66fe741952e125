package app.misura.core.draft;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Measures what a target or a seam names on the flattened outlines of the pieces: never from the inputs. */
public final class Remeasure {
    private final Map<String, Piece> pieces;

    public Remeasure(List<Piece> pieces) {
        this.pieces = pieces.stream().collect(Collectors.toMap(Piece::name, Function.identity()));
    }

    private Piece piece(String name) {
        Piece piece = pieces.get(name);
        if (piece == null) {
            throw new IllegalArgumentException("no piece is called " + name);
        }
        return piece;
    }

    public double sum(Target.Sum of) {
        double sum = 0;
        for (LevelRef level : of.levels()) {
            sum += piece(level.piece()).level(level.level()).width();
        }
        for (EdgeRef edge : of.edges()) {
            sum += piece(edge.piece()).edge(edge.edge()).length();
            sum -= of.lessDarts() ? piece(edge.piece()).intake(edge.edge()) : 0;
        }
        for (EdgeRef edge : of.minus()) {
            sum -= piece(edge.piece()).edge(edge.edge()).length();
        }
        return of.times() * sum + of.plus();
    }

    public Target target(String name, Target.Kind kind, double expected, Target.Sum of) {
        return new Target(name, kind, "mm", expected, sum(of), 0.5, of);
    }

    /** Walks a seam; a mirrored piece's edge counts as often as it is cut where the seam goes round the whole body. */
    public Seam seam(
            String name,
            List<EdgeRef> a,
            List<EdgeRef> b,
            double easeLow,
            double easeHigh,
            double lessB,
            boolean round) {
        return new Seam(name, a, b, easeLow, easeHigh, lessB, walk(a, round), walk(b, round) - lessB);
    }

    private double walk(List<EdgeRef> edges, boolean round) {
        double sum = 0;
        for (EdgeRef ref : edges) {
            Piece piece = piece(ref.piece());
            double length = piece.edge(ref.edge()).length() - piece.intake(ref.edge());
            sum += round && piece.mirrored() ? piece.count() * length : length;
        }
        return sum;
    }
}
