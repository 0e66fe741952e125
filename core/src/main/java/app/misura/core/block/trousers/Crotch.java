package app.misura.core.block.trousers;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.List;

/**
 * Centre line and crotch curve of one piece: straight down from the top, then one cubic towards the corner of its two
 * tangents, ending square to the inseam.
 */
record Crotch(Segment.Line centre, Segment.Cubic curve) {

    /**
     * @param inseam direction of the inseam at the fork, downwards
     * @param handle1 share of the leg from the departure to the corner
     * @param handle2 share of the leg from the corner to the fork
     */
    static Crotch of(Point top, Point departure, Point fork, Point inseam, double handle1, double handle2) {
        Point down = departure.minus(top).unit();
        Point arriving = new Point(inseam.y(), -inseam.x());
        Point corner = Polyline.meet(departure, departure.plus(down), fork, fork.minus(arriving));
        if (corner == null
                || corner.minus(departure).dot(down) <= 0
                || fork.minus(corner).dot(arriving) <= 0) {
            corner = new Point(departure.x(), fork.y());
        }
        return new Crotch(
                new Segment.Line(top, departure),
                new Segment.Cubic(departure, departure.towards(corner, handle1), fork.towards(corner, handle2), fork));
    }

    Path path() {
        return Path.of(centre, curve);
    }

    double length() {
        return centre.length() + curve.length();
    }

    /** Where the line crosses a height, x. */
    double xAt(double y) {
        if (y <= centre.end().y()) {
            double share = (y - centre.start().y())
                    / (centre.end().y() - centre.start().y());
            return centre.at(share).x();
        }
        double low = 0;
        double high = 1;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (curve.at(middle).y() < y) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return curve.at((low + high) / 2).x();
    }

    /** Greatest distance of the curve from its chord, as a share of the chord. */
    double hollow() {
        Point chord = curve.end().minus(curve.start());
        double most = 0;
        for (int i = 1; i < 60; i++) {
            most = Math.max(most, Math.abs(chord.cross(curve.at(i / 60.0).minus(curve.start()))));
        }
        return most / chord.dot(chord);
    }

    double smallestRadius() {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 60; i++) {
            least = Math.min(least, curve.radius(i / 60.0));
        }
        return least;
    }

    List<Segment> segments() {
        return List.of(centre, curve);
    }
}
