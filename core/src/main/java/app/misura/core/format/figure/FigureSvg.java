package app.misura.core.format.figure;

import app.misura.core.figure.Figure;
import app.misura.core.figure.Knot;
import app.misura.core.format.markup.Markup;
import java.util.List;

/**
 * Draws a figure as layers of SVG. Each filled shape has a soft edge: inside a clip of its own path the same path is
 * stroked four times; that models the form without a gradient and looks the same everywhere. Colours are classes.
 */
final class FigureSvg {
    /** Width and opacity of the strokes that model an edge. */
    private static final double[][] EDGE = {{30, .035}, {20, .035}, {12, .04}, {6, .04}};

    private final Markup out;
    private final Scale scale;
    private final double stroke;
    private final String id;
    private int shapes;

    /** @param stroke factor on stroke widths, by the size of the picture @param id prefix of the shapes' names, unique on its page */
    FigureSvg(Markup out, Scale scale, double stroke, String id) {
        this.out = out;
        this.scale = scale;
        this.stroke = stroke;
        this.id = id;
    }

    void draw(Figure figure) {
        figure.layers().forEach(this::layer);
        figure.lines().forEach(this::line);
    }

    private void line(Figure.Line line) {
        String d = Strokes.taper(
                line.knots(), scale, line.width() * stroke * 1.05, line.startShare(), line.endShare(), .5);
        out.empty("path", "class", "line", "fill-opacity", Strokes.share(line.strength()), "d", d);
    }

    private void layer(Figure.Layer layer) {
        String d = Strokes.path(layer.knots(), layer.closed(), scale);
        switch (layer.role()) {
            case GHOST -> {
                out.empty("path", "class", "skin", "fill-opacity", ".35", "d", d);
                out.empty("path", "class", "edge", "stroke-opacity", ".6", "stroke-width", Strokes.n(stroke), "d", d);
            }
            case STOOL -> out.empty("path", "class", "stool", "stroke-width", Strokes.n(stroke), "d", d);
            case ARM -> {
                List<Knot> open = layer.knots().subList(1, layer.knots().size() - 1);
                String whole = define(d);
                filled(whole, define(Strokes.path(open, false, scale)));
                out.empty("path", "class", "line", "d", Strokes.taper(open, scale, 1.5 * stroke, .05, .05, .06));
            }
            default -> {
                String whole = define(d);
                if (layer.thin()) {
                    out.empty("use", "href", "#" + whole, "class", "skin");
                } else {
                    filled(whole, whole);
                }
                String width = Strokes.n((layer.thin() ? 1.0 : 1.5) * stroke);
                out.empty("use", "href", "#" + whole, "class", "edge", "stroke-width", width);
            }
        }
    }

    /** Writes a path once, to be used by its name. */
    private String define(String d) {
        String name = id + shapes++;
        out.open("defs").empty("path", "id", name, "d", d).close();
        return name;
    }

    private void filled(String whole, String edge) {
        out.open("clipPath", "id", whole + "c")
                .empty("use", "href", "#" + whole)
                .close();
        out.empty("use", "href", "#" + whole, "class", "skin");
        out.open("g", "clip-path", "url(#" + whole + "c)");
        for (double[] e : EDGE) {
            String width = Strokes.n(e[0] * stroke);
            String opacity = Double.toString(e[1]);
            out.empty("use", "href", "#" + edge, "class", "shade", "stroke-opacity", opacity, "stroke-width", width);
        }
        out.close();
    }

    /** A dotted level from one margin to the other, behind the figure. */
    void level(double y, double labelY, double x0, double x1) {
        String d = "M" + Strokes.n(x0) + " " + Strokes.n(scale.of(0, y).y()) + "H" + Strokes.n(x1 - 14 * stroke) + "L"
                + Strokes.n(x1 - 3 * stroke) + " " + Strokes.n(labelY);
        String dashes = Strokes.n(4 * stroke) + " " + Strokes.n(4 * stroke);
        String width = Strokes.n(.9 * stroke);
        out.empty("path", "class", "level", "stroke-width", width, "stroke-dasharray", dashes, "d", d);
    }

    /** The level's name at the far margin, over the figure. */
    void name(double labelY, double x, String name, double type) {
        String y = Strokes.n(labelY + type * .34);
        out.element("text", name, "class", "levelname", "x", Strokes.n(x), "y", y, "font-size", Strokes.n(type));
    }
}
