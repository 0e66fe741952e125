package app.misura.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Joins the drafts of two sides, by scope: no piece, edge or target is known by name. */
final class Joined {
    private static final List<Scope> SIDES = List.of(Scope.LEFT, Scope.RIGHT);

    private final Map<Scope, Draft> drafts;
    private final List<Piece> pieces = new ArrayList<>();
    private final Remeasure tape;

    Joined(Map<Scope, Draft> drafts) {
        this.drafts = drafts;
        for (Piece piece : of(Scope.LEFT).pieces()) {
            if (piece.cut() == Cut.PAIR) {
                SIDES.forEach(
                        side -> pieces.add(of(side).piece(piece.id().toString()).forSide(side)));
            } else {
                pieces.add(piece);
            }
        }
        this.tape = new Remeasure(pieces);
    }

    private Draft of(Scope side) {
        return Objects.requireNonNull(drafts.get(side));
    }

    Draft draft() {
        List<Seam> seams = new ArrayList<>();
        for (int i = 0; i < of(Scope.LEFT).seams().size(); i++) {
            Seam seam = of(Scope.LEFT).seams().get(i);
            if (seam.scope() == Scope.WHOLE) {
                seams.add(tape.again(seam, whole(seam.a()), whole(seam.b()), Scope.WHOLE));
            } else {
                for (Scope side : SIDES) {
                    Seam own = of(side).seams().get(i);
                    seams.add(tape.again(own, sided(own.a(), side), sided(own.b(), side), side));
                }
            }
        }
        return new Draft(pieces, seams, targets());
    }

    private List<Target> targets() {
        List<Target> targets = new ArrayList<>();
        for (Target target : of(Scope.LEFT).targets()) {
            if (target.scope() == Scope.WHOLE) {
                targets.add(whole(target));
            } else {
                SIDES.forEach(side -> targets.add(sided(of(side).target(target.id()), side)));
            }
        }
        return targets;
    }

    /** Twice one side becomes left and right. */
    private Target whole(Target target) {
        Target.Sum of = Objects.requireNonNull(target.of());
        if (of.times() == 1) {
            return target;
        }
        List<LevelRef> levels = new ArrayList<>();
        SIDES.forEach(side -> levels.addAll(levels(of.levels(), side)));
        Target.Sum both =
                new Target.Sum(1, levels, bothEdges(of.edges()), bothEdges(of.minus()), of.lessDarts(), of.plus());
        return tape.target(target.name(), target.kind(), target.expected(), both, Scope.WHOLE, target.said());
    }

    private Target sided(Target target, Scope side) {
        Target.Sum of = target.of();
        if (of == null) {
            return target.on(side);
        }
        Target.Sum own = new Target.Sum(
                of.times(),
                levels(of.levels(), side),
                edges(of.edges(), side),
                edges(of.minus(), side),
                of.lessDarts(),
                of.plus());
        return tape.target(target.name(), target.kind(), target.expected(), own, side, target.said());
    }

    /** A walk that went twice along a pair goes along its left, then its right piece. */
    private Walk whole(Walk walk) {
        return walk.times() == 1 ? walk : new Walk(bothEdges(walk.edges()), 1, walk.lessMm());
    }

    private Walk sided(Walk walk, Scope side) {
        return new Walk(edges(walk.edges(), side), walk.times(), walk.lessMm());
    }

    private List<EdgeRef> bothEdges(List<EdgeRef> edges) {
        List<EdgeRef> both = new ArrayList<>();
        SIDES.forEach(side -> both.addAll(edges(edges, side)));
        return both;
    }

    private List<EdgeRef> edges(List<EdgeRef> edges, Scope side) {
        return edges.stream()
                .map(e -> new EdgeRef(on(e.piece(), side), e.edge()))
                .toList();
    }

    private List<LevelRef> levels(List<LevelRef> levels, Scope side) {
        return levels.stream()
                .map(l -> new LevelRef(on(l.piece(), side), l.level()))
                .toList();
    }

    private PieceId on(PieceId id, Scope side) {
        return of(side).piece(id.toString()).cut() == Cut.PAIR ? id.on(side) : id;
    }
}
