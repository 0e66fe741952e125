package app.misura.core.draft;

import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Measures what a target or a seam names on the flattened outlines of the pieces: never from the inputs. */
public final class Remeasure {
    private final Map<PieceId, Piece> pieces;

    public Remeasure(List<Piece> pieces) {
        this.pieces = pieces.stream().collect(Collectors.toMap(Piece::id, Function.identity()));
    }

    private Piece piece(PieceId id) {
        Piece piece = pieces.get(id);
        if (piece == null) {
            throw new IllegalArgumentException("no piece is called " + id);
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

    /** A length that is promised, as it was drawn. */
    public Target target(String name, Target.Kind kind, double expected, Target.Sum of, Scope scope, String said) {
        return new Target(name, kind, Quantity.MM, expected, sum(of), Target.TOLERANCE, of, scope, said);
    }

    /** A seam as it was drawn; its marks meet at those distances from the start of walk a. */
    public Seam seam(Seams.Plan plan) {
        double lengthA = length(plan.a());
        double lengthB = length(plan.b());
        List<Seam.Match> matches = new ArrayList<>();
        for (double at : plan.notchesAt()) {
            Point onA = place(plan.a(), at);
            Point onB = place(plan.b(), at * lengthB / lengthA);
            matches.add(match(plan.a(), plan.b(), onA, onB));
        }
        return new Seam(
                plan.name(),
                plan.a(),
                plan.b(),
                plan.easeLow(),
                plan.easeHigh(),
                lengthA,
                lengthB,
                matches,
                plan.scope(),
                plan.said());
    }

    /** The same seam walked anew on these pieces. */
    public Seam again(Seam seam, Walk a, Walk b, Scope scope) {
        List<Seam.Match> matches =
                seam.notches().stream().map(m -> match(a, b, m.onA(), m.onB())).toList();
        return new Seam(
                seam.name(), a, b, seam.easeLow(), seam.easeHigh(), length(a), length(b), matches, scope, seam.said());
    }

    private Seam.Match match(Walk a, Walk b, Point onA, Point onB) {
        double walkedA = walked(a, onA);
        double walkedB = walked(b, onB);
        return new Seam.Match(onA, onB, walkedA, walkedB, walkedB - walkedA * length(b) / length(a));
    }

    /** {@code times x length - lessMm}, darts closed. */
    private double length(Walk walk) {
        double sum = 0;
        for (EdgeRef ref : walk.edges()) {
            Piece piece = piece(ref.piece());
            sum += piece.edge(ref.edge()).length() - piece.intake(ref.edge());
        }
        return walk.times() * sum - walk.lessMm();
    }

    private List<Point> line(Walk walk) {
        if (walk.edges().size() != 1) {
            throw new IllegalArgumentException("marks are matched on seams of one edge each side");
        }
        EdgeRef ref = walk.edges().get(0);
        return piece(ref.piece()).edge(ref.edge()).path().flatten();
    }

    private Point place(Walk walk, double at) {
        return Polyline.along(line(walk), at);
    }

    private double walked(Walk walk, Point mark) {
        return Polyline.walkedTo(line(walk), mark);
    }
}
