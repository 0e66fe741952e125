package app.misura.core.draft;

import app.misura.core.geometry.Point;

/**
 * A straight line across a piece at one height; both ends lie on its outline.
 *
 * @param said what stands beside it on a drawing
 */
public record Level(String name, Point from, Point to, String said) {
    public double width() {
        return from.distance(to);
    }
}
