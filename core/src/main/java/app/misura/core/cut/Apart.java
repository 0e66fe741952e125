package app.misura.core.cut;

import app.misura.core.draft.Draft;
import app.misura.core.draft.EdgeRef;
import app.misura.core.draft.LevelRef;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Remeasure;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Joins the drafts of an uneven body's two sides into one garment, and measures it again as a whole. */
final class Apart {
    private static final Set<String> LEGS = Set.of("front", "back");
    private static final Set<String> OF_THE_WHOLE = Set.of("waist", "seat", "waistband");

    private Apart() {}

    static Draft join(Draft left, Draft right) {
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : left.pieces()) {
            if (LEGS.contains(piece.name())) {
                pieces.add(piece.forSide("left"));
                pieces.add(right.piece(piece.name()).forSide("right"));
            } else {
                pieces.add(piece);
            }
        }
        Remeasure tape = new Remeasure(pieces);
        List<Target> targets = new ArrayList<>();
        for (Target target : left.targets()) {
            if (OF_THE_WHOLE.contains(target.name())) {
                targets.add(whole(target, tape));
            } else {
                targets.add(sided(target, "left", tape));
                targets.add(sided(right.target(target.name()), "right", tape));
            }
        }
        List<Seam> seams = new ArrayList<>();
        for (Seam seam : left.seams()) {
            if (seam.name().equals("waistband")) {
                List<EdgeRef> a = new ArrayList<>(edges(seam.a(), "left"));
                a.addAll(edges(seam.a(), "right"));
                seams.add(tape.seam(seam.name(), a, seam.b(), seam.easeLow(), seam.easeHigh(), seam.lessB(), true));
            } else {
                for (String side : List.of("left", "right")) {
                    seams.add(tape.seam(
                            seam.name() + "-" + side,
                            edges(seam.a(), side),
                            edges(seam.b(), side),
                            seam.easeLow(),
                            seam.easeHigh(),
                            seam.lessB(),
                            false));
                }
            }
        }
        return new Draft(pieces, seams, targets);
    }

    /** Twice one side becomes left and right. */
    private static Target whole(Target target, Remeasure tape) {
        Target.Sum of = java.util.Objects.requireNonNull(target.of());
        if (of.times() == 1) {
            return target;
        }
        List<LevelRef> levels = new ArrayList<>(levels(of.levels(), "left"));
        levels.addAll(levels(of.levels(), "right"));
        List<EdgeRef> edges = new ArrayList<>(edges(of.edges(), "left"));
        edges.addAll(edges(of.edges(), "right"));
        return tape.target(
                target.name(),
                target.kind(),
                target.expected(),
                new Target.Sum(1, levels, edges, List.of(), of.lessDarts(), of.plus()));
    }

    private static Target sided(Target target, String side, Remeasure tape) {
        Target.Sum of = target.of();
        String name = target.name() + "-" + side;
        if (of == null) {
            return new Target(
                    name, target.kind(), target.unit(), target.expected(), target.measured(), target.tolerance(), null);
        }
        return tape.target(
                name,
                target.kind(),
                target.expected(),
                new Target.Sum(
                        of.times(),
                        levels(of.levels(), side),
                        edges(of.edges(), side),
                        edges(of.minus(), side),
                        of.lessDarts(),
                        of.plus()));
    }

    private static List<EdgeRef> edges(List<EdgeRef> edges, String side) {
        return edges.stream()
                .map(e -> LEGS.contains(e.piece()) ? new EdgeRef(e.piece() + "-" + side, e.edge()) : e)
                .toList();
    }

    private static List<LevelRef> levels(List<LevelRef> levels, String side) {
        return levels.stream()
                .map(l -> new LevelRef(l.piece() + "-" + side, l.level()))
                .toList();
    }
}
