package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** What is drawn of a figure so far: shapes from back to front, and the lines within them. */
final class Canvas {
    /** Lines fainter than this are fainter still on a child, whose flesh shows less of what lies beneath. */
    private static final double FIRM = 0.6;

    private final List<Figure.Layer> layers = new ArrayList<>();
    private final List<Figure.Line> lines = new ArrayList<>();

    void layer(Figure.Role role, List<Knot> knots, boolean closed, boolean thin) {
        layers.add(new Figure.Layer(role, knots, closed, thin));
    }

    void shape(List<Knot> knots, boolean closed) {
        layer(Figure.Role.SHAPE, knots, closed, false);
    }

    /** A line that swells in its middle. @param a and {@code z}: the share of its width at start and end */
    void line(double width, double a, double z, double strength, Knot... knots) {
        lines.add(new Figure.Line(List.of(knots), width, a, z, strength));
    }

    /** The same line on both sides, given for the left. */
    void both(double width, double a, double z, double strength, Function<Side, List<Knot>> of) {
        for (Side side : Side.values()) {
            lines.add(new Figure.Line(sided(side, of.apply(side)), width, a, z, strength));
        }
    }

    static List<Knot> sided(Side side, List<Knot> knots) {
        return side == Side.RIGHT ? Knot.mirrored(knots) : knots;
    }

    Figure figure(Body body, View view, Figure.Frame frame) {
        return figure(body, view, frame, Map.of());
    }

    Figure figure(Body body, View view, Figure.Frame frame, Map<Side, ArmFrame> arms) {
        return new Figure(
                body,
                view,
                layers,
                lines.stream().map(l -> faded(l, body.child())).toList(),
                frame,
                arms);
    }

    private static Figure.Line faded(Figure.Line l, double child) {
        return l.strength() >= FIRM
                ? l
                : new Figure.Line(l.knots(), l.width(), l.startShare(), l.endShare(), l.strength() * (1 - 0.5 * child));
    }
}
