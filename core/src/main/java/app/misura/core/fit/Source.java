package app.misura.core.fit;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.form.StepSum;
import app.misura.core.formula.Formula;
import app.misura.core.measure.Condition;
import app.misura.core.reading.Settled;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Where a net length comes from on the sheet.
 *
 * @param step the step it was read at, or the derived step; null where it was not read
 * @param said how the step is called on paper: {@code U1}, {@code D1−S1}
 * @param steps every step behind it
 * @param measure null where several measures make it
 * @param readMm what the sheet keeps, mm
 * @param playMm what the tape's play takes off, mm
 * @param worn what was worn under the tape and is in the value; null where it was taken on the body
 */
public record Source(
        @Nullable String step,
        String said,
        List<String> steps,
        @Nullable String measure,
        double readMm,
        double playMm,
        @Nullable String worn) {
    public Source {
        steps = List.copyOf(steps);
    }

    /** What a sum of measures is made of, in the form's own labels: {@code D1−S1}, {@code 1/2 U3+1/2 U4}; a list where it is no sum. */
    static String said(Formula sum, List<String> labels) {
        List<Double> factors;
        try {
            factors = List.copyOf(sum.factors().values());
        } catch (IllegalArgumentException noSum) {
            return String.join(", ", labels);
        }
        if (factors.size() != labels.size()) {
            return String.join(", ", labels);
        }
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < factors.size(); i++) {
            said.append(factors.get(i) < 0 ? "−" : said.isEmpty() ? "" : "+")
                    .append(StepSum.factor(Math.abs(factors.get(i))))
                    .append(labels.get(i));
        }
        return said.toString();
    }

    /** What was worn under the tape wherever one of these was taken; null where each was taken on the body. */
    static @Nullable String worn(Collection<Settled> members) {
        return members.stream()
                .map(s -> s.step().condition())
                .filter(Condition::isOverMore)
                .map(c -> c.get(Condition.Aspect.OVER))
                .findFirst()
                .orElse(null);
    }

    /** The derived step of the form that is worked out from these steps; null if it has none. */
    static @Nullable String derivedStep(OrderForm form, List<String> labels) {
        return form.steps().stream()
                .filter(s -> s.derived() != null
                        && Objects.requireNonNull(s.derived()).labels().equals(labels))
                .map(Step::label)
                .findFirst()
                .orElse(null);
    }
}
