package app.misura.core.format.svg;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Pen;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Point;
import java.util.Locale;

/** Writes a drawing as SVG whose units are millimetres. Deterministic: the same drawing gives the same bytes. */
public final class SvgWriter {
    private final StringBuilder out = new StringBuilder();

    private SvgWriter() {}

    public static String write(Drawing drawing) {
        return new SvgWriter().document(drawing);
    }

    private String document(Drawing drawing) {
        String w = number(drawing.widthMm());
        String h = number(drawing.heightMm());
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(w)
                .append("mm\" height=\"")
                .append(h)
                .append("mm\" viewBox=\"0 0 ")
                .append(w)
                .append(' ')
                .append(h)
                .append("\">\n<title>")
                .append(escaped(drawing.title()))
                .append("</title>\n");
        style();
        for (Drawing.Group group : drawing.groups()) {
            out.append("<g id=\"")
                    .append(escaped(group.name()))
                    .append("\" transform=\"translate(")
                    .append(number(group.at().x()))
                    .append(' ')
                    .append(number(group.at().y()))
                    .append(")\">\n");
            group.shapes().forEach(this::shape);
            out.append("</g>\n");
        }
        return out.append("</svg>\n").toString();
    }

    private void style() {
        out.append(
                "<style>path{fill:none;stroke:#1f1a14;stroke-linejoin:round}text{font-family:\"Source Sans 3\",sans-serif;fill:#1f1a14}.strong{font-weight:600}");
        for (Pen pen : Pen.values()) {
            out.append('.').append(pen.word()).append("{stroke-width:").append(number(pen.widthMm()));
            if (pen.dashMm().length > 0) {
                out.append(";stroke-dasharray:");
                for (double dash : pen.dashMm()) {
                    out.append(number(dash)).append(' ');
                }
            }
            out.append('}');
        }
        out.append("</style>\n");
    }

    private void shape(Shape shape) {
        if (shape instanceof Shape.Chords chords) {
            out.append("<path class=\"").append(chords.pen().word()).append("\" d=\"");
            char letter = 'M';
            for (Point p : chords.points()) {
                out.append(letter).append(number(p.x())).append(' ').append(number(p.y()));
                letter = 'L';
            }
            out.append(chords.closed() ? "Z" : "").append("\"/>\n");
        } else if (shape instanceof Shape.Curve curve) {
            out.append("<path class=\"")
                    .append(curve.pen().word())
                    .append("\" data-edge=\"")
                    .append(escaped(curve.name()))
                    .append("\" d=\"")
                    .append(curve.path().svg())
                    .append("\"/>\n");
        } else if (shape instanceof Shape.Words words) {
            out.append("<text x=\"")
                    .append(number(words.at().x()))
                    .append("\" y=\"")
                    .append(number(words.at().y()))
                    .append("\" font-size=\"")
                    .append(number(words.heightMm()))
                    .append('"')
                    .append(words.strong() ? " class=\"strong\"" : "")
                    .append(words.middle() ? " text-anchor=\"middle\"" : "")
                    .append('>')
                    .append(escaped(words.text()))
                    .append("</text>\n");
        }
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.3f", value);
        return text.replaceFirst("\\.?0+$", "").replaceFirst("^-0$", "0");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
