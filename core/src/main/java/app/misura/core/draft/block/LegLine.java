package app.misura.core.draft.block;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;

/**
 * The two long seams of one leg. At the knee the line turns over its whole neighbourhood and not at one point: its tangent
 * there lies between the thigh's direction and the shin's, and the shin is a little hollow.
 */
final class LegLine {
    /** How much of the turn between thigh and shin is made above the knee. The rest is made in the shin's upper half. */
    private static final double ABOVE = 0.80;
    /** How far the inseam leans at the fork against its chord, and at most (front, back), degrees. */
    private static final double LEAN = 1.06;

    private LegLine() {}

    /** Direction of a line at the knee, downwards. */
    private static Point atKnee(Point above, Point knee, Point hem) {
        Point thigh = knee.minus(above).unit();
        Point shin = hem.minus(knee).unit();
        return thigh.times(1 - ABOVE).plus(shin.times(ABOVE)).unit();
    }

    private static Segment shin(Point knee, Point direction, Point hem) {
        return Segment.Cubic.hermite(knee, direction, 0.30, hem.minus(knee).unit(), 0.40, hem);
    }

    /** Direction of the inseam where it leaves the fork, downwards: leaning a little more than its chord. */
    static Point inseamDirection(Point fork, Point knee, double mostDegrees) {
        double chord = Math.atan2(fork.x() - knee.x(), knee.y() - fork.y());
        double lean = Math.min(LEAN * chord + Math.toRadians(1), Math.toRadians(mostDegrees));
        return new Point(-Math.sin(lean), Math.cos(lean));
    }

    static Path inseam(Point fork, Point knee, Point hem, double mostDegrees) {
        Point turn = atKnee(fork, knee, hem);
        return Path.of(
                Segment.Cubic.hermite(fork, inseamDirection(fork, knee, mostDegrees), 0.30, turn, 0.36, knee),
                shin(knee, turn, hem));
    }

    /** From the waist down; smooth at seat level, where it leans 0.18 of the chord from seat to knee. */
    static Path outseam(Point waist, Point seat, Point knee, Point hem) {
        Point chord = knee.minus(seat).unit();
        double lean = Math.atan2(chord.x(), chord.y()) * 0.18;
        Point atSeat = new Point(Math.sin(lean), Math.cos(lean));
        Point hip = seat.minus(waist).unit();
        Point out = hip.times(2 * hip.dot(atSeat)).minus(atSeat);
        Point fair = out.plus(hip).unit();
        Point turn = atKnee(seat, knee, hem);
        return Path.of(
                Segment.Cubic.hermite(waist, fair, 0.33, atSeat, 0.36, seat),
                Segment.Cubic.hermite(seat, atSeat, 0.33, turn, 0.36, knee),
                shin(knee, turn, hem));
    }
}
