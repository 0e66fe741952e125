package app.misura.core.draft;

import java.util.List;

/** Pieces with the seams that join them and the targets they keep: the drawing and its proof. */
public record Draft(List<Piece> pieces, List<Seam> seams, List<Target> targets) {
    public Draft {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        targets = List.copyOf(targets);
    }

    public Piece piece(String name) {
        return pieces.stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no piece is called " + name));
    }

    public Target target(String name) {
        return targets.stream()
                .filter(t -> t.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no target is called " + name));
    }

    /** Whether every seam and every target holds on the drawn line. */
    public boolean holds() {
        return targets.stream().allMatch(Target::holds) && seams.stream().allMatch(Seam::holds);
    }
}
