package app.misura.core.format.sums;

import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.known.Change;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.List;

/** What changed since last time: one dot on a zero line for each value, all to one scale. */
public final class ChangeLines {
    private static final double WIDTH = 374;
    private static final double ZERO = 222;
    private static final double LONGEST = 96;
    private static final double ROW = 24;
    /** Smaller changes are not drawn as if they were large, mm. */
    private static final double LEAST_MM = 20;

    private ChangeLines() {}

    /** The changes in their order; empty where there are none. */
    public static String svg(List<? extends Change<?>> changes, Unit unit) {
        if (changes.isEmpty()) {
            return "";
        }
        double most = changes.stream().mapToDouble(c -> Math.abs(c.by().toMm())).reduce(LEAST_MM, Math::max);
        double height = ROW * changes.size() + 4;
        Markup out = new Markup();
        out.open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        "changelines",
                        "viewBox",
                        "0 0 " + n(WIDTH) + " " + n(height),
                        "role",
                        "img")
                .element("title", "What is more and what is less than last time");
        out.empty("path", "class", "axis", "d", "M" + n(ZERO) + " 0V" + n(height));
        double y = ROW / 2;
        for (Change<?> change : changes) {
            row(out, change, y, LONGEST / most, unit);
            y += ROW;
        }
        return out.close("svg").toString();
    }

    private static void row(Markup out, Change<?> change, double y, double scale, Unit unit) {
        double at = ZERO + change.by().toMm() * scale;
        out.open("g", "class", change.large() ? "large" : "small");
        out.element("text", change.value() + " " + change.step().name(), "x", "0", "y", n(y + 5));
        out.empty("path", "class", "reach", "d", "M" + n(ZERO) + " " + n(y) + "H" + n(at));
        out.empty("circle", "class", "dot", "cx", n(at), "cy", n(y), "r", change.large() ? "5.5" : "4");
        out.element("text", signed(change.by(), unit), "text-anchor", "end", "x", n(WIDTH - 2), "y", n(y + 5));
        out.close();
    }

    /** {@code + 2.5}, {@code − 1}, {@code 0}. */
    static String signed(Length by, Unit unit) {
        Length size = Increment.of(unit == Unit.CM ? "0.1" : "0.125", unit).snap(by.abs());
        if (!size.isPositive()) {
            return "0";
        }
        return (by.isPositive() ? "+ " : "− ") + LengthText.exact(size, unit);
    }

    private static String n(double value) {
        return Tenths.of(value);
    }
}
