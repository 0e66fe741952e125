package app.misura.core.form;

import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The numbered steps, in working order, that one garment asks for. Immutable; an order keeps the version it began with.
 *
 * @param unit the unit the form is shipped in; {@link #in} gives its other version
 * @param whole the form whose steps and labels this is a selection of, in the same unit; null where it is whole itself
 * @param sigmaFactor how much wider a reading scatters than a careful measurer's (1.5 with untrained people)
 * @param cuts whether a garment may be cut from it
 */
public record OrderForm(
        String id,
        int version,
        String title,
        Unit unit,
        Increment increment,
        @Nullable OrderForm whole,
        double sigmaFactor,
        boolean cuts,
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

    /** The id of the form this is a selection of; null where it is whole itself. */
    public @Nullable String selectionOf() {
        return whole == null ? null : whole.id;
    }

    public List<Step> steps() {
        return parts.stream().flatMap(p -> p.steps().stream()).toList();
    }

    public Optional<Step> find(String label) {
        return steps().stream().filter(s -> s.label().equals(label)).findFirst();
    }

    /** @throws IllegalArgumentException if the form has no such step */
    public Step step(String label) {
        return find(label).orElseThrow(() -> new IllegalArgumentException(id + " has no step " + label));
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

    private OrderForm copy(List<Part> other, List<Closure> sums, List<OrderCheck> checks, List<LevelCheck> heights) {
        return new OrderForm(
                id, version, title, unit, increment, whole, sigmaFactor, cuts, other, sums, checks, heights, options);
    }

    public List<Closure> closuresOf(String label) {
        return closures.stream().filter(c -> c.concerns(label)).toList();
    }

    /**
     * The same form on the other tape: increment and tolerances become the corresponding ones, not converted ones.
     */
    public OrderForm in(Unit wanted) {
        if (wanted == unit) {
            return this;
        }
        List<Part> turned = parts.stream()
                .map(p -> p.with(p.steps().stream().map(this::turned).toList()))
                .toList();
        return new OrderForm(
                id,
                version,
                title,
                wanted,
                increment.in(wanted),
                whole == null ? null : whole.in(wanted),
                sigmaFactor,
                cuts,
                turned,
                closures.stream().map(this::turned).toList(),
                orders.stream().map(this::turned).toList(),
                levels.stream().map(this::turned).toList(),
                options);
    }

    private Step turned(Step s) {
        Length uneven = s.uneven();
        Step turned = s.withWithin(Increment.corresponding(s.within(), unit));
        return uneven == null ? turned : turned.withUneven(Increment.corresponding(uneven, unit));
    }

    private OrderCheck turned(OrderCheck check) {
        return new OrderCheck(
                check.id(), check.more(), check.less(), Increment.corresponding(check.within(), unit), check.reason());
    }

    private LevelCheck turned(LevelCheck check) {
        return new LevelCheck(check.id(), check.name(), check.members(), Increment.corresponding(check.within(), unit));
    }

    private Closure turned(Closure c) {
        return new Closure(
                c.id(),
                c.name(),
                c.terms(),
                Increment.said(c.constant(), unit.other()),
                Increment.corresponding(c.tolerance(), unit),
                c.onlyIf());
    }

    /** The same form with only these steps; sums, checks and derived steps that lose a value go with it. */
    OrderForm select(Set<String> labels, UnaryOperator<Step> change) {
        List<Part> kept = new ArrayList<>();
        for (Part part : parts) {
            List<Step> steps = part.steps().stream()
                    .filter(s -> labels.contains(s.label()))
                    .map(change)
                    .map(s -> s.withNeeds(
                            s.needs().stream().filter(labels::contains).toList()))
                    .toList();
            if (!steps.isEmpty()) {
                kept.add(part.with(steps));
            }
        }
        return withParts(kept).with(List.of(), List.of(), List.of()).withSums(closures, orders, levels);
    }

    /** What readings say of who took them, where the form is for hands that were never taught; empty where it is not. */
    public Optional<String> untrainedAid() {
        return sigmaFactor > 1 ? Optional.of(cuts ? "helper" : "alone") : Optional.empty();
    }

    /** Steps of the whole form that a selection leaves out, in working order; none where the form is whole itself. */
    public List<Step> addable() {
        if (whole == null) {
            return List.of();
        }
        return whole.steps().stream().filter(s -> find(s.label()).isEmpty()).toList();
    }

    /**
     * The same selection with these steps of its whole form too, each with the marks it needs, at its place in the working
     * order; sums and checks that have all their values now come along. Labels that the whole form does not have are passed
     * over. Before an order's answers are known: see {@link #asAsked}.
     */
    public OrderForm adding(Collection<String> labels) {
        Set<String> more = new LinkedHashSet<>();
        addable().stream().filter(s -> labels.contains(s.label())).forEach(s -> {
            more.add(s.label());
            more.addAll(s.needs());
        });
        if (whole == null || more.isEmpty()) {
            return this;
        }
        Set<String> all = new LinkedHashSet<>(more);
        steps().forEach(s -> all.add(s.label()));
        Set<String> asked = options.stream().map(Option::id).collect(Collectors.toSet());
        OrderForm chosen = whole.withoutQuestions(whole.options.stream()
                        .map(Option::id)
                        .filter(id -> !asked.contains(id))
                        .toList())
                .select(
                        all,
                        s -> steps().stream()
                                .filter(own -> own.isVariantOf(s))
                                .map(own -> own.withNeeds(s.needs()))
                                .findFirst()
                                .orElse(s));
        List<Part> own = parts.stream()
                .filter(p ->
                        p.steps().stream().noneMatch(s -> chosen.find(s.label()).isPresent()))
                .toList();
        List<Part> together = new ArrayList<>(chosen.parts);
        together.addAll(own);
        return new OrderForm(
                id,
                version,
                title,
                unit,
                increment,
                whole,
                sigmaFactor,
                cuts,
                together,
                chosen.closures,
                chosen.orders,
                chosen.levels,
                options);
    }

    /** The same form that does not ask these questions: what hangs on one of them is as the usual answer has it. */
    OrderForm withoutQuestions(Collection<String> ids) {
        OrderForm left = this;
        for (Option gone : options.stream().filter(o -> ids.contains(o.id())).toList()) {
            left = left.without(gone);
        }
        return left;
    }

    private OrderForm without(Option gone) {
        List<Part> kept = parts.stream()
                .map(p -> p.with(p.steps().stream()
                        .filter(s -> gone.isUsualOf(s.onlyIf()))
                        .map(s -> s.withoutQuestion(gone.id()))
                        .toList()))
                .toList();
        List<Closure> sums = closures.stream()
                .filter(c -> gone.isUsualOf(c.onlyIf()))
                .map(c -> c.withoutQuestion(gone.id()))
                .toList();
        return new OrderForm(
                id,
                version,
                title,
                unit,
                increment,
                whole,
                sigmaFactor,
                cuts,
                kept,
                sums,
                orders,
                levels,
                options.stream().filter(o -> o != gone).toList());
    }

    /** With those of the sums and checks whose values this form has. */
    private OrderForm withSums(List<Closure> all, List<OrderCheck> checks, List<LevelCheck> heights) {
        List<Closure> kept = new ArrayList<>();
        for (Closure c : all) {
            resolved(c.terms()).ifPresent(t -> kept.add(c.over(c.id(), c.name(), t)));
        }
        List<OrderCheck> ordered = new ArrayList<>();
        for (OrderCheck o : checks) {
            resolved(o.more())
                    .ifPresent(more -> resolved(o.less()).ifPresent(less -> ordered.add(o.over(o.id(), more, less))));
        }
        Set<String> labels = steps().stream().map(Step::label).collect(Collectors.toSet());
        return with(
                kept,
                ordered,
                heights.stream()
                        .filter(l -> l.members().stream().allMatch(m -> labels.contains(m.step())))
                        .toList());
    }

    private Optional<StepSum> resolved(StepSum sum) {
        return sum.in(this::find, new ArrayList<>());
    }
}
