package app.misura.core.format.sums;

import app.misura.core.finding.Spoken;
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
    private static final double LONGEST = 96;
    /** Smaller changes are not drawn as if they were large, mm. */
    private static final double LEAST_MM = 20;

    private ChangeLines() {}

    /** The changes in their order; empty where there are none. */
    public static String svg(List<? extends Change<?>> changes, Unit unit) {
        if (changes.isEmpty()) {
            return "";
        }
        double most = changes.stream().mapToDouble(c -> Math.abs(c.by().toMm())).reduce(LEAST_MM, Math::max);
        Markup out = Lines.open(changes.size(), "What is more and what is less than last time");
        double y = Lines.ROW / 2;
        for (Change<?> change : changes) {
            row(out, change, y, LONGEST / most, unit);
            y += Lines.ROW;
        }
        return out.close("svg").toString();
    }

    private static void row(Markup out, Change<?> change, double y, double scale, Unit unit) {
        double at = Lines.ZERO + change.by().toMm() * scale;
        Lines.row(
                out,
                change.large(),
                Spoken.of(change.value() + " " + change.step().name()),
                signed(change.by(), unit),
                y);
        out.empty("path", "class", "reach", "d", "M" + n(Lines.ZERO) + " " + n(y) + "H" + n(at));
        Lines.dot(out, change.large(), at, y);
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
