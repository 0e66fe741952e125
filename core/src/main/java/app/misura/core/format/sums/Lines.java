package app.misura.core.format.sums;

import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;

/** Rows of values, each drawn to the right or the left of one line that they share. */
final class Lines {
    static final double WIDTH = 374;
    static final double ZERO = 222;
    static final double ROW = 24;

    private Lines() {}

    /** Begins such a picture, with the line that its rows share. */
    static Markup open(int rows, String title) {
        String height = Tenths.of(ROW * rows + 4);
        Markup out = new Markup();
        out.open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        "changelines",
                        "viewBox",
                        "0 0 " + Tenths.of(WIDTH) + " " + height,
                        "role",
                        "img")
                .element("title", title);
        out.empty("path", "class", "axis", "d", "M" + Tenths.of(ZERO) + " 0V" + height);
        return out;
    }

    /** Begins a row with its name at its left end and what it says at its right end. */
    static void row(Markup out, boolean large, String name, String says, double y) {
        out.open("g", "class", large ? "large" : "small");
        out.element("text", name, "x", "0", "y", Tenths.of(y + 5));
        out.element("text", says, "text-anchor", "end", "x", Tenths.of(WIDTH - 2), "y", Tenths.of(y + 5));
    }

    /** The row's dot. */
    static void dot(Markup out, boolean large, double x, double y) {
        out.empty("circle", "class", "dot", "cx", Tenths.of(x), "cy", Tenths.of(y), "r", large ? "5.5" : "4");
    }
}
