package app.misura.core.format.sums;

import app.misura.core.adjust.Adjustment;
import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A number line: what was read as a cross, what the others say as a band. */
public final class NumberLine {
    private static final double WIDTH = 374;

    private final double read;
    private final Adjustment.Correction correction;
    private final Unit unit;
    private final double from;
    private final double range;
    private final Markup out = new Markup();

    private NumberLine(double read, Adjustment.Correction correction, Unit unit) {
        this.read = read;
        this.correction = correction;
        this.unit = unit;
        double low = Math.min(read, correction.suggested() - correction.suggestedSd());
        double high = Math.max(read, correction.suggested() + correction.suggestedSd());
        double margin = Math.max((high - low) * 0.28, unit == Unit.CM ? 2 : 0.8);
        this.from = low - margin;
        this.range = high - low + 2 * margin;
    }

    /** @param read the reading, in the unit of the correction */
    public static String svg(double read, Adjustment.Correction correction, Unit unit) {
        return new NumberLine(read, correction, unit).draw();
    }

    private String draw() {
        out.open(
                        "svg",
                        "xmlns",
                        "http://www.w3.org/2000/svg",
                        "class",
                        "bandfig",
                        "viewBox",
                        "0 0 374 96",
                        "role",
                        "img")
                .element("title", "What was read and what the others say");
        double middle = x(correction.suggested());
        double left = x(correction.suggested() - correction.suggestedSd());
        double right = x(correction.suggested() + correction.suggestedSd());
        out.empty("rect", "class", "band", "x", n(left), "y", 34, "width", n(right - left), "height", 22);
        out.empty("path", "class", "mid", "d", "M" + n(middle) + " 30V60");
        axis();
        double at = x(read);
        out.empty("path", "class", "cross", "d", "M" + n(at - 6) + " 40l12 12m0 -12l-12 12");
        boolean readRight = at > middle;
        double said = readRight
                ? Math.max(180, Math.min(middle + 60, at - 66))
                : Math.min(194, Math.max(middle - 60, at + 66));
        word("says", "= the others say " + plusMinus(), readRight, said);
        word(
                "read",
                "≠ read " + text(read),
                readRight,
                readRight ? Math.min(WIDTH - 2, at + 40) : Math.max(2, at - 40));
        return out.close("svg").toString();
    }

    private void axis() {
        double step = step(range);
        List<Double> ticks = new ArrayList<>();
        for (double v = Math.ceil(from / step) * step; x(v) < WIDTH - 8; v += step) {
            ticks.add(v);
        }
        String marks = ticks.stream().map(v -> "M" + n(x(v)) + " 52V60").collect(Collectors.joining());
        out.empty("path", "class", "axis", "d", "M4 56H370" + marks);
        for (double v : ticks) {
            out.element("text", f(step < 1 ? "%.1f" : "%.0f", v), "text-anchor", "middle", "x", n(x(v)), "y", 78);
        }
    }

    private void word(String css, String words, boolean end, double x) {
        out.element("text", words, "class", css, "text-anchor", end ? "end" : "start", "x", n(x), "y", 20);
    }

    private String plusMinus() {
        return text(correction.suggested()) + " ± " + f("%.1f", correction.suggestedSd());
    }

    private String text(double value) {
        return unit == Unit.CM
                ? f("%.1f", value)
                : LengthText.rounded(
                        Length.from(value, unit),
                        new app.misura.core.length.Increment(Length.of("0.125", Unit.INCH), Unit.INCH));
    }

    private static double step(double range) {
        for (double step : new double[] {0.5, 1, 2, 5, 10, 20, 50}) {
            if (range / step <= 8) {
                return step;
            }
        }
        return 100;
    }

    private double x(double value) {
        return 10 + (value - from) * (WIDTH - 20) / range;
    }

    private static String n(double v) {
        return Tenths.of(v);
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
