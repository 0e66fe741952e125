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
import app.misura.core.format.pdf.Paper;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** Lays the pieces of a cut spec side by side at their true size, with everything a cutter looks for on them. */
public final class PatternSheet {
    /** How far the bracket of a fold stands inside, mm. */
    private static final double FOLD_BRACKET = 8;

    private static final double NOTCH_LENGTH = 7;

    private final CutSpec spec;
    private final String client;

    private PatternSheet(CutSpec spec, String client) {
        this.spec = spec;
        this.client = client;
    }

    /** On one sheet as large as it must be. @param client whose garment it is: stands on every piece */
    public static Drawing of(CutSpec spec, String client) {
        return of(spec, client, Paper.SHEET);
    }

    /** For a paper: on a roll within its width; with a square to measure where no page of its own has one. */
    public static Drawing of(CutSpec spec, String client, Paper paper) {
        return new PatternSheet(spec, client).drawing(paper);
    }

    private Drawing drawing(Paper paper) {
        double most = paper == Paper.ROLL ? paper.widthMm() : Double.POSITIVE_INFINITY;
        PieceFloor floor = PieceFloor.of(spec, most);
        List<Drawing.Group> groups = new ArrayList<>();
        floor.laid().forEach(laid -> groups.add(group(laid)));
        if (paper.isTiled()) {
            return new Drawing(title(), floor.width(), floor.height(), groups);
        }
        Point square = new Point(PieceFloor.GAP, floor.height());
        groups.add(new Drawing.Group("test-square", square, false, PatternPdf.square(Point.ORIGIN)));
        double width = Math.max(floor.width(), 2 * PieceFloor.GAP + 150);
        return new Drawing(title(), width, floor.height() + 100 + PieceFloor.GAP, groups);
    }

    private String title() {
        return spec.garment().title() + ", " + client;
    }

    private Drawing.Group group(PieceFloor.Laid laid) {
        Piece piece = laid.piece();
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
            shapes.add(PieceLabel.level(level, level.said() + " " + spec.tape().of(level.width())));
        }
        for (List<Point> line : piece.internal()) {
            shapes.add(new Shape.Chords(line, false, Pen.FOLD));
        }
        piece.darts().forEach(dart -> dart(dart, shapes));
        piece.notches().forEach(notch -> notch(piece, notch, shapes));
        grain(piece, shapes);
        label(piece, shapes);
        return new Drawing.Group(piece.id().toString(), laid.at(), laid.turned(), shapes);
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
        String side = piece.id().sideWord();
        String name = side == null ? piece.title() : piece.title() + " " + side;
        shapes.addAll(new PieceLabel(piece).words(name, piece.cut().said(), client));
    }
}
