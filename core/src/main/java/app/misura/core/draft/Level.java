package app.misura.core.draft;

import app.misura.core.geometry.Point;

/** A straight line across a piece at one height; both ends lie on its outline. */
public record Level(String name, Point from, Point to) {
    public double width() {
        return from.distance(to);
    }
}
