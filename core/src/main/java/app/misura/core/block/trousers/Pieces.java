package app.misura.core.block.trousers;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Draft;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Level;
import app.misura.core.draft.Notch;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Remeasure;
import app.misura.core.draft.Seam;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes pieces of a solved shape and re-measures everything on their outlines. */
final class Pieces {
    static final String FRONT = "front";
    static final String BACK = "back";
    static final String BAND = "waistband";

    private final Wanted in;
    private final Legs legs;
    private final Waists waists;

    Pieces(Wanted in, Legs legs, Waists waists) {
        this.in = in;
        this.legs = legs;
        this.waists = waists;
    }

    Draft draft() {
        Piece front = leg(FRONT, "Front", legs.front(), waists.front());
        Piece back = leg(BACK, "Back", legs.back(), waists.back());
        Band band = new Band(in, waists);
        List<Piece> bare =
                List.of(front, back, band.piece(), new Fly(legs.front().crotch(), in.fly(), in.tape()).piece());
        Remeasure tape = new Remeasure(bare);
        List<Seam> seams = new Promises(in, legs, waists).seams(tape);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(front.withNotches(notches(seams, FRONT)).withNotches(List.of(flyEnd())));
        pieces.add(back.withNotches(notches(seams, BACK)));
        pieces.addAll(bare.subList(2, 4));
        return new Draft(pieces, seams, new Promises(in, legs, waists).targets(tape, pieces));
    }

    /** The marks that the seams set on a piece. */
    private static List<Notch> notches(List<Seam> seams, String piece) {
        List<Notch> notches = new ArrayList<>();
        for (Seam seam : seams) {
            for (Seam.Match match : seam.notches()) {
                boolean isA = seam.a().edges().get(0).piece().word().equals(piece);
                notches.add(new Notch(seam.name(), isA ? match.onA() : match.onB()));
            }
        }
        return notches;
    }

    private Notch flyEnd() {
        Crotch crotch = legs.front().crotch();
        double down = Math.min(Fly.length(crotch), crotch.length() / 2);
        return new Notch("crotch", Polyline.along(crotch.path().flatten(), down));
    }

    private Piece leg(String word, String title, Leg leg, WaistLine.Drawn waist) {
        Path outseam = leg.outseam().reversed();
        List<Edge> edges = List.of(
                Edge.seam("waist", waist.edge(), "waist"),
                Edge.seam("crotch", leg.crotch().path(), "crotch-loop"),
                Edge.seam("inseam", leg.inseam(), "inside-leg", "rise"),
                Edge.hem("hem", Path.of(new Segment.Line(leg.inseam().end(), outseam.start())), "hem"),
                Edge.seam("outseam", outseam, "outside-leg", "rise"));
        Piece bare = Piece.of(word, Cut.PAIR, title, edges);
        List<Point> outline = bare.outline();
        List<Level> levels = levels(leg, outline);
        return bare.withLevels(levels)
                .withPoints(points(leg, waist, levels.get(0)))
                .withDarts(waist.darts())
                .withGrain(grainFrom(leg), grainTo(leg))
                .withInternal(List.of(crease(leg, outline)));
    }

    private List<Level> levels(Leg leg, List<Point> outline) {
        List<Level> levels = new ArrayList<>();
        levels.add(across("seat", outline, in.seatY()));
        Point fork = leg.fork();
        levels.add(new Level("thigh", new Point(Polyline.crossings(outline, fork.y())[0], fork.y()), fork, "fork"));
        leg.kneeIn().ifPresent(knee -> levels.add(across("knee", outline, knee.y())));
        levels.add(new Level("hem", leg.outseam().end(), leg.inseam().end(), "hem"));
        return levels;
    }

    private static Level across(String name, List<Point> outline, double y) {
        double[] xs = Polyline.crossings(outline, y);
        return new Level(name, new Point(xs[0], y), new Point(xs[xs.length - 1], y), name);
    }

    private static Map<String, Point> points(Leg leg, WaistLine.Drawn waist, Level seat) {
        Map<String, Point> points = new LinkedHashMap<>();
        points.put("waist-side", waist.edge().start());
        points.put("waist-centre", waist.edge().end());
        points.put("seat-side", seat.from());
        points.put("seat-centre", seat.to());
        points.put("fork", leg.fork());
        leg.kneeIn().ifPresent(knee -> points.put("knee-in", knee));
        leg.kneeOut().ifPresent(knee -> points.put("knee-out", knee));
        points.put("hem-in", leg.inseam().end());
        points.put("hem-out", leg.outseam().end());
        return points;
    }

    /** The grain lies on the crease, over the knee where there is one. */
    private Point grainFrom(Leg leg) {
        Optional<Point> knee = leg.kneeIn();
        double y = knee.map(k -> k.y() - 0.30 * in.lengths().inside()).orElse(in.seatY() + 0.15 * legHeight(leg));
        return new Point(0, y);
    }

    private Point grainTo(Leg leg) {
        Optional<Point> knee = leg.kneeIn();
        double y = knee.map(k -> k.y() + 0.30 * in.lengths().kneeHeight().orElse(0))
                .orElse(leg.hemY() - 0.15 * legHeight(leg));
        return new Point(0, y);
    }

    private double legHeight(Leg leg) {
        return leg.hemY() - in.seatY();
    }

    /** Where the leg is pressed. */
    private static List<Point> crease(Leg leg, List<Point> outline) {
        double top = outline.stream()
                .filter(p -> Math.abs(p.x()) < 60)
                .mapToDouble(Point::y)
                .min()
                .orElse(0);
        return List.of(new Point(0, Math.max(0, top) + 25), new Point(0, leg.hemY()));
    }
}
