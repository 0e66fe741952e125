package app.misura.core.judging;

import app.misura.core.formula.Formula;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The proportions by which a house looks at bodies. Each rule stands after those of what it names, so that they can be
 * followed from the first to the last.
 */
public final class Proportions {
    private final String source;
    private final List<Proportion> rules;
    private final Map<String, List<MeasureKey>> keys = new LinkedHashMap<>();

    record RuleDoc(String of, String is, double spread, String about) {}

    record Doc(int version, String source, List<RuleDoc> rules) {}

    private static final class Usual {
        static final Proportions INSTANCE = read(Shipped.text("house/proportions.yaml"));
    }

    /**
     * @param source where they are from, for people
     * @throws IllegalArgumentException if a rule names what only a later one is of, or two are of one measure
     */
    public Proportions(String source, List<Proportion> rules) {
        this.source = source;
        this.rules = List.copyOf(rules);
        Set<String> of = new HashSet<>();
        for (int i = 0; i < rules.size(); i++) {
            Proportion rule = rules.get(i);
            if (!of.add(rule.of())) {
                throw new IllegalArgumentException("two proportions are of " + rule.of());
            }
            for (Proportion later : rules.subList(i, rules.size())) {
                if (rule.factors().containsKey(later.of())) {
                    throw new IllegalArgumentException(rule.of() + " stands before " + later.of() + ", which it names");
                }
            }
        }
        Set<String> named = new LinkedHashSet<>();
        rules.forEach(rule -> {
            named.addAll(rule.factors().keySet());
            named.add(rule.of());
        });
        for (String each : named) {
            MeasureKey key = MeasureKey.parse(each);
            keys.computeIfAbsent(key.code(), code -> new ArrayList<>()).add(key);
        }
    }

    public String source() {
        return source;
    }

    public List<Proportion> rules() {
        return rules;
    }

    /** Those that ship: house defaults. */
    public static Proportions shipped() {
        return Usual.INSTANCE;
    }

    /** None at all: nothing is expected of any body. */
    public static Proportions none() {
        return new Proportions("none", List.of());
    }

    /** @throws IllegalArgumentException saying what is wrong in the text */
    public static Proportions read(String yaml) {
        Doc doc = Shipped.parse(yaml, "house/proportions.yaml", Doc.class);
        List<Proportion> rules = new ArrayList<>();
        for (RuleDoc rule : doc.rules()) {
            Map<String, Double> factors = new LinkedHashMap<>();
            double constant = sum(Formula.parse(rule.is()), 1, factors);
            for (String name : factors.keySet()) {
                known(name);
            }
            known(rule.of());
            rules.add(new Proportion(
                    rule.of(),
                    factors,
                    constant,
                    rule.spread() / 100,
                    Proportion.Region.valueOf(rule.about().toUpperCase(Locale.ROOT))));
        }
        return new Proportions(doc.source(), rules);
    }

    private static void known(String key) {
        if (MeasureKey.parse(key).in(Catalogue.shipped()) == null) {
            throw new IllegalArgumentException("house/proportions.yaml: no measure is called " + key);
        }
    }

    private static double sum(Formula formula, double times, Map<String, Double> factors) {
        if (formula instanceof Formula.Name name) {
            factors.merge(name.name(), times, Double::sum);
            return 0;
        }
        if (formula instanceof Formula.Constant constant) {
            return times * constant.number();
        }
        if (formula instanceof Formula.Sum sum) {
            double constant = 0;
            for (Formula.Term term : sum.terms()) {
                constant += sum(term.of(), times * term.factor(), factors);
            }
            return constant;
        }
        throw new IllegalArgumentException("house/proportions.yaml: only sums are understood");
    }

    /** The measures of some code that stand in a rule. */
    public List<MeasureKey> keys(String code) {
        return keys.getOrDefault(code, List.of());
    }

    public Optional<Proportion> of(String key) {
        return rules.stream().filter(r -> r.of().equals(key)).findFirst();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Proportions p && source.equals(p.source) && rules.equals(p.rules);
    }

    @Override
    public int hashCode() {
        return Objects.hash(source, rules);
    }

    @Override
    public String toString() {
        return rules.size() + " proportions, " + source;
    }
}
