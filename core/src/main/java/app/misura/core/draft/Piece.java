package app.misura.core.draft;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * An outline to be cut. Its edges follow each other clockwise on the page and close the outline without gap or overlap.
 *
 * @param count how many are cut
 * @param mirrored whether the second is the mirror image
 * @param side left or right where the sides are drafted apart, else null
 * @param grain from and to, along the warp
 */
public record Piece(
        String name,
        int count,
        boolean mirrored,
        @Nullable String side,
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
                        name + ": edge " + edges.get(i).name() + " ends at " + end + ", the next begins at " + next);
            }
        }
    }

    public Edge edge(String edge) {
        return edges.stream()
                .filter(e -> e.name().equals(edge))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(name + " has no edge " + edge));
    }

    public Level level(String level) {
        return levels.stream()
                .filter(l -> l.name().equals(level))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(name + " has no level " + level));
    }

    public boolean hasEdge(String edge) {
        return edges.stream().anyMatch(e -> e.name().equals(edge));
    }

    /** The flattened outline, closed without repeating its first point. */
    public List<Point> outline() {
        List<Point> outline = new ArrayList<>();
        for (Edge edge : edges) {
            List<Point> points = edge.path().flatten();
            outline.addAll(points.subList(0, points.size() - 1));
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

    /** The same piece under another name, for one side of the body. */
    public Piece forSide(String sideWord) {
        return new Piece(
                name + "-" + sideWord, 1, false, sideWord, edges, points, levels, grain, notches, darts, internal);
    }
}
