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
import java.util.Optional;
import java.util.Set;

/**
 * The proportions by which a house looks at bodies. Each rule stands after those of what it names, so that they can be
 * followed from the first to the last.
 *
 * @param source where they are from, for people
 */
public record Proportions(String source, List<Proportion> rules) {
    record RuleDoc(String of, String is, double spread, String about, boolean scales) {}

    record Doc(int version, String source, List<RuleDoc> rules) {}

    private static final class Usual {
        static final Proportions INSTANCE = read(Shipped.text("house/proportions.yaml"));
    }

    /** @throws IllegalArgumentException if a rule names what only a later one is of, or two are of one measure */
    public Proportions {
        rules = List.copyOf(rules);
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
                    Proportion.Region.valueOf(rule.about().toUpperCase(Locale.ROOT)),
                    rule.scales()));
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

    /** Every measure that stands in a rule. */
    public Set<String> keys() {
        Set<String> keys = new LinkedHashSet<>();
        rules.forEach(rule -> {
            keys.addAll(rule.factors().keySet());
            keys.add(rule.of());
        });
        return keys;
    }

    public Optional<Proportion> of(String key) {
        return rules.stream().filter(r -> r.of().equals(key)).findFirst();
    }
}
