package app.misura.core.form;

import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Measures that must add up: the sum of the terms and the constant is nought, within the tolerance.
 *
 * @param name what is said of it, such as "inside leg"
 * @param terms factor by value, in the order it was written
 * @param onlyIf the choice of each option under which it must add up; empty if always
 */
public record Closure(
        String id, String name, StepSum terms, Length constant, Length tolerance, Map<String, String> onlyIf) {
    public Closure {
        onlyIf = Map.copyOf(onlyIf);
    }

    public Closure(String id, String name, StepSum terms, Length constant, Length tolerance) {
        this(id, name, terms, constant, tolerance, Map.of());
    }

    /** The same sum over other values, under another id and name. */
    Closure over(String otherId, String otherName, StepSum values) {
        return new Closure(otherId, otherName, values, constant, tolerance, onlyIf);
    }

    /** The same sum whatever the answer to one question is. */
    Closure withoutQuestion(String option) {
        return onlyIf.containsKey(option)
                ? new Closure(
                        id,
                        name,
                        terms,
                        constant,
                        tolerance,
                        onlyIf.entrySet().stream()
                                .filter(e -> !e.getKey().equals(option))
                                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)))
                : this;
    }

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

    /** What is added to the parts besides values; negative where it is taken off. */
    public Length added() {
        return wholeSign() < 0 ? constant : Length.ZERO.minus(constant);
    }

    /** What is added up, with the number among it if there is one: {@code D2 + D3}, {@code D13 + 7.0}. */
    public String partsSaid(Unit unit) {
        Length added = added();
        return added.equals(Length.ZERO)
                ? said(parts())
                : said(parts()) + (added.isPositive() ? " + " : " − ") + LengthText.column(added.abs(), unit);
    }

    /** The sum with every sign turned to plus: {@code D2 + D3 = D1}. */
    public String equation(Unit unit) {
        return partsSaid(unit) + " = " + said(wholes());
    }
}
