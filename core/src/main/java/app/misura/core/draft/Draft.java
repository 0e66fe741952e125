package app.misura.core.draft;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Pieces with the seams that join them and the targets they keep: the drawing and its proof.
 *
 * <p>{@code draft.with(other)} puts two blocks side by side; {@code Draft.joined(left, right)} makes one garment of two
 * sides drafted apart.
 */
public record Draft(List<Piece> pieces, List<Seam> seams, List<Target> targets) {
    /** Two outlines nearer than this everywhere are one: under the width of a chalk line, mm. */
    private static final double ONE_OUTLINE = 0.2;

    public Draft {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        targets = List.copyOf(targets);
    }

    public Piece piece(String id) {
        return pieces.stream()
                .filter(p -> p.id().toString().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no piece is called " + id));
    }

    public Target target(String id) {
        return targets.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no target is called " + id));
    }

    /** Whether every seam and every target holds on the drawn line. */
    public boolean holds() {
        return targets.stream().allMatch(Target::holds) && seams.stream().allMatch(Seam::holds);
    }

    /** What does not hold, by the words it has on paper. */
    public List<String> broken() {
        List<String> broken = new ArrayList<>();
        targets.stream()
                .filter(t -> !t.holds())
                .forEach(t -> broken.add(t.said() + t.scope().words()));
        seams.stream()
                .filter(s -> !s.holds())
                .forEach(s -> broken.add(s.said() + s.scope().words()));
        return broken;
    }

    /** The largest difference between a length that must be equal and the drawn one, mm. */
    public double largestDifference() {
        return targets.stream()
                .filter(t -> t.kind() == Target.Kind.EQUAL && t.quantity() == Quantity.MM)
                .mapToDouble(t -> Math.abs(t.difference()))
                .max()
                .orElse(0);
    }

    /** Both drafts together. */
    public Draft with(Draft other) {
        List<Piece> both = new ArrayList<>(pieces);
        both.addAll(other.pieces);
        List<Seam> joined = new ArrayList<>(seams);
        joined.addAll(other.seams);
        List<Target> kept = new ArrayList<>(targets);
        kept.addAll(other.targets);
        return new Draft(both, joined, kept);
    }

    /** The same as the draft of one side: of two bodies each is drafted by itself. */
    public Draft onSide(Scope side) {
        return new Sided(this, side).draft();
    }

    /** Whether the outlines are the same, to a chalk line: then one draft serves both sides. */
    public boolean isSameOutline(Draft other) {
        if (pieces.size() != other.pieces.size()) {
            return false;
        }
        for (Piece piece : pieces) {
            List<Point> mine = piece.outline();
            List<Point> theirs = other.piece(piece.id().toString()).outline();
            if (mine.size() != theirs.size()) {
                return false;
            }
            for (int i = 0; i < mine.size(); i++) {
                if (mine.get(i).distance(theirs.get(i)) > ONE_OUTLINE) {
                    return false;
                }
            }
        }
        return true;
    }

    /**
     * Two drafts of one block, one for each side of an uneven body, as one garment that is measured again: what is cut as
     * a pair is cut once for each side; what is promised of the whole is measured over both.
     */
    public static Draft joined(Draft left, Draft right) {
        return new Joined(Map.of(Scope.LEFT, left, Scope.RIGHT, right)).draft();
    }
}
