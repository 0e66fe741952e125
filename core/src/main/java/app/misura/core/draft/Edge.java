package app.misura.core.draft;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Polyline;
import java.util.List;

/**
 * One named side of a piece, from corner to corner; smooth in between.
 *
 * @param of the promises this edge is part of, by name; for whoever points at a line of the table
 */
public record Edge(String name, Path path, Finish finish, List<String> of) {
    public Edge {
        of = List.copyOf(of);
    }

    public static Edge seam(String name, Path path, String... of) {
        return new Edge(name, path, Finish.SEAM, List.of(of));
    }

    public static Edge hem(String name, Path path, String... of) {
        return new Edge(name, path, Finish.HEM, List.of(of));
    }

    public static Edge fold(String name, Path path, String... of) {
        return new Edge(name, path, Finish.FOLD, List.of(of));
    }

    public static Edge raw(String name, Path path, String... of) {
        return new Edge(name, path, Finish.RAW, List.of(of));
    }

    /** As walked on the flattened line, mm. */
    public double length() {
        return Polyline.length(path.flatten());
    }
}
