package app.misura.core.draft.block;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Edge;
import app.misura.core.draft.EdgeRef;
import app.misura.core.draft.Level;
import app.misura.core.draft.LevelRef;
import app.misura.core.draft.Notch;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Remeasure;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Makes pieces of a solved shape and re-measures everything on their outlines. */
final class TrousersPieces {
    static final double UNDERLAP = 40;
    private static final double FLY_WIDTH = 42;

    private final TrousersInput in;
    private final TrousersShape shape;
    private final Waists waists;

    TrousersPieces(TrousersInput in, TrousersShape shape, Waists waists) {
        this.in = in;
        this.shape = shape;
        this.waists = waists;
    }

    Draft draft() {
        List<Piece> pieces = List.of(leg(true), leg(false), waistband(), fly());
        Remeasure tape = new Remeasure(pieces);
        return new Draft(pieces, seams(tape), targets(tape, pieces));
    }

    private Piece leg(boolean front) {
        Crotch crotch = front ? shape.frontCrotch : shape.backCrotch;
        WaistLine.Drawn waist = front ? waists.front : waists.back;
        Path inseam = front ? shape.frontInseam : shape.backInseam;
        Path outseam = (front ? shape.frontOutseam : shape.backOutseam).reversed();
        List<Edge> edges = List.of(
                new Edge("waist", waist.edge()),
                new Edge("crotch", crotch.path()),
                new Edge("inseam", inseam),
                new Edge("hem", Path.of(new Segment.Line(inseam.end(), outseam.start()))),
                new Edge("outseam", outseam));
        Point fork = inseam.start();
        List<Point> outline = new ArrayList<>();
        edges.forEach(e -> {
            List<Point> points = e.path().flatten();
            outline.addAll(points.subList(0, points.size() - 1));
        });
        Level seat = across("seat", outline, shape.seatY);
        Level knee = across("knee", outline, shape.knee(front, 1).y());
        Level thigh = new Level("thigh", leftmost(outline, fork.y()), fork);
        Level hem = new Level("hem", outseam.start(), inseam.end());
        Map<String, Point> points = new LinkedHashMap<>();
        points.put("waist-side", waist.edge().start());
        points.put("waist-centre", waist.edge().end());
        points.put("seat-side", seat.from());
        points.put("seat-centre", seat.to());
        points.put("fork", fork);
        points.put("knee-in", shape.knee(front, 1));
        points.put("knee-out", shape.knee(front, -1));
        points.put("hem-in", inseam.end());
        points.put("hem-out", outseam.start());
        List<Notch> notches = new ArrayList<>();
        notches.add(new Notch("inseam", shape.knee(front, 1)));
        notches.add(new Notch("outseam", shape.knee(front, -1)));
        notches.add(new Notch("outseam", front ? shape.frontSide : shape.backSide));
        if (front) {
            notches.add(new Notch("crotch", flyEnd()));
        }
        double top = outline.stream()
                .filter(p -> Math.abs(p.x()) < 60)
                .mapToDouble(Point::y)
                .min()
                .orElse(0);
        Point creaseTop = new Point(0, Math.max(0, top) + 25);
        Point creaseEnd = new Point(0, shape.hemY);
        double kneeY = knee.from().y();
        return new Piece(
                front ? "front" : "back",
                2,
                true,
                null,
                edges,
                points,
                List.of(seat, thigh, knee, hem),
                List.of(new Point(0, kneeY - 0.30 * in.inside()), new Point(0, kneeY + 0.30 * in.kneeHeight())),
                notches,
                waist.darts(),
                List.of(List.of(creaseTop, creaseEnd)));
    }

    private static Level across(String name, List<Point> outline, double y) {
        double[] xs = Polyline.crossings(outline, y);
        return new Level(name, new Point(xs[0], y), new Point(xs[xs.length - 1], y));
    }

    private static Point leftmost(List<Point> outline, double y) {
        return new Point(Polyline.crossings(outline, y)[0], y);
    }

    private Piece waistband() {
        double length = in.waist() + UNDERLAP;
        Point a = new Point(0, in.band());
        Point b = new Point(length, in.band());
        Point c = new Point(length, 0);
        Point d = new Point(0, 0);
        List<Notch> notches = new ArrayList<>();
        double front = waists.front.closedLength();
        double back = waists.back.closedLength();
        for (double x : new double[] {front, front + back, front + 2 * back, in.waist()}) {
            notches.add(new Notch("waist", new Point(x, in.band())));
        }
        return new Piece(
                "waistband",
                1,
                false,
                null,
                List.of(
                        new Edge("top", line(d, c)),
                        new Edge("underlap", line(c, b)),
                        new Edge("waist", line(b, a)),
                        new Edge("end", line(a, d))),
                Map.of("centre-back", new Point(front + back, in.band())),
                List.of(),
                List.of(new Point(length * 0.3, in.band() / 2), new Point(length * 0.7, in.band() / 2)),
                notches,
                List.of(),
                List.of());
    }

    private static Path line(Point from, Point to) {
        return Path.of(new Segment.Line(from, to));
    }

    private double flyLength() {
        return Math.max(70, 0.86 * (shape.frontCrotch.centre().length()));
    }

    /** Where the fly ends on the front's centre line. */
    private Point flyEnd() {
        return Polyline.along(
                shape.frontCrotch.path().flatten(), Math.min(flyLength(), shape.frontCrotch.length() / 2));
    }

    private Piece fly() {
        double length = flyLength() + 15;
        double turn = FLY_WIDTH * 1.3;
        Point topLeft = new Point(0, 0);
        Point topRight = new Point(FLY_WIDTH, 0);
        Point curveFrom = new Point(FLY_WIDTH, length - turn);
        Point bottom = new Point(0, length);
        double k = 0.56;
        Segment.Cubic curve = new Segment.Cubic(
                curveFrom,
                new Point(FLY_WIDTH, length - turn + turn * k),
                new Point(FLY_WIDTH * k, length - turn * 0.04),
                bottom);
        return new Piece(
                "fly",
                2,
                true,
                null,
                List.of(
                        new Edge("waist", line(topLeft, topRight)),
                        new Edge("curve", Path.of(new Segment.Line(topRight, curveFrom), curve)),
                        new Edge("centre", line(bottom, topLeft))),
                Map.of("end", bottom),
                List.of(),
                List.of(new Point(FLY_WIDTH * 0.4, length * 0.2), new Point(FLY_WIDTH * 0.4, length * 0.7)),
                List.of(),
                List.of(),
                List.of());
    }

    private static List<Seam> seams(Remeasure tape) {
        List<EdgeRef> round = List.of(new EdgeRef("front", "waist"), new EdgeRef("back", "waist"));
        return List.of(
                tape.seam("inseam", edge("front", "inseam"), edge("back", "inseam"), -6, 0, 0, false),
                tape.seam("outseam", edge("front", "outseam"), edge("back", "outseam"), 0, 0, 0, false),
                tape.seam("waistband", round, edge("waistband", "waist"), 0, 0, UNDERLAP, true));
    }

    private static List<EdgeRef> edge(String piece, String edge) {
        return List.of(new EdgeRef(piece, edge));
    }

    private static List<LevelRef> level(String level) {
        return List.of(new LevelRef("front", level), new LevelRef("back", level));
    }

    private static Target.Sum levels(int times, String level) {
        return new Target.Sum(times, level(level), List.of(), List.of(), false, 0);
    }

    private List<Target> targets(Remeasure tape, List<Piece> pieces) {
        List<Target> targets = new ArrayList<>();
        List<EdgeRef> waist = List.of(new EdgeRef("front", "waist"), new EdgeRef("back", "waist"));
        List<EdgeRef> crotch = List.of(new EdgeRef("front", "crotch"), new EdgeRef("back", "crotch"));
        targets.add(tape.target(
                "waist", Target.Kind.EQUAL, in.waist(), new Target.Sum(2, List.of(), waist, List.of(), true, 0)));
        targets.add(tape.target("seat", Target.Kind.EQUAL, in.seat(), levels(2, "seat")));
        targets.add(tape.target("thigh", Target.Kind.FLOOR, in.thigh(), levels(1, "thigh")));
        targets.add(tape.target("knee", Target.Kind.FLOOR, in.kneeFloor(), levels(1, "knee")));
        targets.add(tape.target("hem", Target.Kind.EQUAL, in.hem(), levels(1, "hem")));
        targets.add(tape.target(
                "crotch-loop",
                Target.Kind.EQUAL,
                in.loop(),
                new Target.Sum(1, List.of(), crotch, List.of(), false, 2 * in.band())));
        targets.add(tape.target(
                "inside-leg",
                Target.Kind.EQUAL,
                in.inside(),
                new Target.Sum(1, List.of(), edge("front", "inseam"), List.of(), false, 0)));
        targets.add(tape.target(
                "outside-leg",
                Target.Kind.EQUAL,
                in.outside(),
                new Target.Sum(1, List.of(), edge("front", "outseam"), List.of(), false, in.band())));
        targets.add(tape.target(
                "rise",
                Target.Kind.EQUAL,
                in.rise(),
                new Target.Sum(1, List.of(), edge("front", "outseam"), edge("front", "inseam"), false, in.band())));
        targets.add(tape.target(
                "waistband",
                Target.Kind.EQUAL,
                in.waist() + UNDERLAP,
                new Target.Sum(1, List.of(), edge("waistband", "waist"), List.of(), false, 0)));
        shapeRules(targets, pieces);
        return targets;
    }

    /** What a length cannot say: the picture must be right too. */
    private void shapeRules(List<Target> targets, List<Piece> pieces) {
        double radius = 14 * in.size();
        targets.add(shape("hollow-front", Target.Kind.FLOOR, "share", 0.12, shape.frontCrotch.hollow()));
        targets.add(shape("hollow-back", Target.Kind.FLOOR, "share", 0.10, shape.backCrotch.hollow()));
        targets.add(shape("radius-front", Target.Kind.FLOOR, "mm", radius, shape.frontCrotch.smallestRadius()));
        targets.add(shape("radius-back", Target.Kind.FLOOR, "mm", radius, shape.backCrotch.smallestRadius()));
        targets.add(shape("waist-square-front", Target.Kind.CEILING, "deg", 10, waists.frontOffSquare));
        targets.add(shape("waist-square-back", Target.Kind.CEILING, "deg", 10, waists.backOffSquare));
        targets.add(shape("fork-drop", Target.Kind.CEILING, "mm", 35, shape.forkDrop()));
        targets.add(shape("fork-rise", Target.Kind.FLOOR, "mm", -2, shape.forkDrop()));
        double corner = 0;
        boolean crosses = false;
        for (Piece piece : pieces) {
            for (Edge edge : piece.edges()) {
                corner = Math.max(corner, edge.path().largestCorner());
            }
            crosses |= Polyline.crossesItself(piece.outline());
        }
        targets.add(shape("smooth-edges", Target.Kind.CEILING, "deg", 1, corner));
        targets.add(shape("no-crossing", Target.Kind.CEILING, "share", 0, crosses ? 1 : 0));
    }

    private static Target shape(String name, Target.Kind kind, String unit, double expected, double measured) {
        return new Target(name, kind, unit, expected, measured, 1e-6, null);
    }
}
