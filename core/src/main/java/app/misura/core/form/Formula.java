package app.misura.core.form;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A weighted sum of steps, written as in {@code D1 - S1} or {@code 1/2 B3 + A1}; in the order it was written.
 *
 * @param terms coefficient by step label (or side id such as {@code A1-right})
 */
public record Formula(Map<String, Double> terms) {
    private static final Pattern TERM =
            Pattern.compile("([+-])?\\s*(?:(\\d+)(?:/(\\d+))?\\s+)?([A-Z]\\d+(?:-(?:left|right))?)\\s*");

    public Formula {
        terms = Collections.unmodifiableMap(new LinkedHashMap<>(terms));
    }

    /** Reads a formula. @throws IllegalArgumentException if it is none */
    public static Formula parse(String text) {
        Matcher matcher = TERM.matcher(text.strip());
        Map<String, Double> terms = new LinkedHashMap<>();
        int end = 0;
        while (matcher.find() && matcher.start() == end && (end == 0 || matcher.group(1) != null)) {
            double factor = matcher.group(2) == null ? 1 : Double.parseDouble(matcher.group(2));
            factor /= matcher.group(3) == null ? 1 : Double.parseDouble(matcher.group(3));
            terms.merge(matcher.group(4), "-".equals(matcher.group(1)) ? -factor : factor, Double::sum);
            end = matcher.end();
        }
        if (terms.isEmpty() || end != text.strip().length()) {
            throw new IllegalArgumentException("\"" + text + "\" is no sum of steps");
        }
        return new Formula(terms);
    }

    /** The formula as it is written; {@link #parse} gives it back. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        terms.forEach((label, factor) -> {
            text.append(text.isEmpty() ? (factor < 0 ? "-" : "") : (factor < 0 ? " - " : " + "));
            text.append(factor(Math.abs(factor))).append(label);
        });
        return text.toString();
    }

    private static String factor(double factor) {
        return factor == 1 ? "" : factor == 0.5 ? "1/2 " : Math.round(factor) + " ";
    }
}
