package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Dart;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Finish;
import app.misura.core.draft.Level;
import app.misura.core.draft.Notch;
import app.misura.core.draft.Piece;
import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.List;

/** Lays the pieces of a cut spec side by side at their true size, with everything a cutter looks for on them. */
public final class PatternSheet {
    private static final double GAP = 25;
    /** How far the bracket of a fold stands inside, mm. */
    private static final double FOLD_BRACKET = 8;

    private static final double NOTCH_LENGTH = 7;

    private final CutSpec spec;
    private final String client;

    private PatternSheet(CutSpec spec, String client) {
        this.spec = spec;
        this.client = client;
    }

    /** @param client whose garment it is: stands on every piece */
    public static Drawing of(CutSpec spec, String client) {
        return new PatternSheet(spec, client).drawing();
    }

    private Drawing drawing() {
        List<Drawing.Group> groups = new ArrayList<>();
        double x = GAP;
        double tallest = 0;
        List<Piece> flat = new ArrayList<>();
        double common = spec.draft().pieces().stream()
                .filter(p -> !p.levels().isEmpty())
                .mapToDouble(p -> Box.of(spec.cutLine(p)).top())
                .min()
                .orElse(0);
        for (Piece piece : spec.draft().pieces()) {
            Box box = Box.of(spec.cutLine(piece));
            if (box.isFlat()) {
                flat.add(piece);
                continue;
            }
            double top = piece.levels().isEmpty() ? box.top() : common;
            groups.add(group(piece, new Point(x - box.left(), GAP - top)));
            x += box.width() + GAP;
            tallest = Math.max(tallest, box.bottom() - top);
        }
        double width = Math.max(x, 2 * GAP + 150);
        double y = 2 * GAP + tallest;
        for (Piece piece : flat) {
            Box box = Box.of(spec.cutLine(piece));
            groups.add(group(piece, new Point(GAP - box.left(), y - box.top())));
            width = Math.max(width, box.width() + 2 * GAP);
            y += box.height() + GAP;
        }
        groups.add(new Drawing.Group("test-square", new Point(GAP, y), PatternPdf.square(Point.ORIGIN)));
        return new Drawing(spec.garment().title() + ", " + client, width, y + 100 + GAP, groups);
    }

    private Drawing.Group group(Piece piece, Point at) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(new Shape.Chords(spec.cutLine(piece), true, Pen.CUT));
        for (Edge edge : piece.edges()) {
            shapes.add(new Shape.Curve(edge.name(), edge.path(), Pen.SEW));
            if (edge.finish() == Finish.FOLD) {
                fold(piece, edge, shapes);
            }
        }
        for (Level level : piece.levels()) {
            shapes.add(Shape.line(level.from(), level.to(), Pen.LEVEL));
            shapes.add(new Shape.Words(
                    level.to().plus(new Point(-34, -2.5)),
                    level.said() + " " + spec.tape().of(level.width()),
                    4.5,
                    false,
                    false));
        }
        for (List<Point> line : piece.internal()) {
            shapes.add(new Shape.Chords(line, false, Pen.FOLD));
        }
        piece.darts().forEach(dart -> dart(dart, shapes));
        piece.notches().forEach(notch -> notch(piece, notch, shapes));
        grain(piece, shapes);
        label(piece, shapes);
        return new Drawing.Group(piece.id().toString(), at, shapes);
    }

    /** A bracket along what lies on the fold of the cloth. */
    private static void fold(Piece piece, Edge edge, List<Shape> shapes) {
        Point from = edge.path().start().towards(edge.path().end(), 0.12);
        Point to = edge.path().start().towards(edge.path().end(), 0.88);
        Point inner = to.minus(from).unit().right().times(FOLD_BRACKET);
        shapes.add(new Shape.Chords(List.of(from, from.plus(inner), to.plus(inner), to), false, Pen.GRAIN));
        Point at = clear(piece, to, from, 5).plus(inner).plus(inner.times(0.3));
        shapes.add(new Shape.Words(at, "fold", 4.5, false, false));
    }

    /** Whether nothing that is written on a level stands within so many millimetres under a place. */
    private static boolean isClear(Piece piece, Point at, double under) {
        return piece.levels().stream().noneMatch(l -> l.to().y() > at.y() - 6 && l.to().y() < at.y() + under + 6);
    }

    /** The first place on the way from one point to another that is clear; the first point where none is. */
    private static Point clear(Piece piece, Point from, Point to, double under) {
        for (double share = 0.04; share < 1; share += 0.04) {
            Point at = from.towards(to, share);
            if (isClear(piece, at, under)) {
                return at;
            }
        }
        return from;
    }

    private static void dart(Dart dart, List<Shape> shapes) {
        if (dart.kind() == Dart.Kind.DART) {
            shapes.add(new Shape.Chords(List.of(dart.mouth1(), dart.tip(), dart.mouth2()), false, Pen.DART));
            return;
        }
        Point middle = dart.mouth1().towards(dart.mouth2(), 0.5);
        Point down = dart.tip().minus(middle);
        shapes.add(Shape.line(dart.mouth1(), dart.mouth1().plus(down), Pen.DART));
        shapes.add(Shape.line(dart.mouth2(), dart.mouth2().plus(down), Pen.DART));
        shapes.add(Shape.line(dart.mouth1().plus(down.times(0.3)), dart.mouth2().plus(down.times(0.15)), Pen.DART));
    }

    /** A short line outwards from the sewing line, across the allowance. */
    private void notch(Piece piece, Notch notch, List<Shape> shapes) {
        List<Point> line = piece.edge(notch.edge()).path().flatten();
        int nearest = 0;
        for (int i = 1; i < line.size(); i++) {
            if (line.get(i).distance(notch.at()) < line.get(nearest).distance(notch.at())) {
                nearest = i;
            }
        }
        Point a = line.get(Math.max(0, nearest - 1));
        Point b = line.get(Math.min(line.size() - 1, nearest + 1));
        Point out = b.minus(a)
                .unit()
                .right()
                .times(-Math.min(NOTCH_LENGTH, Math.max(3, spec.choices().numberOr0("seam"))));
        shapes.add(Shape.line(notch.at(), notch.at().plus(out), Pen.NOTCH));
    }

    private static void grain(Piece piece, List<Shape> shapes) {
        Point from = piece.grain().get(0);
        Point to = piece.grain().get(1);
        Point along = to.minus(from).unit();
        shapes.add(Shape.line(from, to, Pen.GRAIN));
        for (double sign : new double[] {1, -1}) {
            Point end = sign > 0 ? to : from;
            Point back = along.times(-sign * 6);
            shapes.add(new Shape.Chords(
                    List.of(
                            end.plus(back).plus(along.right().times(2.5)),
                            end,
                            end.plus(back).minus(along.right().times(2.5))),
                    false,
                    Pen.GRAIN));
        }
    }

    private void label(Piece piece, List<Shape> shapes) {
        Point middle = piece.grain().get(0).towards(piece.grain().get(1), 0.5);
        boolean flat = Math.abs(piece.grain().get(0).y() - piece.grain().get(1).y()) < 1;
        String side = piece.id().sideWord();
        String name = side == null ? piece.title() : piece.title() + " " + side;
        String cut = "cut " + piece.cut().count() + (piece.cut().isMirrored() ? ", mirrored" : "");
        if (flat) {
            shapes.add(new Shape.Words(
                    middle.plus(new Point(-60, -5)), name + " · " + cut + " · " + client, 7, true, false));
            return;
        }
        double size = Polyline.area(piece.outline()) < 20_000 ? 5 : 9;
        Point free = isClear(piece, middle, 20)
                ? middle
                : clear(piece, piece.grain().get(0), piece.grain().get(1), 20);
        Point at = free.plus(new Point(size < 9 ? 3 : 8, 0));
        shapes.add(new Shape.Words(at, name, size, true, false));
        shapes.add(new Shape.Words(at.plus(new Point(0, size * 0.9)), cut, size * 0.55, false, false));
        if (size >= 9) {
            shapes.add(new Shape.Words(at.plus(new Point(0, 15)), client, 5, false, false));
        }
    }
}
