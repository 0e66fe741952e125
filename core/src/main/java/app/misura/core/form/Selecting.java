package app.misura.core.form;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** Takes some steps of a form, or fewer questions: sums, checks and derived steps that lose a value go with it. */
record Selecting(OrderForm form) {

    /** The same form with only these steps. */
    OrderForm select(Set<String> labels, UnaryOperator<Step> change) {
        List<Part> kept = new ArrayList<>();
        for (Part part : form.parts()) {
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
        return withTheirSums(form.withParts(kept));
    }

    /** A form with those of the sums and checks of this one whose values it has. */
    private OrderForm withTheirSums(OrderForm fewer) {
        List<Closure> sums = new ArrayList<>();
        for (Closure c : form.closures()) {
            resolved(fewer, c.terms()).ifPresent(t -> sums.add(c.over(c.id(), c.name(), t)));
        }
        List<OrderCheck> checks = new ArrayList<>();
        for (OrderCheck o : form.orders()) {
            resolved(fewer, o.more())
                    .ifPresent(more ->
                            resolved(fewer, o.less()).ifPresent(less -> checks.add(o.over(o.id(), more, less))));
        }
        Set<String> labels = fewer.steps().stream().map(Step::label).collect(Collectors.toSet());
        List<LevelCheck> heights = form.levels().stream()
                .filter(l -> l.members().stream().allMatch(m -> labels.contains(m.step())))
                .toList();
        return fewer.with(sums, checks, heights);
    }

    private static Optional<StepSum> resolved(OrderForm form, StepSum sum) {
        return sum.in(form::find, new ArrayList<>());
    }

    /** See {@link OrderForm#adding}. */
    OrderForm adding(Collection<String> wanted) {
        OrderForm whole = form.whole();
        Set<String> more = new LinkedHashSet<>();
        form.addable().stream().filter(s -> wanted.contains(s.label())).forEach(s -> {
            more.add(s.label());
            more.addAll(s.needs());
        });
        if (whole == null || more.isEmpty()) {
            return form;
        }
        Set<String> all = new LinkedHashSet<>(more);
        form.steps().forEach(s -> all.add(s.label()));
        Set<String> asked = form.options().stream().map(Option::id).collect(Collectors.toSet());
        OrderForm chosen = new Selecting(new Selecting(whole)
                        .withoutQuestions(whole.options().stream()
                                .map(Option::id)
                                .filter(id -> !asked.contains(id))
                                .toList()))
                .select(all, this::asHere);
        List<Part> together = new ArrayList<>(chosen.parts());
        form.parts().stream()
                .filter(p ->
                        p.steps().stream().noneMatch(s -> chosen.find(s.label()).isPresent()))
                .forEach(together::add);
        return chosen.withParts(together).under(form.heading(), whole).withOptions(form.options());
    }

    /** A step of the whole form in the words that this selection has for it. */
    private Step asHere(Step step) {
        return form.steps().stream()
                .filter(own -> own.isVariantOf(step))
                .map(own -> own.withNeeds(step.needs()))
                .findFirst()
                .orElse(step);
    }

    /** The same form that does not ask these questions: what hangs on one of them is as the usual answer has it. */
    OrderForm withoutQuestions(Collection<String> ids) {
        OrderForm left = form;
        for (Option gone :
                form.options().stream().filter(o -> ids.contains(o.id())).toList()) {
            left = without(left, gone);
        }
        return left;
    }

    private static OrderForm without(OrderForm form, Option gone) {
        List<Part> kept = form.parts().stream()
                .map(p -> p.with(p.steps().stream()
                        .filter(s -> gone.isUsualOf(s.onlyIf()))
                        .map(s -> s.withoutQuestion(gone.id()))
                        .toList()))
                .toList();
        List<Closure> sums = form.closures().stream()
                .filter(c -> gone.isUsualOf(c.onlyIf()))
                .map(c -> c.withoutQuestion(gone.id()))
                .toList();
        return form.withParts(kept)
                .with(sums, form.orders(), form.levels())
                .withOptions(form.options().stream().filter(o -> o != gone).toList());
    }
}
