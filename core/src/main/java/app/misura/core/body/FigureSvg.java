package app.misura.core.body;

import java.util.List;

/**
 * Draws a figure as layers of SVG. Each filled shape has a soft edge: inside a clip of its own path the same path is
 * stroked four times; that models the form without a gradient and looks the same everywhere. Colours are classes.
 */
final class FigureSvg {
    private static final double[][] EDGE = {{30, .035}, {20, .035}, {12, .04}, {6, .04}};

    private final StringBuilder out;
    private final Scale scale;
    private final double stroke;
    private final String id;
    private int shapes;

    /** @param stroke factor on stroke widths, by the size of the picture @param id prefix of the shapes' names, unique on its page */
    FigureSvg(StringBuilder out, Scale scale, double stroke, String id) {
        this.out = out;
        this.scale = scale;
        this.stroke = stroke;
        this.id = id;
    }

    void draw(Figure figure) {
        figure.layers().forEach(this::layer);
        for (Figure.Line line : figure.lines()) {
            String d = Strokes.taper(
                    line.knots(), scale, line.width() * stroke * 1.05, line.startShare(), line.endShare(), .5);
            out.append("<path class=\"line\" fill-opacity=\"")
                    .append(String.format(java.util.Locale.ROOT, "%.2f", line.strength()))
                    .append("\" d=\"")
                    .append(d)
                    .append("\"/>");
        }
    }

    private void layer(Figure.Layer layer) {
        String d = Strokes.path(layer.knots(), layer.closed(), scale);
        switch (layer.role()) {
            case GHOST ->
                out.append("<path class=\"skin\" fill-opacity=\".35\" d=\"")
                        .append(d)
                        .append("\"/><path class=\"edge\" stroke-opacity=\".6\" stroke-width=\"")
                        .append(Strokes.n(stroke))
                        .append("\" d=\"")
                        .append(d)
                        .append("\"/>");
            case STOOL ->
                out.append("<path class=\"stool\" stroke-width=\"")
                        .append(Strokes.n(stroke))
                        .append("\" d=\"")
                        .append(d)
                        .append("\"/>");
            case ARM -> {
                List<Knot> open = layer.knots().subList(1, layer.knots().size() - 1);
                String whole = define(d);
                filled(whole, define(Strokes.path(open, false, scale)));
                out.append("<path class=\"line\" d=\"")
                        .append(Strokes.taper(open, scale, 1.5 * stroke, .05, .05, .06))
                        .append("\"/>");
            }
            default -> {
                String whole = define(d);
                if (layer.thin()) {
                    use(whole, "skin").append("/>");
                } else {
                    filled(whole, whole);
                }
                use(whole, "edge")
                        .append(" stroke-width=\"")
                        .append(Strokes.n((layer.thin() ? 1.0 : 1.5) * stroke))
                        .append("\"/>");
            }
        }
    }

    /** Writes a path once, to be used by its name. */
    private String define(String d) {
        String name = id + shapes++;
        out.append("<defs><path id=\"").append(name).append("\" d=\"").append(d).append("\"/></defs>");
        return name;
    }

    private StringBuilder use(String name, String css) {
        return out.append("<use href=\"#")
                .append(name)
                .append("\" class=\"")
                .append(css)
                .append('"');
    }

    private void filled(String whole, String edge) {
        out.append("<clipPath id=\"")
                .append(whole)
                .append("c\"><use href=\"#")
                .append(whole)
                .append("\"/></clipPath>");
        use(whole, "skin").append("/><g clip-path=\"url(#").append(whole).append("c)\">");
        for (double[] e : EDGE) {
            use(edge, "shade")
                    .append(" stroke-opacity=\"")
                    .append(String.format(java.util.Locale.ROOT, "%.3f", e[1]))
                    .append("\" stroke-width=\"")
                    .append(Strokes.n(e[0] * stroke))
                    .append("\"/>");
        }
        out.append("</g>");
    }

    /** A dotted level from one margin to the other, behind the figure. */
    void level(double y, double labelY, double x0, double x1) {
        out.append("<path class=\"level\" stroke-width=\"")
                .append(Strokes.n(.9 * stroke))
                .append("\" stroke-dasharray=\"")
                .append(Strokes.n(4 * stroke))
                .append(' ')
                .append(Strokes.n(4 * stroke))
                .append("\" d=\"M")
                .append(Strokes.n(x0))
                .append(' ')
                .append(Strokes.n(scale.of(0, y).y()))
                .append('H')
                .append(Strokes.n(x1 - 14 * stroke))
                .append('L')
                .append(Strokes.n(x1 - 3 * stroke))
                .append(' ')
                .append(Strokes.n(labelY))
                .append("\"/>");
    }

    /** The level's name at the far margin, over the figure. */
    void name(double labelY, double x, String name, double type) {
        out.append("<text class=\"levelname\" x=\"")
                .append(Strokes.n(x))
                .append("\" y=\"")
                .append(Strokes.n(labelY + type * .34))
                .append("\" font-size=\"")
                .append(Strokes.n(type))
                .append("\">")
                .append(name)
                .append("</text>");
    }
}
