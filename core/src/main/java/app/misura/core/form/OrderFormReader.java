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
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Reads a form from YAML and cross-checks it: every measure in the catalogue, every value of a sum one of the form's, every
 * option and choice that a step depends on asked. All faults are collected and said at once, each with its place.
 */
public final class OrderFormReader {
    /** In the order that all forms follow, part S is what the client holds one end of. */
    private static final String SELF_HELD = "S";

    private final Catalogue catalogue;
    private final List<String> faults = new ArrayList<>();

    public OrderFormReader(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * Reads one form.
     *
     * @param known forms it may be a selection of, by id
     * @throws IllegalArgumentException listing every fault
     */
    public OrderForm read(String yaml, Map<String, OrderForm> known) {
        FormText.FormDoc doc = Shipped.parse(yaml, "form", FormText.FormDoc.class);
        OrderForm form = doc.selectionOf() == null ? whole(doc) : selection(doc, known);
        new FormCheck(form, faults).check();
        refuse(doc.id());
        return form;
    }

    private void refuse(String id) {
        if (!faults.isEmpty()) {
            String all = String.join("; ", new LinkedHashSet<>(faults));
            faults.clear();
            throw new IllegalArgumentException("form " + id + ": " + all);
        }
    }

    /** What a text comes to, or a fault with its place and something to go on with. */
    private <T> T read(String where, Supplier<T> read, T otherwise) {
        try {
            return read.get();
        } catch (IllegalArgumentException wrong) {
            faults.add(where + ": " + wrong.getMessage());
            return otherwise;
        }
    }

    /** What is written comes to; what is usual where nothing is written. */
    private <S, T> T read(String where, @Nullable S written, Function<S, T> read, T usual) {
        return written == null ? usual : read(where, () -> read.apply(written), usual);
    }

    private @Nullable Measure measure(String label, @Nullable String code) {
        if (code == null) {
            return null;
        }
        try {
            return catalogue.get(code);
        } catch (IllegalArgumentException wrong) {
            faults.add(label + ": " + wrong.getMessage());
            return null;
        }
    }

    private OrderForm selection(FormText.FormDoc doc, Map<String, OrderForm> known) {
        OrderForm base = known.get(doc.selectionOf());
        if (base == null) {
            faults.add("selects from " + doc.selectionOf() + ", which is not among " + known.keySet());
            refuse(doc.id());
        }
        OrderForm parent = Objects.requireNonNull(base).in(read("unit", () -> Unit.parse(doc.unit()), base.unit()));
        Set<String> labels = new LinkedHashSet<>(orEmpty(doc.select()));
        Set<String> missing = new LinkedHashSet<>(labels);
        parent.steps().forEach(s -> missing.remove(s.label()));
        if (!missing.isEmpty()) {
            faults.add(parent.id() + " has no step " + missing);
        }
        Map<String, FormText.ChangeDoc> changes = new LinkedHashMap<>();
        orEmpty(doc.sides())
                .forEach((label, side) ->
                        changes.put(label, new FormText.ChangeDoc(side, null, null, null, null, null, null)));
        changes.putAll(orEmpty(doc.change()));
        changes.keySet().stream()
                .filter(label -> !labels.contains(label))
                .forEach(label -> faults.add("changes " + label + ", which it does not select"));
        List<String> without = orEmpty(doc.withoutOptions());
        OrderForm chosen = new Selecting(new Selecting(parent).withoutQuestions(without)).select(labels, s -> {
            FormText.ChangeDoc change = changes.get(s.label());
            return change == null ? s : changed(s, change, parent.unit());
        });
        Unit unit = parent.unit();
        List<Part> parts = new ArrayList<>(chosen.parts());
        if (doc.parts() != null) {
            doc.parts().forEach((letter, part) -> parts.add(part(letter, part, unit)));
        }
        Increment increment = read("increment", () -> Increment.of(doc.increment(), unit), parent.increment());
        return chosen.withParts(parts)
                .under(heading(doc, unit, increment, parent.heading().waist()), parent);
    }

    private static Heading heading(FormText.FormDoc doc, Unit unit, Increment increment, String waist) {
        return new Heading(
                doc.id(),
                doc.version(),
                doc.title(),
                unit,
                increment,
                doc.waist() == null ? waist : doc.waist(),
                doc.sigmaFactor() == null ? 1 : doc.sigmaFactor(),
                doc.cuts() == null || doc.cuts());
    }

    private Step changed(Step step, FormText.ChangeDoc change, Unit unit) {
        String label = step.label();
        Step.Prompt said = step.prompt();
        Step changed = step.withPrompt(new Step.Prompt(
                change.how() == null ? said.how() : change.how(),
                change.place() == null ? said.place() : change.place(),
                change.brief() == null ? said.brief() : change.brief(),
                change.mind() == null ? said.mind() : change.mind(),
                said.spots()));
        if (change.side() != null) {
            changed = changed.withSide(read(label, change.side(), w -> word(StepSide.class, w), StepSide.NONE));
        }
        if (change.settle() != null) {
            changed = changed.withSettle(
                    read(label, change.settle(), w -> word(Settle.class, w), Settle.SINGLE),
                    change.within() == null ? Length.ZERO : length(label, change.within(), unit));
        }
        return changed;
    }

    private OrderForm whole(FormText.FormDoc doc) {
        Unit unit = read("unit", () -> Unit.parse(doc.unit()), Unit.CM);
        List<Part> parts = new ArrayList<>();
        Map<String, FormText.PartDoc> partDocs = doc.parts() == null ? Map.of() : doc.parts();
        partDocs.forEach((letter, part) -> parts.add(part(letter, part, unit)));
        List<Option> options = new ArrayList<>();
        for (FormText.OptionDoc o : orEmpty(doc.options())) {
            read("option " + o.id(), () -> options.add(new Option(o.id(), o.title(), o.choices(), o.usual())), false);
        }
        Increment increment = read("increment", () -> Increment.of(doc.increment(), unit), Increment.of("1", unit));
        OrderForm bare = new OrderForm(
                heading(doc, unit, increment, Heading.BAND), null, parts, List.of(), List.of(), List.of(), options);
        return bare.with(closures(doc, bare), orders(doc, bare), levels(doc, unit));
    }

    private Part part(String letter, FormText.PartDoc part, Unit unit) {
        return new Part(
                letter,
                part.title(),
                part.place(),
                read("part " + letter, part.gate(), w -> word(Part.Gate.class, w), Part.Gate.NONE),
                part.heldByClient() != null ? part.heldByClient() : letter.equals(SELF_HELD),
                part.steps().stream().map(s -> step(letter, s, unit)).toList());
    }

    private Step step(String letter, FormText.StepDoc s, Unit unit) {
        String label = s.label();
        Measure measure = s.word() == null ? measure(label, s.measure()) : Measure.word(s.word(), s.name());
        return new Step(
                label,
                letter,
                s.name(),
                measure,
                orEmpty(s.needs()),
                read(label, s.side(), w -> word(StepSide.class, w), StepSide.NONE),
                read(label, s.condition(), Condition::of, Condition.USUAL),
                read(label, s.at(), Place::new, Place.ONLY),
                read(label, s.play(), OrderFormReader::play, Play.SNUG),
                read(label, s.settle(), w -> word(Settle.class, w), Settle.SINGLE),
                s.within() == null ? Length.ZERO : length(label, s.within(), unit),
                s.uneven() == null ? null : length(label, s.uneven(), unit),
                Boolean.TRUE.equals(s.critical()),
                s.onlyIf() == null ? Map.of() : s.onlyIf(),
                s.derived() == null ? null : sum(label, s.derived()),
                s.aux(),
                s.adds() == null ? Length.ZERO : length(label, s.adds(), unit),
                new Step.Prompt(s.how(), s.place(), s.brief(), s.mind() == null ? "" : s.mind(), orEmpty(s.spot())));
    }

    private static Play play(String word) {
        return Play.named(word).orElseThrow(() -> new IllegalArgumentException("no play is called " + word));
    }

    private List<Closure> closures(FormText.FormDoc doc, OrderForm form) {
        List<Closure> closures = new ArrayList<>();
        for (FormText.ClosureDoc c : orEmpty(doc.closures())) {
            Length constant =
                    c.constant() == null ? Length.ZERO : signed("closure " + c.id(), c.constant(), form.unit());
            Length tolerance = length("closure " + c.id(), c.tolerance(), form.unit());
            values(c.id(), c.sum(), form)
                    .ifPresent(sum -> closures.add(new Closure(
                            c.id(), c.name(), sum, constant, tolerance, c.onlyIf() == null ? Map.of() : c.onlyIf())));
        }
        return closures;
    }

    private List<OrderCheck> orders(FormText.FormDoc doc, OrderForm form) {
        List<OrderCheck> orders = new ArrayList<>();
        for (FormText.OrderDoc o : orEmpty(doc.orders())) {
            Optional<StepSum> more = values(o.id(), o.more(), form);
            Optional<StepSum> less = values(o.id(), o.less(), form);
            if (more.isPresent() && less.isPresent()) {
                Length within = o.within() == null ? Length.ZERO : length("order " + o.id(), o.within(), form.unit());
                orders.add(new OrderCheck(
                        o.id(), more.get(), less.get(), within, Boolean.TRUE.equals(o.usual()), o.reason()));
            }
        }
        return orders;
    }

    private List<LevelCheck> levels(FormText.FormDoc doc, Unit unit) {
        return orEmpty(doc.levels()).stream()
                .map(l -> new LevelCheck(
                        l.id(),
                        l.name(),
                        l.members().stream().map(ValueId::parse).toList(),
                        length("level " + l.id(), l.within(), unit)))
                .toList();
    }

    /** A sum over the values that the form has; empty where it names another. */
    private Optional<StepSum> values(String where, String text, OrderForm form) {
        StepSum sum = sum(where, text);
        List<String> own = new ArrayList<>();
        Optional<StepSum> resolved = sum.in(form::find, own);
        own.forEach(fault -> faults.add(where + " " + fault));
        return resolved;
    }

    private StepSum sum(String where, String text) {
        return read(where, () -> StepSum.parse(text), new StepSum(Map.of()));
    }

    private Length signed(String where, String text, Unit unit) {
        return text.startsWith("-")
                ? Length.ZERO.minus(length(where, text.substring(1).strip(), unit))
                : length(where, text, unit);
    }

    private Length length(String where, String text, Unit unit) {
        return read(
                where,
                () -> Entry.parse(text, unit)
                        .asLength()
                        .orElseThrow(() -> new IllegalArgumentException(text + " is no length")),
                Length.ZERO);
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

    private static <K, V> Map<K, V> orEmpty(@Nullable Map<K, V> map) {
        return map == null ? Map.of() : map;
    }

    private static <T> List<T> orEmpty(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
