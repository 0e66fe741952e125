package app.misura.core.block.trousers;

import app.misura.core.draft.Dart;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The upper edge of one piece, from the side to the centre, with what is folded away in it. Darts are trued: the edge
 * meets both legs squarely, so that it is smooth when the dart is closed, and passes over the mouth in a low roof.
 */
final class WaistLine {
    private final Point side;
    private final Point centre;
    private final Point atSide;
    private final Point atCentre;

    /** @param down direction of the centre line at its top, downwards */
    WaistLine(Point side, Point centre, Point down, double mostOffSquareDegrees) {
        this.side = side;
        this.centre = centre;
        Point chord = centre.minus(side).unit();
        Point square = new Point(down.y(), -down.x());
        double turn = Math.atan2(chord.cross(square), chord.dot(square));
        double ease = Math.toRadians(mostOffSquareDegrees);
        double kept = Math.signum(turn) * Math.max(0, Math.abs(turn) - ease);
        this.atCentre = chord.turned(kept);
        this.atSide = chord.turned(-0.6 * kept);
    }

    /** Angle between the edge and a right angle to the centre line, degrees. */
    double offSquare(Point down) {
        Point square = new Point(down.y(), -down.x());
        return Math.toDegrees(Math.abs(Math.atan2(square.cross(atCentre), square.dot(atCentre))));
    }

    /** One fold: where along the edge (share from the side), how much it takes in, how long it is. */
    record Fold(Dart.Kind kind, double share, double intake, double length) {}

    record Drawn(Path edge, List<Dart> darts) {
        double closedLength() {
            return edge.length() - darts.stream().mapToDouble(Dart::intake).sum();
        }
    }

    Drawn draw(List<Fold> folds) {
        Segment.Cubic base = Segment.Cubic.hermite(side, atSide, 0.33, atCentre, 0.33, centre);
        List<Segment> segments = new ArrayList<>();
        List<Dart> darts = new ArrayList<>();
        Point from = side;
        Point direction = atSide;
        for (Fold fold : folds) {
            Point place = base.at(fold.share());
            Point along = base.velocity(fold.share()).unit();
            Point inward = along.right();
            double half = fold.kind() == Dart.Kind.DART ? Math.atan2(fold.intake() / 2, fold.length()) : 0;
            Point mouth1 = place.minus(along.times(fold.intake() / 2));
            Point mouth2 = place.plus(along.times(fold.intake() / 2));
            Point up = along.turned(-half);
            Point down = along.turned(half);
            segments.add(Segment.Cubic.hermite(from, direction, 0.33, up, 0.33, mouth1));
            segments.add(Segment.Cubic.hermite(mouth1, up, 0.33, down, 0.33, mouth2));
            darts.add(new Dart(fold.kind(), "waist", mouth1, mouth2, place.plus(inward.times(fold.length()))));
            from = mouth2;
            direction = down;
        }
        segments.add(Segment.Cubic.hermite(from, direction, 0.33, atCentre, 0.33, centre));
        return new Drawn(new Path(segments), darts);
    }
}
