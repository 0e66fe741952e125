package app.misura.core.draft;

import app.misura.core.geometry.Path;

/** One named side of a piece, from corner to corner; smooth in between. */
public record Edge(String name, Path path) {
    public double length() {
        return app.misura.core.geometry.Polyline.length(path.flatten());
    }
}
