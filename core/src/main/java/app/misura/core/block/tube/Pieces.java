package app.misura.core.block.tube;

import app.misura.core.draft.Cut;
import app.misura.core.draft.Draft;
import app.misura.core.draft.Edge;
import app.misura.core.draft.EdgeRef;
import app.misura.core.draft.Given;
import app.misura.core.draft.Level;
import app.misura.core.draft.LevelRef;
import app.misura.core.draft.Notch;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Quantity;
import app.misura.core.draft.Remeasure;
import app.misura.core.draft.Scope;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Seams;
import app.misura.core.draft.Shapes;
import app.misura.core.draft.Target;
import app.misura.core.draft.Walk;
import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The pieces of a tube and what they promise, re-measured on their outlines. */
final class Pieces {
    private static final String GRIP = "grip";

    private final Shape shape;
    private final Rungs rungs;
    private final Given given;
    private final List<Rungs.Rung> levels;
    private final List<String> panels;

    Pieces(Shape shape, Rungs rungs, Given given) {
        this.shape = shape;
        this.rungs = rungs;
        this.given = given;
        this.panels = shape.seams() == 1 ? List.of("tube") : List.of("front", "back");
        double highest = shape.depth() + rungs.bottom().height();
        this.levels = rungs.list().stream()
                .filter(r -> r.height() < highest - Numbers.NEAREST)
                .toList();
    }

    private boolean hasGrip() {
        return given.mmIfThere("grip-band").isPresent();
    }

    Draft draft() {
        List<Piece> bare = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            bare.add(panel(panels.get(i), shape.folds().get(i)));
        }
        if (hasGrip()) {
            bare.add(grip());
        }
        Remeasure tape = new Remeasure(bare);
        Seam seam = tape.seam(seam());
        List<Seam> seams = new ArrayList<>(List.of(seam));
        if (hasGrip()) {
            seams.add(tape.seam(gripSeam(tape)));
        }
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : bare) {
            boolean isPanel = panels.contains(piece.id().word());
            pieces.add(
                    isPanel
                            ? piece.withNotches(seam.notches().stream()
                                    .map(m -> new Notch("seam", m.onA()))
                                    .toList())
                            : piece);
        }
        return new Draft(pieces, seams, targets(tape, pieces));
    }

    private Piece panel(String word, double foldY) {
        Path top = shape.top(foldY);
        Path side = shape.side();
        Point hemSeam = side.end();
        Point hemFold = new Point(0, hemSeam.y());
        List<Edge> edges = List.of(
                hasGrip() || top.start().y() != top.end().y()
                        ? Edge.seam("top", top, rungs.top().name())
                        : Edge.hem("top", top, rungs.top().name()),
                Edge.seam("seam", side),
                Edge.hem("hem", line(hemSeam, hemFold), rungs.bottom().name()),
                Edge.fold("fold", line(hemFold, top.start())));
        Map<String, Point> points = new LinkedHashMap<>();
        points.put("top-fold", top.start());
        points.put("top-seam", top.end());
        points.put("hem-seam", hemSeam);
        points.put("hem-fold", hemFold);
        double x = Numbers.GRAIN_ACROSS * narrowest();
        return Piece.of(word, Cut.ONCE, title(word), edges)
                .withPoints(points)
                .withLevels(levels.stream().map(this::level).toList())
                .withGrain(
                        new Point(x, Numbers.GRAIN_FROM * shape.depth()),
                        new Point(x, Numbers.GRAIN_TO * shape.depth()));
    }

    private static String title(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    private double narrowest() {
        return levels.stream().mapToDouble(r -> shape.rail().at(y(r))).min().orElse(0);
    }

    private double y(Rungs.Rung rung) {
        return shape.depth() - (rung.height() - rungs.bottom().height());
    }

    private Level level(Rungs.Rung rung) {
        return new Level(
                rung.name(),
                new Point(0, y(rung)),
                new Point(shape.rail().at(y(rung)), y(rung)),
                given.title(rung.name()));
    }

    private static Path line(Point from, Point to) {
        return Path.of(new Segment.Line(from, to));
    }

    /** The band that holds, by itself: laid into the top edge and stretched to it. */
    private Piece grip() {
        double length = given.mm("grip-band");
        double width = given.mm("grip-width");
        Point a = new Point(0, 0);
        Point b = new Point(length, 0);
        Point c = new Point(length, width);
        Point d = new Point(0, width);
        return Piece.of(
                        GRIP,
                        Cut.ONCE,
                        "Grip band, elastic",
                        List.of(
                                Edge.raw("top", line(a, b), "grip-band"),
                                Edge.seam("end", line(b, c)),
                                Edge.raw("lower", line(c, d)),
                                Edge.seam("start", line(d, a))))
                .withGrain(new Point(length * 0.3, width / 2), new Point(length * 0.7, width / 2));
    }

    /** Both long edges, marked at every level between the ends. */
    private Seams.Plan seam() {
        Walk a = Walk.along(panels.get(0), "seam");
        Walk b = Walk.along(panels.get(panels.size() - 1), "seam");
        List<Point> line = shape.side().flatten();
        List<Double> marks = levels.stream()
                .filter(r -> r != rungs.bottom())
                .map(r -> Polyline.walkedTo(line, level(r).to()))
                .toList();
        String said = shape.seams() == 1 ? "seam behind, both edges of the fold" : "side seams, front = back";
        return Seams.between("seam", a, b, said).notchedAt(marks);
    }

    private Seams.Plan gripSeam(Remeasure tape) {
        double stretched = given.mm("grip-band") - tape.sum(edge());
        return Seams.between(
                        GRIP, new Walk(tops(), 2, 0), Walk.along(GRIP, "top"), "grip band, stretched to the top edge")
                .eased(stretched, stretched);
    }

    private List<EdgeRef> tops() {
        return panels.stream().map(p -> EdgeRef.of(p, "top")).toList();
    }

    private Target.Sum edge() {
        return Target.Sum.ofEdges(tops().toArray(EdgeRef[]::new)).times(2);
    }

    private List<Target> targets(Remeasure tape, List<Piece> pieces) {
        List<Target> targets = new ArrayList<>();
        if (shape.depth() + rungs.bottom().height() - rungs.top().height() == 0) {
            targets.add(length(tape, rungs.top().name(), rungs.top().girth(), edge(), "top edge"));
        }
        for (Rungs.Rung rung : levels) {
            LevelRef[] drawn =
                    panels.stream().map(p -> LevelRef.of(p, rung.name())).toArray(LevelRef[]::new);
            targets.add(length(
                    tape,
                    rung.name(),
                    rung.girth(),
                    Target.Sum.ofLevels(drawn).times(2),
                    given.title(rung.name()) + ", all round"));
        }
        for (Rungs.Rung rung : levels) {
            if (rung != rungs.bottom()) {
                targets.add(height(rung, pieces.get(0)));
            }
        }
        if (hasGrip()) {
            targets.add(length(
                    tape,
                    "grip-band",
                    given.mm("grip-band"),
                    Target.Sum.ofEdges(EdgeRef.of(GRIP, "top")),
                    "grip band"));
        }
        targets.addAll(Shapes.of(pieces));
        return targets;
    }

    private static Target length(Remeasure tape, String name, double expected, Target.Sum of, String said) {
        return tape.target(name, Target.Kind.EQUAL, expected, of, Scope.EACH_SIDE, said);
    }

    /** How far a level lies over the lower edge, as it was drawn. */
    private Target height(Rungs.Rung rung, Piece panel) {
        double drawn = panel.edge("hem").path().start().y()
                - panel.level(rung.name()).to().y();
        return new Target(
                rung.name() + "-level",
                Target.Kind.EQUAL,
                Quantity.MM,
                rung.height() - rungs.bottom().height(),
                drawn,
                Target.TOLERANCE,
                null,
                Scope.EACH_SIDE,
                given.title(rung.name()) + " over the lower edge");
    }
}
