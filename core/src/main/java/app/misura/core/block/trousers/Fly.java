package app.misura.core.block.trousers;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import app.misura.core.length.TapeWords;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The piece behind the front's opening: straight along the centre, rounded at its end. Behind buttons it is cut for the
 * catch as well, with a line for every buttonhole.
 *
 * @param front the centre front
 */
record Fly(Crotch front, Wanted.Closing closing, TapeWords tape) {
    /** A quarter circle as one cubic. */
    private static final double ROUND = 0.56;

    /** How far the opening runs down the centre front, mm. */
    static double length(Crotch front) {
        return Math.max(Numbers.FLY_SHORTEST, Numbers.FLY_SHARE * front.centre().length());
    }

    /** A zip ends so much before its opening does, mm. */
    static final double ZIP_SHORTER = 10;

    /** About how far buttons lie apart, mm. */
    static final double BUTTONS_APART = 40;

    private static final double BUTTONHOLE = 18;

    /** How many buttons close the opening. */
    int buttons() {
        return (int) Math.max(2, Math.round(length(front) / BUTTONS_APART));
    }

    private String title() {
        return closing == Wanted.Closing.ZIP
                ? "Fly, zip " + tape.said(length(front) - ZIP_SHORTER)
                : "Fly, " + buttons() + " buttons";
    }

    /** Across the middle, as far from each other as from the ends of the opening. */
    private List<List<Point>> buttonholes() {
        if (closing == Wanted.Closing.ZIP) {
            return List.of();
        }
        double apart = length(front) / buttons();
        double from = (Numbers.FLY_WIDTH - BUTTONHOLE) / 2;
        return IntStream.range(0, buttons())
                .mapToObj(i ->
                        List.of(new Point(from, (i + 0.5) * apart), new Point(from + BUTTONHOLE, (i + 0.5) * apart)))
                .toList();
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
                        closing == Wanted.Closing.ZIP ? Cut.DOUBLED : Cut.TWICE_DOUBLED,
                        title(),
                        List.of(
                                Edge.seam("waist", Band.line(topLeft, topRight)),
                                Edge.seam("curve", Path.of(new Segment.Line(topRight, curveFrom), curve)),
                                Edge.seam("centre", Band.line(bottom, topLeft))))
                .withPoints(Map.of("end", bottom))
                .withInternal(buttonholes())
                .withGrain(new Point(width * 0.4, length * 0.2), new Point(width * 0.4, length * 0.7));
    }
}
