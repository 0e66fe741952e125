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
    /** The room on a screen, and the type there, px. */
    private static final double SCREEN_WIDTH = 544;

    private static final double SCREEN_HEIGHT = 600;
    private static final double SCREEN_TYPE = 14;
    /** The type on paper, mm. */
    private static final double PAPER_TYPE = 2.5;

    private static final double MM_PER_INCH = 25.4;

    private final CutSpec spec;
    private final Markup out = new Markup();
    private final PieceLayout layout;
    /** Height of the type, in mm of the pieces. */
    private final double type;

    private PieceView(CutSpec spec, PieceLayout layout) {
        this.spec = spec;
        this.layout = layout;
        this.type = layout.type();
    }

    /** Laid so that the type has its height, whatever the size of the pieces. */
    private static PieceView within(CutSpec spec, double width, double height, double type) {
        PieceView view = new PieceView(spec, PieceLayout.of(spec, 0));
        for (int i = 0; i < 4; i++) {
            view = new PieceView(spec, PieceLayout.of(spec, type / view.scale(width, height)));
        }
        return view;
    }

    private double scale(double mostWidth, double mostHeight) {
        return Math.min(mostWidth / layout.width(), mostHeight / height());
    }

    /** For a screen: the look is the page's. */
    public static String svg(CutSpec spec) {
        return within(spec, SCREEN_WIDTH, SCREEN_HEIGHT, SCREEN_TYPE)
                .draw("", "")
                .toString();
    }

    /** For paper, no larger than so many millimetres, black on white. */
    public static Markup paper(CutSpec spec, double mostWidthMm, double mostHeightMm) {
        PieceView view = within(spec, mostWidthMm, mostHeightMm, PAPER_TYPE);
        double scale = view.scale(mostWidthMm, mostHeightMm);
        return view.draw(
                Markup.number(view.layout.width() * scale) + "mm", Markup.number(view.height() * scale) + "mm");
    }

    private double height() {
        return layout.bottom() - layout.top() + 3.4 * type;
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
                f("0 %.1f %.1f %.1f", layout.top() - type / 2, layout.width(), height()),
                "role",
                "group",
                "aria-label",
                "Pieces to scale");
        if (paper) {
            out.element("style", Shipped.text("paper/pieces.css"));
        }
        layout.large().stream().findFirst().ifPresent(this::levelNames);
        layout.placed().forEach(this::piece);
        foot(layout.bottom() + 1.4 * type);
        return out.close();
    }

    private void levelNames(Piece first) {
        double last = -1e9;
        for (Level level : first.levels()) {
            double y = Math.max(level.to().y(), last + type * 1.1);
            last = y;
            text(4, y + type / 4, level.said(), "data-of", level.name());
        }
        Edge upper = first.edges().get(0);
        text(4, upper.path().start().y() + type / 4, upper.name(), "data-of", upper.name());
    }

    private void piece(PieceLayout.Placed at) {
        Piece piece = at.piece();
        out.open("g", "transform", f("translate(%.1f %.1f)", at.dx(), at.dy()));
        out.empty("path", "class", "allow", "d", PiecePaths.closed(spec.cutLine(piece)));
        out.empty("path", "class", "net", "d", PiecePaths.closed(piece.outline()));
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
                    f("%.1f", type / 4));
        }
        boolean atCorner = isCorner(piece, from) != isCorner(piece, to);
        double x = from.x() * 0.3 + to.x() * 0.7 - (atCorner ? 1.4 * type : 0);
        double y = to.y() + (atCorner ? type : -type / 4);
        text(x, y, spec.tape().of(level.width()), "text-anchor", "middle", "data-of", name);
    }

    private static boolean isCorner(Piece piece, Point p) {
        return piece.edges().stream().anyMatch(e -> e.path().start().distance(p) < 0.01);
    }

    private void grain(Piece piece) {
        if (!piece.grain().isEmpty()) {
            out.empty("path", "class", "grain", "d", PiecePaths.arrow(piece.grain(), type));
        }
    }

    private void label(Piece piece) {
        String cut = "cut " + piece.cut().count();
        if (piece.levels().isEmpty()) {
            smallLabel(piece, cut);
            return;
        }
        if (isNamedBelow(piece, type)) {
            double below = Box.of(spec.cutLine(piece)).bottom();
            String side = piece.id().sideWord() == null ? "" : piece.id().sideWord() + ", ";
            text(0, below + type * 1.1, piece.title(), "class", "name");
            text(0, below + type * 2.2, side + cut);
            return;
        }
        double y = clearOfLevels(piece, piece.grain().get(0), piece.grain().get(1), type)
                .y();
        text(indent(type), y, piece.title(), "class", "name");
        double under = y + 1.1 * type;
        if (piece.id().sideWord() != null) {
            text(indent(type), under, piece.id().sideWord());
            under += type * 1.2;
        }
        text(indent(type), under, cut);
    }

    /** Whether a piece with levels has no room for its name: on the fold, or too narrow. */
    static boolean isNamedBelow(Piece piece, double type) {
        if (piece.edges().stream().anyMatch(e -> e.finish() == Finish.FOLD)) {
            return true;
        }
        double narrowest =
                piece.levels().stream().mapToDouble(Level::width).min().orElse(0);
        return narrowest < width(piece.title(), type) + 2 * indent(type);
    }

    /** How far a piece's name stands from its edge. */
    private static double indent(double type) {
        return 0.4 * type;
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
            text(
                    box.left(),
                    outer.bottom() + type,
                    piece.title() + size + piece.cut().said(),
                    "class",
                    "name");
            return;
        }
        double y = outer.bottom();
        for (String line : smallName(piece)) {
            y += type * 1.1;
            text(box.left(), y, line, "class", "name");
        }
        text(box.left(), y + type * 1.1, cut);
    }

    /** What a small piece is called, a line for every part of it. */
    static List<String> smallName(Piece piece) {
        return List.of(piece.title().split(", "));
    }

    private void dart(Dart dart) {
        out.empty("path", "class", "dart", "d", PiecePaths.dart(dart));
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
                middle.x() + inner.x() * type / 2,
                middle.y() + (level ? 1.2 * type * inner.y() : type / 7),
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
        Point inner = clear.plus(along.right().times(0.85 * type));
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
        out.empty(
                "path",
                "class",
                "grain",
                "d",
                f(
                        "M4 %1$.1fv%2$.1fm0 -%3$.1fh%4$.1fm0 -%3$.1fv%2$.1fm-%5$.1f -%2$.1fv%2$.1f",
                        y, type / 2, type / 4, 2 * half, half));
        text(4 + type / 2 + 2 * half, y + type / 2, inches ? "8 in" : "20 cm");
    }

    private void text(double x, double y, String text, Object... more) {
        List<Object> attributes = new ArrayList<>(List.of("x", f("%.1f", x), "y", f("%.1f", y)));
        boolean sized = List.of(more).contains("font-size");
        if (!sized) {
            attributes.addAll(List.of("font-size", f("%.1f", type)));
        }
        attributes.addAll(List.of(more));
        out.element("text", text, attributes.toArray());
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
