package app.misura.core.block.trousers;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Notch;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;

/** The straight waistband: once round the waist, and an underlap. Its marks meet side seams, centre back, centre front. */
record Band(Wanted in, Waists waists) {
    Piece piece() {
        double height = in.lengths().band();
        double length = in.waist() + in.lengths().underlap();
        Point a = new Point(0, height);
        Point b = new Point(length, height);
        Point c = new Point(length, 0);
        Point d = new Point(0, 0);
        double front = waists.front().closedLength();
        double back = waists.back().closedLength();
        List<Notch> notches = DoubleStream.of(front, front + back, front + 2 * back, in.waist())
                .mapToObj(x -> new Notch("waist", new Point(x, height)))
                .toList();
        return Piece.of(
                        Pieces.BAND,
                        Cut.LAYERED,
                        "Waistband",
                        List.of(
                                Edge.seam("top", line(d, c)),
                                Edge.seam("underlap", line(c, b)),
                                Edge.seam("waist", line(b, a), "waistband"),
                                Edge.seam("end", line(a, d))))
                .withPoints(Map.of("centre-back", new Point(front + back, height)))
                .withGrain(new Point(length * 0.3, height / 2), new Point(length * 0.7, height / 2))
                .withNotches(notches);
    }

    static Path line(Point from, Point to) {
        return Path.of(new Segment.Line(from, to));
    }
}
