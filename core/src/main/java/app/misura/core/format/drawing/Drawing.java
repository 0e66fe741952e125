package app.misura.core.format.drawing;

import app.misura.core.geometry.Point;
import java.util.List;

/**
 * Groups of shapes on a sheet of so many millimetres.
 *
 * @param groups drawn in order, each moved by its own place
 */
public record Drawing(String title, double widthMm, double heightMm, List<Group> groups) {

    /** @param name of the piece it is @param at where its own (0, 0) lies on the sheet */
    public record Group(String name, Point at, List<Shape> shapes) {
        public Group {
            shapes = List.copyOf(shapes);
        }
    }

    public Drawing {
        groups = List.copyOf(groups);
    }
}
