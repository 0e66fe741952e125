package app.misura.core.format.svg;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Dart;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Finish;
import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.format.markup.Markup;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import app.misura.core.length.Unit;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The pieces on a screen or a cut sheet: one scale, allowance as a band outside, widths at their levels. What belongs to a
 * line of the table carries its name ({@code data-of}), what is sewn together the seam's ({@code data-seam}).
 *
 * <p>Pieces with levels stand side by side at their own heights; the others lie below them.
 */
public final class PieceView {
    /** Height of the small type, in mm of the pieces. */
    static final double TYPE = 29;

    private static final double NAME = 31;
    private static final double MM_PER_INCH = 25.4;
    /** How far a piece's name stands from its edge. */
    private static final double INDENT = 12;
    /** Room below the pieces for the scale. */
    private static final double FOOT = 70;

    private final CutSpec spec;
    private final Markup out = new Markup();
    private final PieceLayout layout;

    private PieceView(CutSpec spec) {
        this.spec = spec;
        this.layout = PieceLayout.of(spec);
    }

    /** For a screen: the look is the page's. */
    public static String svg(CutSpec spec) {
        return new PieceView(spec).draw("", "").toString();
    }

    /** For paper, no larger than so many millimetres, black on white. */
    public static Markup paper(CutSpec spec, double mostWidthMm, double mostHeightMm) {
        PieceView view = new PieceView(spec);
        double scale = Math.min(mostWidthMm / view.layout.width(), mostHeightMm / view.height());
        return view.draw(
                Markup.number(view.layout.width() * scale) + "mm", Markup.number(view.height() * scale) + "mm");
    }

    private double height() {
        return layout.bottom() - layout.top() + FOOT + 28;
    }

    private Markup draw(String widthMm, String heightMm) {
        boolean paper = !widthMm.isEmpty();
        out.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "class",
                "pc",
                "width",
                paper ? widthMm : null,
                "height",
                paper ? heightMm : null,
                "viewBox",
                f("0 %.1f %.1f %.1f", layout.top() - 14, layout.width(), height()),
                "role",
                "group",
                "aria-label",
                "Pieces to scale");
        if (paper) {
            out.element("style", Shipped.text("paper/pieces.css"));
        }
        layout.large().stream().findFirst().ifPresent(this::levelNames);
        layout.placed().forEach(this::piece);
        foot(layout.bottom() + 40);
        return out.close();
    }

    private void levelNames(Piece first) {
        double last = -1e9;
        for (Level level : first.levels()) {
            double y = Math.max(level.to().y(), last + TYPE * 1.1);
            last = y;
            text(4, y + 7, level.said(), "data-of", level.name());
        }
        Edge upper = first.edges().get(0);
        text(4, upper.path().start().y() + 7, upper.name(), "data-of", upper.name());
    }

    private void piece(PieceLayout.Placed at) {
        Piece piece = at.piece();
        out.open("g", "transform", f("translate(%.1f %.1f)", at.dx(), at.dy()));
        out.empty("path", "class", "allow", "d", polygon(spec.cutLine(piece)));
        out.empty("path", "class", "net", "d", polygon(piece.outline()));
        piece.levels().forEach(level -> level(piece, level));
        piece.darts().forEach(this::dart);
        grain(piece);
        label(piece);
        piece.edges().forEach(edge -> edge(piece, edge));
        out.close();
    }

    private void level(Piece piece, Level level) {
        String name = level.name();
        Point from = level.from();
        Point to = level.to();
        out.empty(
                "path",
                "class",
                "lv",
                "data-of",
                name,
                "d",
                f("M%.1f %.1fL%.1f %.1f", from.x(), from.y(), to.x(), to.y()));
        for (Point end : List.of(from, to)) {
            out.empty(
                    "circle",
                    "class",
                    "dot",
                    "data-of",
                    name,
                    "cx",
                    f("%.1f", end.x()),
                    "cy",
                    f("%.1f", end.y()),
                    "r",
                    7);
        }
        boolean atCorner = isCorner(piece, from) != isCorner(piece, to);
        double x = from.x() * 0.3 + to.x() * 0.7 - (atCorner ? 40 : 0);
        double y = to.y() + (atCorner ? TYPE : -7);
        text(x, y, spec.tape().of(level.width()), "text-anchor", "middle", "data-of", name);
    }

    private static boolean isCorner(Piece piece, Point p) {
        return piece.edges().stream().anyMatch(e -> e.path().start().distance(p) < 0.01);
    }

    private void grain(Piece piece) {
        if (piece.grain().isEmpty()) {
            return;
        }
        Point from = piece.grain().get(0);
        Point to = piece.grain().get(1);
        Point along = to.minus(from).unit();
        StringBuilder d = new StringBuilder(f("M%.1f %.1fL%.1f %.1f", from.x(), from.y(), to.x(), to.y()));
        for (Point end : List.of(from, to)) {
            Point back = along.times(end == to ? -12 : 12);
            Point left = end.plus(back).plus(along.right().times(7));
            Point right = end.plus(back).minus(along.right().times(7));
            d.append(f("M%.1f %.1fL%.1f %.1fL%.1f %.1f", left.x(), left.y(), end.x(), end.y(), right.x(), right.y()));
        }
        out.empty("path", "class", "grain", "d", d.toString());
    }

    private void label(Piece piece) {
        String cut = piece.cut().said();
        if (piece.levels().isEmpty()) {
            smallLabel(piece, cut);
            return;
        }
        if (isNamedBelow(piece)) {
            double below = Box.of(spec.cutLine(piece)).bottom();
            String side = piece.id().sideWord() == null ? "" : piece.id().sideWord() + ", ";
            text(0, below + TYPE * 1.1, piece.title(), "class", "name");
            text(0, below + TYPE * 2.2, side + cut);
            return;
        }
        double y = clearOfLevels(piece, piece.grain().get(0), piece.grain().get(1), NAME)
                .y();
        text(INDENT, y, piece.title(), "class", "name", "font-size", NAME);
        double under = y + NAME;
        if (piece.id().sideWord() != null) {
            text(INDENT, under, piece.id().sideWord());
            under += TYPE * 1.2;
        }
        text(INDENT, under, cut);
    }

    /** Whether a piece with levels has no room for its name: on the fold, or too narrow. */
    static boolean isNamedBelow(Piece piece) {
        if (piece.edges().stream().anyMatch(e -> e.finish() == Finish.FOLD)) {
            return true;
        }
        double narrowest =
                piece.levels().stream().mapToDouble(Level::width).min().orElse(0);
        return narrowest < width(piece.title(), NAME) + 2 * INDENT;
    }

    /** About how wide a text of that size is. */
    static double width(String text, double size) {
        return 0.52 * size * text.length();
    }

    /** A place on the way where no level lies. @param below so far under the place stands what is written there */
    private static Point clearOfLevels(Piece piece, Point from, Point to, double below) {
        Point best = from;
        double clearest = -1;
        for (double share = 0.15; share < 0.8; share += 0.05) {
            Point at = from.towards(to, share);
            double clear = piece.levels().stream()
                    .mapToDouble(l -> Math.abs(l.to().y() - at.y() - below))
                    .min()
                    .orElse(0);
            if (clear > clearest + 1) {
                clearest = clear;
                best = at;
            }
        }
        return best;
    }

    /** A small piece has its name beside it; a long flat one below, with its size. */
    private void smallLabel(Piece piece, String cut) {
        Box box = Box.of(piece.outline());
        Box outer = Box.of(spec.cutLine(piece));
        if (outer.isFlat()) {
            String size =
                    " " + spec.tape().of(box.width()) + " × " + spec.tape().of(box.height()) + ", ";
            text(box.left(), outer.bottom() + TYPE, piece.title() + size + cut, "class", "name");
        } else {
            text(box.left(), outer.bottom() + TYPE * 1.1, piece.title(), "class", "name");
            text(box.left(), outer.bottom() + TYPE * 2.2, cut);
        }
    }

    private void dart(Dart dart) {
        Point middle = dart.mouth1().towards(dart.mouth2(), 0.5);
        Point down = dart.tip().minus(middle);
        String d = dart.kind() == Dart.Kind.DART
                ? f(
                        "M%.1f %.1fL%.1f %.1fL%.1f %.1f",
                        dart.mouth1().x(),
                        dart.mouth1().y(),
                        dart.tip().x(),
                        dart.tip().y(),
                        dart.mouth2().x(),
                        dart.mouth2().y())
                : f(
                        "M%.1f %.1fl%.1f %.1fM%.1f %.1fl%.1f %.1f",
                        dart.mouth1().x(),
                        dart.mouth1().y(),
                        down.x(),
                        down.y(),
                        dart.mouth2().x(),
                        dart.mouth2().y(),
                        down.x(),
                        down.y());
        out.empty("path", "class", "dart", "d", d);
    }

    /** The edge, a wide band to touch it by, its length on the inner side. */
    private void edge(Piece piece, Edge edge) {
        String seam = seam(piece, edge).orElse(edge.name());
        String d = edge.path().svg();
        out.empty("path", "class", "e", "data-of", String.join(" ", edge.of()), "data-seam", seam, "d", d);
        out.empty("path", "class", "hit", "data-edge", seam, "d", d);
        if (edge.finish() == Finish.FOLD) {
            fold(piece, edge);
        }
        List<Point> line = edge.path().flatten();
        double half = edge.length() / 2;
        Point middle = Polyline.along(line, half);
        Point inner = Polyline.along(line, half + 1).minus(middle).unit().right();
        boolean level = Math.abs(inner.y()) > 0.8;
        String anchor = level ? "middle" : inner.x() > 0 ? "start" : "end";
        text(
                middle.x() + inner.x() * 14,
                middle.y() + (level ? 34 * inner.y() : 4),
                spec.tape().of(edge.length() - piece.intake(edge.name())),
                "class",
                "elen",
                "data-seam",
                seam,
                "text-anchor",
                anchor);
    }

    /** What lies on the fold of the cloth says so, along its edge on the inner side. */
    private void fold(Piece piece, Edge edge) {
        Point clear = clearOfLevels(piece, edge.path().start(), edge.path().end(), 0);
        Point along = edge.path().end().minus(edge.path().start()).unit();
        Point inner = clear.plus(along.right().times(0.85 * TYPE));
        double turn = Math.toDegrees(Math.atan2(along.y(), along.x()));
        text(
                inner.x(),
                inner.y(),
                "fold",
                "text-anchor",
                "middle",
                "transform",
                f("rotate(%.1f %.1f %.1f)", turn, inner.x(), inner.y()));
    }

    /** The seam that an edge is sewn in. */
    private Optional<String> seam(Piece piece, Edge edge) {
        return spec.draft().seams().stream()
                .filter(s -> java.util.stream.Stream.concat(s.a().edges().stream(), s.b().edges().stream())
                        .anyMatch(e -> e.piece().equals(piece.id()) && e.edge().equals(edge.name())))
                .findFirst()
                .map(s -> s.id());
    }

    private void foot(double y) {
        boolean inches = spec.tape().unit() == Unit.INCH;
        double half = inches ? 4 * MM_PER_INCH : 100;
        out.empty("path", "class", "grain", "d", f("M4 %.1fv16m0 -8h%.1fm0 -8v16m-%.1f -16v16", y, 2 * half, half));
        text(14 + 2 * half, y + 16, inches ? "8 in" : "20 cm");
    }

    private void text(double x, double y, String text, Object... more) {
        List<Object> attributes = new ArrayList<>(List.of("x", f("%.1f", x), "y", f("%.1f", y)));
        boolean sized = List.of(more).contains("font-size");
        if (!sized) {
            attributes.addAll(List.of("font-size", TYPE));
        }
        attributes.addAll(List.of(more));
        out.element("text", text, attributes.toArray());
    }

    private static String polygon(List<Point> points) {
        StringBuilder d = new StringBuilder();
        for (Point p : points) {
            d.append(d.isEmpty() ? 'M' : 'L').append(f("%.1f %.1f", p.x(), p.y()));
        }
        return d.append('Z').toString();
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
