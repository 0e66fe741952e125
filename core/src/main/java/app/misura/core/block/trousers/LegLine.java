package app.misura.core.block.trousers;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The two long seams of one leg. At the knee the line turns over its whole neighbourhood and not at one point: its tangent
 * there lies between the thigh's direction and the shin's, and the shin is a little hollow. A leg that ends above the knee
 * has no turn: it runs from seat or fork to its hem in one sweep.
 *
 * @param knee null where the leg ends above it
 */
record LegLine(@Nullable Point knee, Point hem) {
    /** How much of the turn between thigh and shin is made above the knee. The rest is made in the shin's upper half. */
    private static final double ABOVE = 0.80;
    /** How far the inseam leans at the fork against its chord. */
    private static final double LEAN = 1.06;
    /** A short leg reaches its hem at this share of its lean: nearer to square, so that the hem lies level. */
    private static final double SQUARER = 0.45;

    private Point next() {
        return knee == null ? hem : knee;
    }

    /** Adds what lies below a place on the thigh: to the knee and down the shin, or straight to a short leg's hem. */
    private Path onwards(List<Segment> above, Point from, Point direction, double share) {
        List<Segment> segments = new ArrayList<>(above);
        if (knee == null) {
            Point chord = hem.minus(from).unit();
            Point down = new Point(Math.sin(SQUARER * Math.atan2(chord.x(), chord.y())), 0);
            Point arriving = new Point(down.x(), Math.sqrt(1 - down.x() * down.x()));
            segments.add(Segment.Cubic.hermite(from, direction, share, arriving, 0.36, hem));
            return new Path(segments);
        }
        Point thigh = knee.minus(from).unit();
        Point shin = hem.minus(knee).unit();
        Point turn = thigh.times(1 - ABOVE).plus(shin.times(ABOVE)).unit();
        segments.add(Segment.Cubic.hermite(from, direction, share, turn, 0.36, knee));
        segments.add(Segment.Cubic.hermite(knee, turn, 0.30, shin, 0.40, hem));
        return new Path(segments);
    }

    /** Direction of the inseam where it leaves the fork, downwards: leaning a little more than its chord. */
    private Point inseamDirection(Point fork, double mostDegrees) {
        double chord = Math.atan2(fork.x() - next().x(), next().y() - fork.y());
        double lean = Math.min(LEAN * chord + Math.toRadians(1), Math.toRadians(mostDegrees));
        return new Point(-Math.sin(lean), Math.cos(lean));
    }

    Path inseam(Point fork, double mostDegrees) {
        return onwards(List.of(), fork, inseamDirection(fork, mostDegrees), 0.30);
    }

    /** From the waist down; smooth at seat level, where it leans 0.18 of the chord from seat to knee. */
    Path outseam(Point waist, Point seat) {
        Point chord = next().minus(seat).unit();
        double lean = Math.atan2(chord.x(), chord.y()) * 0.18;
        Point atSeat = new Point(Math.sin(lean), Math.cos(lean));
        Point hip = seat.minus(waist).unit();
        Point out = hip.times(2 * hip.dot(atSeat)).minus(atSeat);
        Point fair = out.plus(hip).unit();
        return onwards(List.of(Segment.Cubic.hermite(waist, fair, 0.33, atSeat, 0.36, seat)), seat, atSeat, 0.33);
    }
}
