package app.misura.core.format.sums;

import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.LeftRight;
import java.util.List;

/** Left and right of each pair as two outlined bars from one middle line, all to one scale, with their numbers beside them. */
public final class Butterfly {
    private static final double WIDTH = 374;
    private static final double MIDDLE = WIDTH / 2;
    private static final double LONGEST = 112;
    private static final double ROW = 46;
    private static final double BAR = 24;

    private Butterfly() {}

    /** The pairs in their order; empty where there are none. Seen as the client stands: left is on the left of the page. */
    public static String svg(List<LeftRight> pairs, Unit unit) {
        if (pairs.isEmpty()) {
            return "";
        }
        double most = pairs.stream()
                .mapToDouble(p -> Math.max(p.left().toMm(), p.right().toMm()))
                .max()
                .orElse(1);
        Markup out = new Markup();
        double height = ROW * pairs.size() + 4;
        out.open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        "butterfly",
                        "viewBox",
                        "0 0 " + n(WIDTH) + " " + n(height),
                        "role",
                        "img")
                .element("title", "Left and right of each pair, to one scale");
        double y = 0;
        for (LeftRight pair : pairs) {
            row(out, pair, y, LONGEST / most, unit);
            y += ROW;
        }
        return out.close("svg").toString();
    }

    private static void row(Markup out, LeftRight pair, double y, double scale, Unit unit) {
        double left = pair.left().toMm() * scale;
        double right = pair.right().toMm() * scale;
        double top = y + 19;
        out.open("g", "class", pair.isEven() ? "even" : "uneven");
        out.element(
                "text",
                pair.step().label() + " " + pair.step().name(),
                "class",
                "name",
                "text-anchor",
                "middle",
                "x",
                n(MIDDLE),
                "y",
                n(y + 14));
        bar(out, MIDDLE - left, top, left);
        bar(out, MIDDLE, top, right);
        out.empty("path", "class", "axis", "d", "M" + n(MIDDLE) + " " + n(top) + "v" + n(BAR));
        number(out, "L " + LengthText.column(pair.left(), unit), MIDDLE - left - 8, top, "end");
        number(out, LengthText.column(pair.right(), unit) + " R", MIDDLE + right + 8, top, "start");
        out.close();
    }

    private static void bar(Markup out, double x, double y, double width) {
        out.empty("rect", "class", "half", "x", n(x), "y", n(y), "width", n(width), "height", n(BAR));
    }

    private static void number(Markup out, String words, double x, double y, String anchor) {
        out.element("text", words, "text-anchor", anchor, "x", n(x), "y", n(y + 17));
    }

    private static String n(double value) {
        return Tenths.of(value);
    }
}
