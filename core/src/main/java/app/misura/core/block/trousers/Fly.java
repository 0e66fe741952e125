package app.misura.core.block.trousers;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.List;
import java.util.Map;

/** The piece behind the front's opening: straight along the centre, rounded at its end. @param front the centre front */
record Fly(Crotch front) {
    /** A quarter circle as one cubic. */
    private static final double ROUND = 0.56;

    /** How far the opening runs down the centre front, mm. */
    static double length(Crotch front) {
        return Math.max(Numbers.FLY_SHORTEST, Numbers.FLY_SHARE * front.centre().length());
    }

    Piece piece() {
        double width = Numbers.FLY_WIDTH;
        double length = length(front) + Numbers.FLY_OVER;
        double turn = width * 1.3;
        Point topLeft = new Point(0, 0);
        Point topRight = new Point(width, 0);
        Point curveFrom = new Point(width, length - turn);
        Point bottom = new Point(0, length);
        Segment.Cubic curve = new Segment.Cubic(
                curveFrom,
                new Point(width, length - turn + turn * ROUND),
                new Point(width * ROUND, length - turn * 0.04),
                bottom);
        return Piece.of(
                        "fly",
                        Cut.DOUBLED,
                        "Fly",
                        List.of(
                                Edge.seam("waist", Band.line(topLeft, topRight)),
                                Edge.seam("curve", Path.of(new Segment.Line(topRight, curveFrom), curve)),
                                Edge.seam("centre", Band.line(bottom, topLeft))))
                .withPoints(Map.of("end", bottom))
                .withGrain(new Point(width * 0.4, length * 0.2), new Point(width * 0.4, length * 0.7));
    }
}
