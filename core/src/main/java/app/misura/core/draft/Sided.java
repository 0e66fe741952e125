package app.misura.core.draft;

import java.util.List;

/** A draft as that of one side: every piece, seam and promise carries it. */
final class Sided {
    private final Draft draft;
    private final Scope side;
    private final Remeasure tape;

    Sided(Draft draft, Scope side) {
        this.draft = draft;
        this.side = side;
        this.tape = new Remeasure(pieces());
    }

    private List<Piece> pieces() {
        return draft.pieces().stream().map(p -> p.ofSide(side)).toList();
    }

    Draft draft() {
        return new Draft(
                pieces(),
                draft.seams().stream()
                        .map(s -> tape.again(s, on(s.a()), on(s.b()), side))
                        .toList(),
                draft.targets().stream().map(this::on).toList());
    }

    private Target on(Target target) {
        Target.Sum of = target.of();
        if (of == null) {
            return target.on(side);
        }
        Target.Sum own = new Target.Sum(
                of.times(), levels(of.levels()), edges(of.edges()), edges(of.minus()), of.lessDarts(), of.plus());
        return tape.target(target.name(), target.kind(), target.expected(), own, side, target.said());
    }

    private Walk on(Walk walk) {
        return new Walk(edges(walk.edges()), walk.times(), walk.lessMm());
    }

    private List<EdgeRef> edges(List<EdgeRef> edges) {
        return edges.stream()
                .map(e -> new EdgeRef(e.piece().on(side), e.edge()))
                .toList();
    }

    private List<LevelRef> levels(List<LevelRef> levels) {
        return levels.stream()
                .map(l -> new LevelRef(l.piece().on(side), l.level()))
                .toList();
    }
}
