package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.geometry.Point;
import app.misura.core.measure.Side;
import java.util.List;
import java.util.Map;

/**
 * One view of a body: filled layers from back to front, then inner lines. Places are centimetres; x across as the view
 * sees it (not yet mirrored for the back), y up.
 *
 * @param frame what tapes and landmarks need to know of the position
 * @param arms the axes of the arms where they are seen whole; the right one mirrored to the left
 */
public record Figure(
        Body body, View view, List<Layer> layers, List<Line> lines, Frame frame, Map<Side, ArmFrame> arms) {

    /** What a filled shape is. */
    public enum Role {
        SHAPE,
        BODY,
        /** The near arm: its stroke is open at the top, so that it grows out of the body. */
        ARM,
        /** The near arm where a tape runs behind it. */
        GHOST,
        STOOL
    }

    public record Layer(Role role, List<Knot> knots, boolean closed, boolean thin) {}

    /** An inner line: a tapered sliver. @param width in units at figure height 780 @param strength opacity of the ink */
    public record Line(List<Knot> knots, double width, double startShare, double endShare, double strength) {}

    /**
     * @param dy how much the trunk is moved up (negative: down) from standing
     * @param dz how much the shin is moved forward when seated
     * @param seat height of the seat's surface; 0 when standing
     */
    public record Frame(double dy, double dz, double seat, double kneeX, double kneeY) {
        static final Frame STANDING = new Frame(0, 0, 0, 0, 0);
    }

    public Figure {
        layers = List.copyOf(layers);
        lines = List.copyOf(lines);
        arms = Map.copyOf(arms);
    }

    public static Figure of(Body body, View view) {
        return of(body, view, false);
    }

    /** @param ghostArm whether the near arm of a profile lets a tape behind it be seen */
    public static Figure of(Body body, View view, boolean ghostArm) {
        return switch (view) {
            case FRONT, BACK, ARM_OUT -> new Frontal(body, view).figure();
            case SIDE -> new Profile(body, ghostArm).standing();
            case SEATED -> new Profile(body, ghostArm).seated();
            case KNEELING -> new Profile(body, ghostArm).kneeling();
            case BENT -> new Profile(body, false).bent();
        };
    }

    /** Where a landmark lies in this view. @throws IllegalArgumentException if none has that name */
    public Point place(String landmark) {
        return new Landmarks(this).place(landmark).at();
    }

    /** Where a mark is set, in this view; none where it goes round the trunk. */
    public List<Point> places(Spot spot) {
        return spot.places().stream().map(this::place).toList();
    }

    /** The outline of the whole body in this view. */
    public List<Knot> outline() {
        return layers.stream()
                .filter(l -> l.role() == Role.BODY)
                .findFirst()
                .orElseThrow()
                .knots();
    }
}
