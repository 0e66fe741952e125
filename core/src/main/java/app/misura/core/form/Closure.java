package app.misura.core.form;

import app.misura.core.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Measures that must add up: the sum of the terms and the constant is nought, within the tolerance.
 *
 * @param name what is said of it, such as "inside leg"
 * @param terms factor by value, in the order it was written
 */
public record Closure(String id, String name, StepSum terms, Length constant, Length tolerance) {

    /** Whether a step takes part, with any of its values. */
    public boolean concerns(String label) {
        return members().stream().anyMatch(m -> m.isOf(label));
    }

    public boolean concerns(ValueId value) {
        return terms.terms().containsKey(value);
    }

    public List<ValueId> members() {
        return List.copyOf(terms.values());
    }

    /** The labels of the steps that take part, each once. */
    public List<String> labels() {
        return terms.labels();
    }

    /** How often a member counts. */
    public double factor(ValueId member) {
        return Math.abs(java.util.Objects.requireNonNull(terms.terms().get(member)));
    }

    /** The one side of the sum that stands alone: the whole. Where both sides have several terms the negative ones are. */
    public List<ValueId> wholes() {
        return signed(wholeSign());
    }

    /** The other side: what is added up. */
    public List<ValueId> parts() {
        return signed(-wholeSign());
    }

    private int wholeSign() {
        long negative = terms.terms().values().stream().filter(c -> c < 0).count();
        long positive = terms.terms().size() - negative;
        return positive == 1 && negative > 1 ? 1 : -1;
    }

    private List<ValueId> signed(int sign) {
        List<ValueId> values = new ArrayList<>();
        for (Map.Entry<ValueId, Double> term : terms.terms().entrySet()) {
            if (Math.signum(term.getValue()) == sign) {
                values.add(term.getKey());
            }
        }
        return values;
    }

    /** Values with their factors, added up: {@code 1/2 B6 + A1}. */
    public String said(List<ValueId> values) {
        return values.stream().map(v -> StepSum.factor(factor(v)) + v).collect(Collectors.joining(" + "));
    }

    /** The sum with every sign turned to plus: {@code D2 + D3 = D1}. */
    public String equation() {
        return said(parts()) + " = " + said(wholes());
    }
}
