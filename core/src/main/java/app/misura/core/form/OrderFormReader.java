package app.misura.core.form;

import app.misura.core.length.Entry;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Measure;
import app.misura.core.measure.Place;
import app.misura.core.measure.Play;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Reads a form from YAML and cross-checks it: every measure in the catalogue, every label of a sum a step of the form,
 * every option that a step depends on asked. All faults are collected and said at once.
 */
public final class OrderFormReader {
    private final Catalogue catalogue;

    public OrderFormReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    record FormDoc(
            String id,
            int version,
            String title,
            String unit,
            String increment,
            @Nullable Map<String, PartDoc> parts,
            @Nullable List<ClosureDoc> closures,
            @Nullable List<OrderDoc> orders,
            @Nullable List<LevelDoc> levels,
            @Nullable List<OptionDoc> options,
            @Nullable String selectionOf,
            @Nullable List<String> select,
            @Nullable Map<String, String> sides,
            @Nullable Double sigmaFactor,
            @Nullable Boolean cuts) {}

    record PartDoc(String title, String place, @Nullable String gate, List<StepDoc> steps) {}

    record StepDoc(
            String label,
            String name,
            @Nullable String measure,
            @Nullable List<String> needs,
            @Nullable String side,
            @Nullable Map<String, String> condition,
            @Nullable String at,
            @Nullable String play,
            @Nullable String settle,
            @Nullable String within,
            @Nullable Boolean critical,
            @Nullable Map<String, String> onlyIf,
            @Nullable String derived,
            String how,
            String place,
            String brief,
            @Nullable String mind) {}

    record ClosureDoc(
            String id, String name, String sum, @Nullable String constant, String tolerance) {}

    record OrderDoc(String id, String more, String less, String reason) {}

    record LevelDoc(String id, String name, List<String> members, String within) {}

    record OptionDoc(String id, String title, List<String> choices, String usual) {}

    /**
     * Reads one form.
     *
     * @param known forms it may be a selection of, by id
     * @throws IllegalArgumentException listing every fault
     */
    public OrderForm read(String yaml, Map<String, OrderForm> known) {
        FormDoc doc = Shipped.parse(yaml, "form", FormDoc.class);
        OrderForm form = doc.selectionOf() == null ? whole(doc) : selection(doc, known);
        List<String> faults = faults(form);
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException("form " + form.id() + ": " + String.join("; ", faults));
        }
        return form;
    }

    private OrderForm selection(FormDoc doc, Map<String, OrderForm> known) {
        OrderForm base = known.get(doc.selectionOf());
        if (base == null) {
            throw new IllegalArgumentException("form " + doc.id() + " selects from " + doc.selectionOf()
                    + ", which is not among " + known.keySet());
        }
        Set<String> labels = new LinkedHashSet<>(Objects.requireNonNull(doc.select()));
        Set<String> missing = new LinkedHashSet<>(labels);
        base.steps().forEach(s -> missing.remove(s.label()));
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("form " + doc.id() + ": " + base.id() + " has no step " + missing);
        }
        Map<String, String> sides = doc.sides() == null ? Map.of() : doc.sides();
        OrderForm chosen = base.select(labels, s -> sided(s, sides.get(s.label())));
        return new OrderForm(
                doc.id(),
                doc.version(),
                doc.title(),
                base.unit(),
                base.increment(),
                base.id(),
                doc.sigmaFactor() == null ? 1 : doc.sigmaFactor(),
                doc.cuts() == null || doc.cuts(),
                chosen.parts(),
                chosen.closures(),
                chosen.orders(),
                chosen.levels(),
                chosen.options());
    }

    private static Step sided(Step s, @Nullable String side) {
        return side == null ? s : s.withSide(word(StepSide.class, side));
    }

    private OrderForm whole(FormDoc doc) {
        Unit unit = Unit.parse(doc.unit());
        List<Part> parts = new ArrayList<>();
        Objects.requireNonNull(doc.parts())
                .forEach((letter, part) -> parts.add(new Part(
                        letter,
                        part.title(),
                        part.place(),
                        part.gate() == null ? Part.Gate.NONE : word(Part.Gate.class, part.gate()),
                        part.steps().stream().map(s -> step(letter, s, unit)).toList())));
        List<Closure> closures = new ArrayList<>();
        for (ClosureDoc c : orEmpty(doc.closures())) {
            closures.add(new Closure(
                    c.id(),
                    c.name(),
                    Formula.parse(c.sum()),
                    c.constant() == null ? Length.ZERO : length(c.constant(), unit),
                    length(c.tolerance(), unit)));
        }
        List<OrderCheck> orders = new ArrayList<>();
        for (OrderDoc o : orEmpty(doc.orders())) {
            orders.add(new OrderCheck(o.id(), Formula.parse(o.more()), Formula.parse(o.less()), o.reason()));
        }
        List<Option> options = new ArrayList<>();
        for (OptionDoc o : orEmpty(doc.options())) {
            options.add(new Option(o.id(), o.title(), o.choices(), o.usual()));
        }
        return new OrderForm(
                doc.id(),
                doc.version(),
                doc.title(),
                unit,
                Increment.of(doc.increment(), unit),
                null,
                1,
                true,
                parts,
                closures,
                orders,
                orEmpty(doc.levels()).stream()
                        .map(l -> new LevelCheck(l.id(), l.name(), l.members(), length(l.within(), unit)))
                        .toList(),
                options);
    }

    private Step step(String letter, StepDoc s, Unit unit) {
        Measure measure = s.measure() == null ? null : catalogue.get(s.measure());
        Map<String, String> only = s.onlyIf() == null ? Map.of() : s.onlyIf();
        Step.Choice choice = only.isEmpty()
                ? null
                : new Step.Choice(
                        only.keySet().iterator().next(),
                        only.values().iterator().next());
        return new Step(
                s.label(),
                letter,
                s.name(),
                measure,
                orEmpty(s.needs()),
                s.side() == null ? StepSide.NONE : word(StepSide.class, s.side()),
                s.condition() == null ? Condition.USUAL : Condition.of(s.condition()),
                s.at() == null ? Place.ONLY : new Place(s.at()),
                s.play() == null ? Play.SNUG : Play.named(s.play()).orElseThrow(),
                s.settle() == null ? Settle.SINGLE : word(Settle.class, s.settle()),
                s.within() == null ? Length.ZERO : length(s.within(), unit),
                Boolean.TRUE.equals(s.critical()),
                choice,
                s.derived() == null ? null : Formula.parse(s.derived()),
                new Step.Prompt(s.how(), s.place(), s.brief(), s.mind() == null ? "" : s.mind()));
    }

    /** The constant that is written so: {@code two-agree}. */
    private static <E extends Enum<E>> E word(Class<E> of, String written) {
        List<String> words = new ArrayList<>();
        for (E each : of.getEnumConstants()) {
            String word = each.name().toLowerCase(Locale.ROOT).replace('_', '-');
            if (word.equals(written)) {
                return each;
            }
            words.add(word);
        }
        throw new IllegalArgumentException(
                of.getSimpleName().toLowerCase(Locale.ROOT) + " must be one of " + words + ", not " + written);
    }

    private static Length length(String text, Unit unit) {
        return Entry.parse(text, unit)
                .asLength()
                .orElseThrow(() -> new IllegalArgumentException(text + " is no length"));
    }

    private static <T> List<T> orEmpty(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }

    private static List<String> faults(OrderForm form) {
        List<String> faults = new ArrayList<>();
        Set<String> labels = new HashSet<>();
        Set<String> ids = new HashSet<>();
        Set<String> options = new HashSet<>();
        form.options().forEach(o -> options.add(o.id()));
        for (Step step : form.steps()) {
            if (!labels.add(step.label())) {
                faults.add("label " + step.label() + " is there twice");
            }
            if (step.name().length() > 20) {
                faults.add(step.label() + ": name is longer than 20 characters");
            }
            if (step.onlyIf() != null && !options.contains(step.onlyIf().option())) {
                faults.add(step.label() + " depends on " + step.onlyIf().option() + "; there are " + options);
            }
            if (step.measure() != null
                    && step.side() == StepSide.BOTH
                    && !step.measure().bothSides()) {
                faults.add(step.label() + ": " + step.measure().code() + " has no sides");
            }
        }
        for (Step step : form.steps()) {
            step.needs().stream()
                    .filter(l -> form.find(l).filter(Step::isMark).isEmpty())
                    .forEach(l -> faults.add(step.label() + " needs " + l + ", which is no mark of the form"));
        }
        for (Closure closure : form.closures()) {
            if (!ids.add(closure.id())) {
                faults.add("closure " + closure.id() + " is there twice");
            }
            check(form, closure.id(), closure.terms(), faults);
        }
        for (OrderCheck order : form.orders()) {
            check(form, order.id(), order.more(), faults);
            check(form, order.id(), order.less(), faults);
        }
        for (LevelCheck level : form.levels()) {
            level.members().stream()
                    .filter(l -> form.find(l).isEmpty())
                    .forEach(l -> faults.add(level.id() + " names " + l + ", which is no step"));
        }
        form.steps().stream()
                .filter(s -> s.derived() != null)
                .forEach(s -> check(form, s.label(), Objects.requireNonNull(s.derived()), faults));
        return faults;
    }

    private static void check(OrderForm form, String id, Formula formula, List<String> faults) {
        Map<String, Boolean> known = new LinkedHashMap<>();
        form.steps().forEach(s -> known.put(s.label(), s.takesReadings()));
        for (String term : formula.terms().keySet()) {
            if (!known.getOrDefault(term.replaceFirst("-(left|right)$", ""), false)) {
                faults.add(id + " names " + term + "; steps with readings are "
                        + known.keySet().stream().filter(known::get).toList());
            }
        }
    }
}
