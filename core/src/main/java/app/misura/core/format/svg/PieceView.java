package app.misura.core.format.svg;

import app.misura.core.cut.CutSpec;
import app.misura.core.draft.Dart;
import app.misura.core.draft.Edge;
import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The pieces on a screen or a cut sheet: one scale, allowance as a band outside, widths at their levels. What belongs to a
 * line of the table carries its name ({@code data-of}), what is sewn together the seam's ({@code data-seam}).
 */
public final class PieceView {
    private static final double GAP = 55;
    private static final double LABELS = 112;
    /** Height of the small type, in mm of the pieces. */
    private static final double TYPE = 29;

    private final CutSpec spec;
    private final StringBuilder out = new StringBuilder();

    private PieceView(CutSpec spec) {
        this.spec = spec;
    }

    public static String svg(CutSpec spec) {
        return new PieceView(spec).draw();
    }

    private String draw() {
        List<Piece> legs =
                spec.draft().pieces().stream().filter(p -> p.hasEdge("inseam")).toList();
        double top = Double.MAX_VALUE;
        double bottom = 0;
        double x = LABELS;
        List<Double> at = new ArrayList<>();
        for (Piece piece : legs) {
            double left =
                    spec.cutLine(piece).stream().mapToDouble(Point::x).min().orElse(0);
            double right =
                    spec.cutLine(piece).stream().mapToDouble(Point::x).max().orElse(0);
            top = Math.min(
                    top,
                    spec.cutLine(piece).stream().mapToDouble(Point::y).min().orElse(0));
            bottom = Math.max(
                    bottom,
                    spec.cutLine(piece).stream().mapToDouble(Point::y).max().orElse(0));
            at.add(x - left);
            x += right - left + GAP;
        }
        double height = bottom - top + 150;
        out.append(f(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"pc\" viewBox=\"0 %.1f %.1f %.1f\" role=\"group\" aria-label=\"Pieces to scale\">",
                top - 14, x, height));
        levelNames(legs.get(0));
        for (int i = 0; i < legs.size(); i++) {
            piece(legs.get(i), at.get(i));
        }
        foot(bottom + 50, x);
        return out.append("</svg>").toString();
    }

    private void levelNames(Piece first) {
        double last = -1e9;
        for (Level level : first.levels()) {
            double y = Math.max(level.to().y(), last + TYPE * 1.1);
            last = y;
            text(
                    4,
                    y + 7,
                    TYPE,
                    "data-of=\"" + level.name() + "\"",
                    level.name().equals("thigh") ? "fork" : level.name());
        }
        text(4, first.points().get("waist-side").y() + 7, TYPE, "data-of=\"waist\"", "waist");
    }

    private void piece(Piece piece, double dx) {
        out.append(f(
                "<g transform=\"translate(%.1f 0)\"><path class=\"allow\" d=\"%s\"/><path class=\"net\" d=\"%s\"/>",
                dx, polygon(spec.cutLine(piece)), polygon(piece.outline())));
        for (Level level : piece.levels()) {
            String name = level.name();
            out.append(f(
                    "<path class=\"lv\" data-of=\"%s\" d=\"M%.1f %.1fL%.1f %.1f\"/>",
                    name,
                    level.from().x(),
                    level.from().y(),
                    level.to().x(),
                    level.to().y()));
            for (Point end : List.of(level.from(), level.to())) {
                out.append(f(
                        "<circle class=\"dot\" data-of=\"%s\" cx=\"%.1f\" cy=\"%.1f\" r=\"7\"/>",
                        name, end.x(), end.y()));
            }
            double labelY =
                    name.equals("thigh") ? level.to().y() + TYPE : level.to().y() - 7;
            text(
                    (level.from().x() * 0.3 + level.to().x() * 0.7) - (name.equals("thigh") ? 40 : 0),
                    labelY,
                    TYPE,
                    "text-anchor=\"middle\" data-of=\"" + name + "\"",
                    f("%.1f", level.width() / 10));
        }
        for (Dart dart : piece.darts()) {
            dart(dart);
        }
        Point a = piece.grain().get(0);
        Point b = piece.grain().get(1);
        double knee = piece.level("knee").from().y();
        double from = knee + 40;
        double to = knee + (piece.level("hem").from().y() - knee) * 0.72;
        out.append(f(
                "<path class=\"grain\" d=\"M%.1f %.1fV%.1fm-7 -12l7 12l7 -12M%.1f %.1fm-7 12l7 -12l7 12\"/>",
                a.x(), from, to, b.x(), from));
        text(12, (from + to) / 2 - 4, 31, "class=\"name\"", title(piece.name().replaceFirst("-.*", "")));
        double under = (from + to) / 2 + 28;
        if (piece.side() != null) {
            text(12, under, TYPE, "", piece.side());
            under += TYPE * 1.2;
        }
        text(12, under, TYPE, "", "cut " + piece.count());
        for (Edge edge : piece.edges()) {
            edge(piece, edge);
        }
        out.append("</g>");
    }

    private static String title(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    private void dart(Dart dart) {
        if (dart.kind() == Dart.Kind.DART) {
            out.append(f(
                    "<path class=\"dart\" d=\"M%.1f %.1fL%.1f %.1fL%.1f %.1f\"/>",
                    dart.mouth1().x(),
                    dart.mouth1().y(),
                    dart.tip().x(),
                    dart.tip().y(),
                    dart.mouth2().x(),
                    dart.mouth2().y()));
            return;
        }
        Point down = dart.tip().minus(dart.mouth1().towards(dart.mouth2(), 0.5));
        for (Point m : List.of(dart.mouth1(), dart.mouth2())) {
            out.append(f("<path class=\"dart\" d=\"M%.1f %.1fl%.1f %.1f\"/>", m.x(), m.y(), down.x(), down.y()));
        }
    }

    private void edge(Piece piece, Edge edge) {
        String seam = piece.side() == null ? edge.name() : edge.name() + "-" + piece.side();
        String of = switch (edge.name()) {
            case "inseam" -> "inside-leg rise";
            case "outseam" -> "outside-leg rise";
            case "crotch" -> "crotch-loop";
            case "waist" -> "waist";
            default -> "";
        };
        String d = edge.path().svg();
        out.append(f(
                "<path class=\"e\" data-of=\"%s\" data-seam=\"%s\" d=\"%s\"/><path class=\"hit\" data-edge=\"%s\" d=\"%s\"/>",
                of, seam, d, seam, d));
        List<Point> line = edge.path().flatten();
        Point middle = Polyline.along(line, edge.length() / 2);
        boolean inside = edge.name().equals("inseam") || edge.name().equals("crotch");
        text(
                middle.x() + (inside ? -14 : 14),
                middle.y() + (edge.name().equals("waist") ? 34 : 4),
                TYPE,
                "class=\"elen\" data-seam=\"" + seam + "\" text-anchor=\"" + (inside ? "end" : "start") + "\"",
                f("%.1f", (edge.length() - piece.intake(edge.name())) / 10));
    }

    private void foot(double y, double width) {
        out.append(f("<path class=\"grain\" d=\"M4 %.1fv16m0 -8h200m0 -8v16m-100 -16v16\"/>", y));
        text(214, y + 16, TYPE, "", "20 cm");
        Piece band = spec.draft().piece("waistband");
        text(
                width - 8,
                y + 16,
                TYPE,
                "text-anchor=\"end\"",
                f(
                        "waistband %.1f × %.1f, fly besides",
                        band.edge("waist").length() / 10, spec.choices().waistband() / 10));
    }

    private void text(double x, double y, double size, String more, String text) {
        out.append(f("<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.0f\" %s>%s</text>", x, y, size, more, text));
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
