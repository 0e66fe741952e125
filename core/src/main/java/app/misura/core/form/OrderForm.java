package app.misura.core.form;

import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * The numbered steps, in working order, that one garment asks for. Immutable; an order keeps the version it began with.
 *
 * @param whole the form whose steps and labels this is a selection of, in the same unit; null where it is whole itself
 */
public record OrderForm(
        Heading heading,
        @Nullable OrderForm whole,
        List<Part> parts,
        List<Closure> closures,
        List<OrderCheck> orders,
        List<LevelCheck> levels,
        List<Option> options) {

    public OrderForm {
        parts = List.copyOf(parts);
        closures = List.copyOf(closures);
        orders = List.copyOf(orders);
        levels = List.copyOf(levels);
        options = List.copyOf(options);
    }

    public String id() {
        return heading.id();
    }

    public int version() {
        return heading.version();
    }

    public String title() {
        return heading.title();
    }

    /** The unit that its numbers are read in; {@link #in} gives its other version. */
    public Unit unit() {
        return heading.unit();
    }

    public Increment increment() {
        return heading.increment();
    }

    public double sigmaFactor() {
        return heading.sigmaFactor();
    }

    /** Whether a garment may be cut from it. */
    public boolean cuts() {
        return heading.cuts();
    }

    /** The id of the form this is a selection of; null where it is whole itself. */
    public @Nullable String selectionOf() {
        return whole == null ? null : whole.id();
    }

    public List<Step> steps() {
        return parts.stream().flatMap(p -> p.steps().stream()).toList();
    }

    public Optional<Step> find(String label) {
        for (Part part : parts) {
            for (Step step : part.steps()) {
                if (step.label().equals(label)) {
                    return Optional.of(step);
                }
            }
        }
        return Optional.empty();
    }

    /** @throws IllegalArgumentException if the form has no such step */
    public Step step(String label) {
        return find(label).orElseThrow(() -> new IllegalArgumentException(id() + " has no step " + label));
    }

    /** The height of a measure that is taken with a mark; empty if none is. */
    public Optional<Step> aux(String mark, String code) {
        return steps().stream()
                .filter(s -> mark.equals(s.aux()) && s.taken().code().equals(code))
                .findFirst();
    }

    public Part partOf(Step step) {
        return parts.stream()
                .filter(p -> p.letter().equals(step.part()))
                .findFirst()
                .orElseThrow();
    }

    /** The steps that these answers ask for, in working order. */
    public List<Step> asked(Map<String, String> answers) {
        Map<String, String> full = answers(answers);
        return steps().stream().filter(s -> s.isAsked(full)).toList();
    }

    /** Every option with its answer, the usual one where none was given. */
    public Map<String, String> answers(Map<String, String> given) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (Option option : options) {
            answers.put(option.id(), given.getOrDefault(option.id(), option.usual()));
        }
        return answers;
    }

    /** What is wrong with such answers: an unknown option, a choice it does not have; by option. */
    public Map<String, String> faults(Map<String, String> given) {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, Option> known = new HashMap<>();
        options.forEach(o -> known.put(o.id(), o));
        given.forEach((id, choice) -> {
            Option option = known.get(id);
            if (option == null) {
                faults.put(
                        id,
                        "the form has no option " + id + "; it has "
                                + known.keySet().stream().sorted().toList());
            } else if (!option.choices().contains(choice)) {
                faults.put(id, id + " must be one of " + option.choices() + ", not \"" + choice + "\"");
            }
        });
        return faults;
    }

    /**
     * The form as an order with these answers has it: steps whose side the order says take that side, or each side as a body
     * of its own, with a sum and a check for each; sums and checks that hang on another answer are gone.
     */
    public OrderForm asAsked(Map<String, String> given) {
        return new Asked(this, answers(given)).made();
    }

    /** The form as it is without any answer: steps whose side the order says take the usual one. */
    public OrderForm withUsualSides() {
        return new Asked(this, answers(Map.of())).sided();
    }

    /** The same form with its steps changed one by one. */
    OrderForm withSteps(UnaryOperator<Step> change) {
        List<Part> changed = parts.stream()
                .map(p -> p.with(p.steps().stream().map(change).toList()))
                .toList();
        return withParts(changed);
    }

    OrderForm withParts(List<Part> other) {
        return copy(other, closures, orders, levels);
    }

    /** The same form with its sums and checks. */
    OrderForm with(List<Closure> sums, List<OrderCheck> checks, List<LevelCheck> heights) {
        return copy(parts, sums, checks, heights);
    }

    /** The same form that asks only these questions. */
    OrderForm withOptions(List<Option> asked) {
        return new OrderForm(heading, whole, parts, closures, orders, levels, asked);
    }

    /** What is left of a form, under another heading. @param base the form that it was taken from; null if it is whole */
    OrderForm under(Heading other, @Nullable OrderForm base) {
        return new OrderForm(other, base, parts, closures, orders, levels, options);
    }

    private OrderForm copy(List<Part> other, List<Closure> sums, List<OrderCheck> checks, List<LevelCheck> heights) {
        return new OrderForm(heading, whole, other, sums, checks, heights, options);
    }

    public List<Closure> closuresOf(String label) {
        return closures.stream().filter(c -> c.concerns(label)).toList();
    }

    /**
     * The same form on the other tape: increment and tolerances become the corresponding ones, not converted ones.
     */
    public OrderForm in(Unit wanted) {
        if (wanted == unit()) {
            return this;
        }
        List<Part> turned = parts.stream()
                .map(p -> p.with(p.steps().stream().map(this::turned).toList()))
                .toList();
        return new OrderForm(
                heading.in(wanted),
                whole == null ? null : whole.in(wanted),
                turned,
                closures.stream().map(this::turned).toList(),
                orders.stream().map(this::turned).toList(),
                levels.stream().map(this::turned).toList(),
                options);
    }

    private Step turned(Step s) {
        Length uneven = s.uneven();
        Step turned = s.withWithin(Increment.corresponding(s.within(), unit()))
                .withAdds(Increment.constant(s.adds(), unit().other()));
        return uneven == null ? turned : turned.withUneven(Increment.corresponding(uneven, unit()));
    }

    private OrderCheck turned(OrderCheck check) {
        return check.within(Increment.corresponding(check.within(), unit()));
    }

    private LevelCheck turned(LevelCheck check) {
        return new LevelCheck(
                check.id(), check.name(), check.members(), Increment.corresponding(check.within(), unit()));
    }

    private Closure turned(Closure c) {
        return new Closure(
                c.id(),
                c.name(),
                c.terms(),
                Increment.constant(c.constant(), unit().other()),
                Increment.corresponding(c.tolerance(), unit()),
                c.onlyIf());
    }

    /** Whether the form is for hands that were never taught: a helper's where it may be cut, else the client's own. */
    public boolean isForUntrained() {
        return sigmaFactor() > 1;
    }

    /** Steps of the whole form that a selection leaves out, in working order; none where the form is whole itself. */
    public List<Step> addable() {
        return whole == null
                ? List.of()
                : whole.steps().stream().filter(s -> find(s.label()).isEmpty()).toList();
    }

    /**
     * The same selection with these steps of its whole form too, each with the marks it needs, at its place in the working
     * order; sums and checks that have all their values now come along. Labels that the whole form does not have are passed
     * over. Before an order's answers are known: see {@link #asAsked}.
     */
    public OrderForm adding(Collection<String> labels) {
        return new Selecting(this).adding(labels);
    }
}
