package app.misura.core.format.svg;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.format.markup.Markup;
import app.misura.core.geometry.Point;
import java.util.List;

/** Writes a drawing as SVG whose units are millimetres. Deterministic: the same drawing gives the same bytes. */
public final class SvgWriter {
    private final Markup out = new Markup();

    private SvgWriter() {}

    public static String write(Drawing drawing) {
        return new SvgWriter().document(drawing);
    }

    private String document(Drawing drawing) {
        String w = Markup.number(drawing.widthMm());
        String h = Markup.number(drawing.heightMm());
        out.prologue("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
                .open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "width",
                        w + "mm",
                        "height",
                        h + "mm",
                        "viewBox",
                        "0 0 " + w + " " + h)
                .line()
                .element("title", drawing.title())
                .line()
                .element("style", style())
                .line();
        for (Drawing.Group group : drawing.groups()) {
            String at = Markup.number(group.at().x()) + " "
                    + Markup.number(group.at().y());
            out.open(
                            "g",
                            "id",
                            group.name(),
                            "transform",
                            "translate(" + at + ")" + (group.turned() ? " rotate(90)" : ""))
                    .line();
            group.shapes().forEach(this::shape);
            out.close().line();
        }
        return out.close().line().toString();
    }

    private static String style() {
        StringBuilder style = new StringBuilder(
                "path{fill:none;stroke:#1f1a14;stroke-linejoin:round}text{font-family:'Source Sans 3',sans-serif;fill:#1f1a14}.strong{font-weight:600}");
        for (Pen pen : Pen.values()) {
            style.append('.').append(pen.word()).append("{stroke-width:").append(Markup.number(pen.widthMm()));
            if (pen.dashMm().length > 0) {
                style.append(";stroke-dasharray:");
                for (double dash : pen.dashMm()) {
                    style.append(Markup.number(dash)).append(' ');
                }
            }
            style.append('}');
        }
        return style.toString();
    }

    private void shape(Shape shape) {
        if (shape instanceof Shape.Chords chords) {
            String d = chords(chords.points()) + (chords.closed() ? "Z" : "");
            out.empty("path", "class", chords.pen().word(), "d", d).line();
        } else if (shape instanceof Shape.Curve curve) {
            out.empty(
                            "path",
                            "class",
                            curve.pen().word(),
                            "data-edge",
                            curve.name(),
                            "d",
                            curve.path().svg())
                    .line();
        } else if (shape instanceof Shape.Words words) {
            out.element(
                            "text",
                            words.text(),
                            "x",
                            words.at().x(),
                            "y",
                            words.at().y(),
                            "font-size",
                            words.heightMm(),
                            "class",
                            words.strong() ? "strong" : null,
                            "text-anchor",
                            words.middle() ? "middle" : null)
                    .line();
        }
    }

    /** Straight lines in the letters of SVG: {@code M0 0L10 0L10 10}. */
    public static String chords(List<Point> points) {
        StringBuilder d = new StringBuilder();
        for (Point p : points) {
            d.append(d.isEmpty() ? 'M' : 'L')
                    .append(Markup.number(p.x()))
                    .append(' ')
                    .append(Markup.number(p.y()));
        }
        return d.toString();
    }
}
