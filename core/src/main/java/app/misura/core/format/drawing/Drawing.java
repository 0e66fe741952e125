package app.misura.core.format.drawing;

import app.misura.core.geometry.Point;
import java.util.List;

/**
 * Groups of shapes on a sheet of so many millimetres.
 *
 * @param groups drawn in order, each moved by its own place
 */
public record Drawing(String title, double widthMm, double heightMm, List<Group> groups) {

    /**
     * @param name of the piece it is
     * @param at where its own (0, 0) lies on the sheet
     * @param turned whether it lies a quarter turn clockwise, its words too
     */
    public record Group(String name, Point at, boolean turned, List<Shape> shapes) {
        public Group {
            shapes = List.copyOf(shapes);
        }

        /** Where one of its places lies on the sheet. */
        public Point onSheet(Point own) {
            return at.plus(turned ? turn(own) : own);
        }

        /** A quarter turn clockwise about (0, 0). */
        public static Point turn(Point p) {
            return new Point(-p.y(), p.x());
        }
    }

    public Drawing {
        groups = List.copyOf(groups);
    }
}
