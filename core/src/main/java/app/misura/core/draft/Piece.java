package app.misura.core.draft;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * An outline to be cut. Its edges follow each other clockwise on the page and close the outline without gap or overlap.
 *
 * @param cut how often it is cut
 * @param title what stands on it, such as {@code Front}
 * @param grain from and to, along the warp
 * @param internal lines to be pressed or folded
 */
public record Piece(
        PieceId id,
        Cut cut,
        String title,
        List<Edge> edges,
        Map<String, Point> points,
        List<Level> levels,
        List<Point> grain,
        List<Notch> notches,
        List<Dart> darts,
        List<List<Point>> internal) {

    public Piece {
        edges = List.copyOf(edges);
        points = Collections.unmodifiableMap(new LinkedHashMap<>(points));
        levels = List.copyOf(levels);
        grain = List.copyOf(grain);
        notches = List.copyOf(notches);
        darts = List.copyOf(darts);
        internal = List.copyOf(internal);
        for (int i = 0; i < edges.size(); i++) {
            Point end = edges.get(i).path().end();
            Point next = edges.get((i + 1) % edges.size()).path().start();
            if (!end.equals(next)) {
                throw new IllegalArgumentException(
                        id + ": edge " + edges.get(i).name() + " ends at " + end + ", the next begins at " + next);
            }
        }
    }

    /** A piece of edges alone; {@code withX} adds what else is on it. */
    public static Piece of(String word, Cut cut, String title, List<Edge> edges) {
        return new Piece(
                PieceId.of(word), cut, title, edges, Map.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    public Piece withPoints(Map<String, Point> named) {
        return new Piece(id, cut, title, edges, named, levels, grain, notches, darts, internal);
    }

    public Piece withLevels(List<Level> drawn) {
        return new Piece(id, cut, title, edges, points, drawn, grain, notches, darts, internal);
    }

    public Piece withGrain(Point from, Point to) {
        return new Piece(id, cut, title, edges, points, levels, List.of(from, to), notches, darts, internal);
    }

    /** With further notches. */
    public Piece withNotches(List<Notch> more) {
        List<Notch> all = new ArrayList<>(notches);
        all.addAll(more);
        return new Piece(id, cut, title, edges, points, levels, grain, all, darts, internal);
    }

    public Piece withDarts(List<Dart> sewn) {
        return new Piece(id, cut, title, edges, points, levels, grain, notches, sewn, internal);
    }

    public Piece withInternal(List<List<Point>> lines) {
        return new Piece(id, cut, title, edges, points, levels, grain, notches, darts, lines);
    }

    public Edge edge(String edge) {
        return edges.stream()
                .filter(e -> e.name().equals(edge))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(id + " has no edge " + edge));
    }

    public Level level(String level) {
        return levels.stream()
                .filter(l -> l.name().equals(level))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(id + " has no level " + level));
    }

    /** The flattened outline, closed without repeating its first point. */
    public List<Point> outline() {
        List<Point> outline = new ArrayList<>();
        for (Edge edge : edges) {
            List<Point> points = edge.path().flatten();
            for (int i = 0; i < points.size() - 1; i++) {
                outline.add(points.get(i));
            }
        }
        return outline;
    }

    /** What darts and pleats take out of an edge, mm. */
    public double intake(String edge) {
        return darts.stream()
                .filter(d -> d.edge().equals(edge))
                .mapToDouble(Dart::intake)
                .sum();
    }

    /** The same piece for one side of the body; one that is not cut as a pair serves both and stays as it is. */
    public Piece forSide(Scope side) {
        return cut != Cut.PAIR ? this : cutFor(side, Cut.EACH_SIDE);
    }

    /** The same piece as one of that side alone; what is cut twice for one place still is. */
    Piece ofSide(Scope side) {
        return cutFor(side, cut == Cut.DOUBLED ? cut : Cut.EACH_SIDE);
    }

    private Piece cutFor(Scope side, Cut often) {
        return new Piece(id.on(side), often, title, edges, points, levels, grain, notches, darts, internal);
    }
}
