package app.misura.core.block.trousers;

import static app.misura.core.draft.Target.Kind.CEILING;
import static app.misura.core.draft.Target.Kind.EQUAL;
import static app.misura.core.draft.Target.Kind.FLOOR;

import app.misura.core.draft.EdgeRef;
import app.misura.core.draft.LevelRef;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Quantity;
import app.misura.core.draft.Remeasure;
import app.misura.core.draft.Scope;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Seams;
import app.misura.core.draft.Shapes;
import app.misura.core.draft.Target;
import app.misura.core.draft.Walk;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the draft of trousers promises: lengths on the drawn lines, seams that match, shapes that can be worn. */
record Promises(Wanted in, Legs legs, Waists waists) {
    private static final List<String> LEGS = List.of(Pieces.FRONT, Pieces.BACK);

    List<Seam> seams(Remeasure tape) {
        List<Double> outside = new ArrayList<>();
        Leg front = legs.front();
        double outseam = Polyline.length(front.outseam().flatten());
        front.kneeOut()
                .ifPresent(knee -> outside.add(outseam - below(front.outseam().flatten(), knee)));
        outside.add(outseam - below(front.outseam().flatten(), front.side()));
        List<Double> inside = new ArrayList<>();
        front.kneeIn().ifPresent(knee -> inside.add(below(front.inseam().flatten(), knee)));
        return List.of(
                tape.seam(Seams.between(
                                "inseam", along("inseam", Pieces.FRONT), along("inseam", Pieces.BACK), insideSaid())
                        .eased(-Numbers.BACK_SHORTER_MOST, 0)
                        .notchedAt(inside)),
                tape.seam(Seams.between(
                                "outseam",
                                along("outseam", Pieces.FRONT),
                                along("outseam", Pieces.BACK),
                                "outside seam, front = back")
                        .notchedAt(outside)),
                tape.seam(Seams.between(
                                "waistband",
                                Walk.along(edges("waist")).times(2),
                                Walk.along(Pieces.BAND, "waist")
                                        .less(in.lengths().underlap()),
                                "band less underlap = waist")
                        .of(Scope.WHOLE)));
    }

    private static String insideSaid() {
        return String.format(Locale.ROOT, "inside seam, %.0f mm eased", Numbers.BACK_SHORTER);
    }

    private static double below(List<Point> line, Point mark) {
        return Polyline.walkedTo(line, mark);
    }

    private static Walk along(String edge, String piece) {
        return Walk.along(piece, edge);
    }

    private static EdgeRef[] edges(String edge) {
        return LEGS.stream().map(p -> EdgeRef.of(p, edge)).toArray(EdgeRef[]::new);
    }

    private static LevelRef[] levels(String level) {
        return LEGS.stream().map(p -> LevelRef.of(p, level)).toArray(LevelRef[]::new);
    }

    private static Target.Sum across(String level) {
        return Target.Sum.ofLevels(levels(level));
    }

    List<Target> targets(Remeasure tape, List<Piece> pieces) {
        List<Target> targets = new ArrayList<>();
        EdgeRef inside = EdgeRef.of(Pieces.FRONT, "inseam");
        EdgeRef outside = EdgeRef.of(Pieces.FRONT, "outseam");
        double band = in.lengths().band();
        targets.add(tape.target(
                "waist",
                EQUAL,
                in.waist(),
                Target.Sum.ofEdges(edges("waist")).dartsClosed().times(2),
                Scope.WHOLE,
                "waist, front + back less darts"));
        targets.add(tape.target("seat", EQUAL, in.seat(), across("seat").times(2), Scope.WHOLE, "seat, front + back"));
        targets.add(side(tape, "thigh", FLOOR, in.girths().thigh(), across("thigh"), "thigh"));
        in.girths().knee().ifPresent(knee -> targets.add(side(tape, "knee", FLOOR, knee, across("knee"), "knee")));
        targets.add(side(tape, "hem", EQUAL, in.girths().hem(), across("hem"), "hem, front + back"));
        targets.add(side(
                tape,
                "crotch-loop",
                EQUAL,
                in.lengths().loop(),
                Target.Sum.ofEdges(edges("crotch")).plus(2 * band),
                "front crotch + back crotch + band, loop"));
        targets.add(side(
                tape,
                "inside-leg",
                EQUAL,
                in.lengths().inside(),
                Target.Sum.ofEdges(inside),
                "inside leg along the front"));
        targets.add(side(
                tape,
                "outside-leg",
                EQUAL,
                in.lengths().outside(),
                Target.Sum.ofEdges(outside).plus(band),
                "outside leg along the front"));
        targets.add(side(
                tape,
                "rise",
                EQUAL,
                in.rise(),
                Target.Sum.ofEdges(outside).minus(inside).plus(band),
                "outside − inside, rise"));
        targets.add(tape.target(
                "waistband",
                EQUAL,
                in.waist() + in.lengths().underlap(),
                Target.Sum.ofEdges(EdgeRef.of(Pieces.BAND, "waist")),
                Scope.WHOLE,
                "band = waist + underlap"));
        targets.addAll(shapes());
        targets.addAll(Shapes.of(pieces));
        return targets;
    }

    private static Target side(
            Remeasure tape, String name, Target.Kind kind, double expected, Target.Sum of, String said) {
        return tape.target(name, kind, expected, of, Scope.EACH_SIDE, said);
    }

    /** What a length cannot say: the picture must be right too. */
    private List<Target> shapes() {
        double radius = Numbers.SMALLEST_RADIUS * in.size();
        Crotch front = legs.front().crotch();
        Crotch back = legs.back().crotch();
        return List.of(
                shape(
                        "hollow-front",
                        FLOOR,
                        Quantity.SHARE,
                        Numbers.HOLLOW_FRONT,
                        front.hollow(),
                        "front crotch hollow"),
                shape("hollow-back", FLOOR, Quantity.SHARE, Numbers.HOLLOW_BACK, back.hollow(), "back crotch hollow"),
                shape("radius-front", FLOOR, Quantity.MM, radius, front.smallestRadius(), "front crotch round"),
                shape("radius-back", FLOOR, Quantity.MM, radius, back.smallestRadius(), "back crotch round"),
                square("waist-square-front", waists.frontOffSquare(), "front waist square to the centre"),
                square("waist-square-back", waists.backOffSquare(), "back waist square to the centre"),
                shape(
                        "fork-drop",
                        CEILING,
                        Quantity.MM,
                        Numbers.FORK_DROP * Math.max(1, Parameters.scale(in)),
                        legs.forkDrop(),
                        "back fork not too low"),
                shape("fork-rise", FLOOR, Quantity.MM, -Numbers.FORK_RISE, legs.forkDrop(), "back fork not too high"));
    }

    private static Target square(String name, double degrees, String said) {
        return shape(name, CEILING, Quantity.DEGREES, Numbers.OFF_SQUARE_MOST, degrees, said);
    }

    private static Target shape(
            String name, Target.Kind kind, Quantity quantity, double expected, double measured, String said) {
        return Target.shape(name, kind, quantity, expected, measured, said);
    }
}
