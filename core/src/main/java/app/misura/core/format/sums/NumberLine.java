package app.misura.core.format.sums;

import app.misura.core.adjust.Adjustment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.Locale;

/** A number line: what was read as a cross, what the others say as a band. */
public final class NumberLine {
    private static final double WIDTH = 374;

    private NumberLine() {}

    /** @param read the reading, in the unit of the correction */
    public static String svg(double read, Adjustment.Correction correction, Unit unit) {
        double low = Math.min(read, correction.suggested() - correction.suggestedSd());
        double high = Math.max(read, correction.suggested() + correction.suggestedSd());
        double margin = Math.max((high - low) * 0.28, unit == Unit.CM ? 2 : 0.8);
        double from = low - margin;
        double each = (WIDTH - 20) / (high - low + 2 * margin);
        StringBuilder out = new StringBuilder();
        out.append(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"bandfig\" viewBox=\"0 0 374 96\" role=\"img\"><title>What was read and what the others say</title>");
        double b0 = x(correction.suggested() - correction.suggestedSd(), from, each);
        double b1 = x(correction.suggested() + correction.suggestedSd(), from, each);
        double middle = x(correction.suggested(), from, each);
        double at = x(read, from, each);
        out.append(f(
                "<rect class=\"band\" x=\"%.1f\" y=\"34\" width=\"%.1f\" height=\"22\"/><path class=\"mid\" d=\"M%.1f 30V60\"/>",
                b0, b1 - b0, middle));
        out.append("<path class=\"axis\" d=\"M4 56H370");
        double step = step(high - low + 2 * margin);
        StringBuilder labels = new StringBuilder();
        for (double v = Math.ceil(from / step) * step; x(v, from, each) < WIDTH - 8; v += step) {
            out.append(f("M%.1f 52V60", x(v, from, each)));
            labels.append(f(
                    "<text text-anchor=\"middle\" x=\"%.1f\" y=\"78\">%s</text>",
                    x(v, from, each), step < 1 ? f("%.1f", v) : f("%.0f", v)));
        }
        out.append("\"/>").append(labels);
        out.append(f("<path class=\"cross\" d=\"M%.1f 40l12 12m0 -12l-12 12\"/>", at - 6));
        boolean readRight = at > middle;
        out.append(f(
                "<text class=\"says\" text-anchor=\"%s\" x=\"%.1f\" y=\"20\">= the others say %s</text>",
                readRight ? "end" : "start",
                readRight
                        ? Math.max(180, Math.min(middle + 60, at - 66))
                        : Math.min(194, Math.max(middle - 60, at + 66)),
                plusMinus(correction, unit)));
        out.append(f(
                "<text class=\"read\" text-anchor=\"%s\" x=\"%.1f\" y=\"20\">≠ read %s</text>",
                readRight ? "end" : "start",
                readRight ? Math.min(WIDTH - 2, at + 40) : Math.max(2, at - 40),
                text(read, unit)));
        return out.append("</svg>").toString();
    }

    private static String plusMinus(Adjustment.Correction c, Unit unit) {
        return text(c.suggested(), unit) + " ± " + f("%.1f", c.suggestedSd());
    }

    private static String text(double value, Unit unit) {
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

    private static double x(double value, double from, double each) {
        return 10 + (value - from) * each;
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
