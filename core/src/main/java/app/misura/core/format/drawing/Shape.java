package app.misura.core.format.drawing;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import java.util.List;

/** One line or word of a drawing, in millimetres, y down. */
public sealed interface Shape {
    /** Straight chords. */
    record Chords(List<Point> points, boolean closed, Pen pen) implements Shape {
        public Chords {
            points = List.copyOf(points);
        }
    }

    /** Lines and curves, exactly. @param name of the edge it is, for whoever reads the file */
    record Curve(String name, Path path, Pen pen) implements Shape {}

    /** @param heightMm of the type's em @param middle centred on the place, else beginning there */
    record Words(Point at, String text, double heightMm, boolean strong, boolean middle) implements Shape {}

    static Shape line(Point from, Point to, Pen pen) {
        return new Chords(List.of(from, to), false, pen);
    }
}
