package app.misura.core.formula;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A weighted sum with a constant, {@code max}, {@code min} and {@code by-choice(...)}: {@code 1.7 rise-ease}, {@code max(net
 * heel - net ankle + 20, 100)}, {@code by-leg(gathered 30, narrow 8)}, {@code 1/2 B6 + A1-right - M1}. Nothing multiplies
 * two unknowns.
 *
 * <p>Grammar: {@code sum = [-] term {(+|-) term}}, {@code term = number | [number] factor}, {@code factor = name |
 * max(sum, sum ...) | min(sum, sum ...) | by-name(word sum, word sum ...)}, {@code number = 12 | 0.7 | 3/4}, {@code name =
 * [net] letters, digits and hyphens, [conditions] behind}.
 */
public sealed interface Formula {
    /** What a name stands for; empty where it is not known. */
    @FunctionalInterface
    interface Names {
        OptionalDouble of(String name);

        /** The word that was chosen; empty where nobody asks by a choice. */
        default String chosen(String choice) {
            return "";
        }
    }

    /** Its value; empty if a name that it needs is not known. */
    OptionalDouble value(Names names);

    /** Every name in it, in the order in which they are written; choices not among them. */
    Set<String> names();

    /** @throws IllegalArgumentException saying at which place of the text what would be understood */
    static Formula parse(String text) {
        return new FormulaParser(text).whole();
    }

    /** A plain number. */
    record Constant(double number) implements Formula {
        @Override
        public OptionalDouble value(Names names) {
            return OptionalDouble.of(number);
        }

        @Override
        public Set<String> names() {
            return Set.of();
        }
    }

    /** A name. */
    record Name(String name) implements Formula {
        @Override
        public OptionalDouble value(Names names) {
            return names.of(name);
        }

        @Override
        public Set<String> names() {
            return Set.of(name);
        }
    }

    /** One part of a sum. */
    record Term(double factor, Formula of) {}

    /** Terms that are added up. */
    record Sum(List<Term> terms) implements Formula {
        public Sum {
            terms = List.copyOf(terms);
        }

        @Override
        public OptionalDouble value(Names names) {
            double sum = 0;
            for (Term term : terms) {
                OptionalDouble value = term.of().value(names);
                if (value.isEmpty()) {
                    return OptionalDouble.empty();
                }
                sum += term.factor() * value.getAsDouble();
            }
            return OptionalDouble.of(sum);
        }

        @Override
        public Set<String> names() {
            return all(terms.stream().map(Term::of).toList());
        }
    }

    /** The greatest, or the least, of several. */
    record Extreme(boolean greatest, List<Formula> of) implements Formula {
        public Extreme {
            of = List.copyOf(of);
        }

        @Override
        public OptionalDouble value(Names names) {
            double found = greatest ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
            for (Formula each : of) {
                OptionalDouble value = each.value(names);
                if (value.isEmpty()) {
                    return OptionalDouble.empty();
                }
                found = greatest ? Math.max(found, value.getAsDouble()) : Math.min(found, value.getAsDouble());
            }
            return OptionalDouble.of(found);
        }

        @Override
        public Set<String> names() {
            return all(of);
        }
    }

    /** What a choice decides; where nobody asks for it, the first. */
    record By(String choice, Map<String, Formula> of) implements Formula {
        public By {
            of = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(of));
        }

        @Override
        public OptionalDouble value(Names names) {
            String word = names.chosen(choice);
            Formula chosen = word.isEmpty() ? of.values().iterator().next() : of.get(word);
            return chosen == null ? OptionalDouble.empty() : chosen.value(names);
        }

        @Override
        public Set<String> names() {
            return all(List.copyOf(of.values()));
        }
    }

    private static Set<String> all(List<Formula> formulas) {
        Set<String> names = new LinkedHashSet<>();
        formulas.forEach(f -> names.addAll(f.names()));
        return names;
    }

    /** The choices it asks by. */
    default Map<String, Set<String>> choices() {
        Map<String, Set<String>> choices = new LinkedHashMap<>();
        if (this instanceof By by) {
            choices.put(by.choice(), by.of().keySet());
            by.of().values().forEach(f -> choices.putAll(f.choices()));
        } else if (this instanceof Sum sum) {
            sum.terms().forEach(t -> choices.putAll(t.of().choices()));
        } else if (this instanceof Extreme extreme) {
            extreme.of().forEach(f -> choices.putAll(f.choices()));
        }
        return choices;
    }

    /**
     * The factor of each name, where it is a plain sum of names.
     *
     * @throws IllegalArgumentException if it is anything more than that
     */
    default Map<String, Double> factors() {
        Map<String, Double> factors = new LinkedHashMap<>();
        List<Term> terms = this instanceof Sum sum ? sum.terms() : List.of(new Term(1, this));
        for (Term term : terms) {
            if (!(term.of() instanceof Name name)) {
                throw new IllegalArgumentException("only names can be added up here");
            }
            factors.merge(name.name(), term.factor(), Double::sum);
        }
        return factors;
    }
}
