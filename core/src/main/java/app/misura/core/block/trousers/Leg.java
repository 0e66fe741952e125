package app.misura.core.block.trousers;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.Optional;

/**
 * One piece of a leg with its three long lines.
 *
 * @param outseam from the waist down to the hem
 * @param inseam from the fork down to the hem; of two segments, the knee between them, unless the leg ends above it
 * @param side where the side seam passes the seat's level
 */
record Leg(Path outseam, Path inseam, Crotch crotch, Point side) {
    Point fork() {
        return inseam.start();
    }

    double hemY() {
        return inseam.end().y();
    }

    /** Where the inseam passes the knee; empty where the leg ends above it. */
    Optional<Point> kneeIn() {
        return lastJoint(inseam, 1);
    }

    /** Where the outseam passes the knee; empty where the leg ends above it. */
    Optional<Point> kneeOut() {
        return lastJoint(outseam, 2);
    }

    /** Where the shin begins, on a line that has so many segments without one. */
    private static Optional<Point> lastJoint(Path line, int withoutShin) {
        int segments = line.segments().size();
        return segments > withoutShin
                ? Optional.of(line.segments().get(segments - 1).start())
                : Optional.empty();
    }

    /** Drawn width at its own fork tip, mm. */
    double thigh() {
        return fork().x() - xAt(outseam, fork().y());
    }

    /** How far the side seam has been walked, from the waist, where it passes the seat's level, mm. */
    double sideAtSeat() {
        return outseam.segments().get(0).length();
    }

    private static double xAt(Path line, double y) {
        for (Segment segment : line.segments()) {
            if (segment.start().y() <= y && segment.end().y() >= y) {
                double low = 0;
                double high = 1;
                for (int i = 0; i < 40; i++) {
                    double middle = (low + high) / 2;
                    if (segment.at(middle).y() < y) {
                        low = middle;
                    } else {
                        high = middle;
                    }
                }
                return segment.at((low + high) / 2).x();
            }
        }
        return Double.NaN;
    }
}
