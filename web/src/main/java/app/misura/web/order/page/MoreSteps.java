package app.misura.web.order.page;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.reading.Reading;
import app.misura.web.order.GarmentOrder;
import java.util.Collection;
import java.util.List;
import java.util.Objects;

/** What a selection could ask besides. */
final class MoreSteps {
    private MoreSteps() {}

    /** A step of the whole form. @param closes what it would check, or nothing @param added whether it is asked already */
    record More(String label, String name, String closes, boolean added) {}

    /** The steps that were added and those that could be, in the whole form's order; none where the form is whole. */
    static List<More> of(GarmentOrder order) {
        OrderForm form = order.form();
        if (form.whole() == null) {
            return List.of();
        }
        OrderForm whole = form.whole().withUsualSides();
        Collection<String> added = order.about().added();
        List<String> free = form.addable().stream().map(Step::label).toList();
        return whole.steps().stream()
                .filter(s -> !s.isDerived() && (added.contains(s.label()) || free.contains(s.label())))
                .map(s -> new More(s.label(), s.name(), closes(s, form, whole), added.contains(s.label())))
                .toList();
    }

    /** The sums that come with a step where everything else of them is asked already. */
    private static String closes(Step step, OrderForm form, OrderForm whole) {
        List<String> sums = whole.closures().stream()
                .filter(c -> c.concerns(step.label()))
                .filter(c -> c.members().stream()
                        .allMatch(v -> v.step().equals(step.label())
                                || form.find(v.step()).isPresent()))
                .map(Closure::name)
                .toList();
        return sums.isEmpty() ? "" : "checks " + String.join(", ", sums);
    }

    /** What going on with the whole form would ask. */
    static String onward(GarmentOrder order) {
        OrderForm whole = Objects.requireNonNull(order.form().whole());
        long more = order.form().addable().stream()
                .filter(s -> !s.isDerived())
                .map(Step::label)
                .distinct()
                .count();
        int kept = (int)
                order.sheet().readings().stream().map(Reading::step).distinct().count();
        return (kept == 0
                        ? "Nothing is read yet"
                        : "What was read at " + kept + (kept == 1 ? " step" : " steps") + " stays there")
                + "; " + more + " more of " + whole.title() + " are asked"
                + (order.form().isForUntrained() && kept > 0
                        ? ", and what was read so far is taken to scatter more than a tailor's own."
                        : ".");
    }
}
