package app.misura.core.form;

import app.misura.core.formula.Formula;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * A weighted sum of values, written as in {@code D1 - S1} or {@code 1/2 B3 + A1-right}; in the order it was written.
 *
 * @param terms factor by value
 */
public record StepSum(Map<ValueId, Double> terms) {
    /** Tape fractions go down to a sixty-fourth; a factor is written with the smallest of these that says it. */
    private static final int FINEST = 64;

    private static final double EXACT = 1e-9;
    private static final Pattern VALUE = Pattern.compile("[A-Z]\\d+[a-z]?(-left|-right)?");

    public StepSum {
        terms = Collections.unmodifiableMap(new LinkedHashMap<>(terms));
    }

    /** Reads a sum. @throws IllegalArgumentException if it is none */
    public static StepSum parse(String text) {
        Map<ValueId, Double> terms = new LinkedHashMap<>();
        try {
            Formula.parse(text).factors().forEach((name, factor) -> terms.put(value(name), factor));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException("\"" + text + "\" is no sum of steps: " + wrong.getMessage(), wrong);
        }
        return new StepSum(terms);
    }

    private static ValueId value(String name) {
        if (!VALUE.matcher(name).matches()) {
            throw new IllegalArgumentException(name + " is no step; D1 and A1-right are");
        }
        return ValueId.parse(name);
    }

    public Set<ValueId> values() {
        return terms.keySet();
    }

    /** The labels of the steps it needs, each once, in the order in which they are written. */
    public List<String> labels() {
        Set<String> labels = new LinkedHashSet<>();
        values().forEach(v -> labels.add(v.step()));
        return List.copyOf(labels);
    }

    /**
     * The same sum over the values that a form really has: {@code A1-right} is {@code A1} where that step takes the right
     * side only.
     *
     * @param faults what is wrong with it in this form is added here; then the result is empty
     */
    Optional<StepSum> in(Function<String, Optional<Step>> steps, List<String> faults) {
        Map<ValueId, Double> resolved = new LinkedHashMap<>();
        List<String> own = new ArrayList<>();
        terms.forEach((value, factor) -> {
            Optional<Step> step = steps.apply(value.step()).filter(Step::takesReadings);
            if (step.isEmpty()) {
                own.add("names " + value + ", which is no step with readings");
            } else {
                resolve(value, step.get(), own).ifPresent(v -> resolved.merge(v, factor, Double::sum));
            }
        });
        faults.addAll(own);
        return own.isEmpty() ? Optional.of(new StepSum(resolved)) : Optional.empty();
    }

    private static Optional<ValueId> resolve(ValueId value, Step step, List<String> faults) {
        boolean both = step.side().isTwo();
        if (value.side() == null) {
            if (both) {
                faults.add("names " + value + ", which is taken on both sides; say left or right");
            }
            return both ? Optional.empty() : Optional.of(value);
        }
        if (both) {
            return Optional.of(value);
        }
        if (!step.side().word().equals(value.side().word())) {
            faults.add("names " + value + "; " + step.label() + " is taken on the side "
                    + step.side().word());
            return Optional.empty();
        }
        return Optional.of(ValueId.of(value.step()));
    }

    /** The sum as it is written; {@link #parse} gives it back. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        terms.forEach((value, factor) -> {
            text.append(text.isEmpty() ? (factor < 0 ? "-" : "") : (factor < 0 ? " - " : " + "));
            text.append(factor(Math.abs(factor))).append(value);
        });
        return text.toString();
    }

    /** A factor before its value: nothing for one, {@code 2 }, {@code 1/4 }, else as a decimal. */
    public static String factor(double factor) {
        if (factor == 1) {
            return "";
        }
        for (int below = 1; below <= FINEST; below++) {
            double above = factor * below;
            if (Math.abs(above - Math.rint(above)) < EXACT) {
                return Math.round(above) + (below == 1 ? " " : "/" + below + " ");
            }
        }
        return factor + " ";
    }
}
