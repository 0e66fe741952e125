package app.misura.core.garment;

import app.misura.core.formula.Formula;
import app.misura.core.house.HouseTables;
import app.misura.core.house.MeasureClass;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.norm.Norms;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Reads nets and passages, and cross-checks every word in them with the catalogue. Collects its faults. */
final class NetReader {
    private final HouseTables tables;
    private final Catalogue catalogue;
    private final List<String> faults;
    private final Map<String, Net> nets = new LinkedHashMap<>();
    private final Map<String, Net> passages = new LinkedHashMap<>();

    NetReader(HouseTables tables, Catalogue catalogue, List<String> faults) {
        this.tables = tables;
        this.catalogue = catalogue;
        this.faults = faults;
    }

    /** @param kind the letter of its class */
    record NetDoc(
            String kind,
            List<String> of,
            @Nullable String likely,
            @JsonProperty("else") @Nullable List<RuleDoc> otherwise) {}

    record RuleDoc(String rule, String sd) {}

    record Doc(Map<String, NetDoc> nets, Map<String, NetDoc> passages) {}

    NetReader read(Doc doc) {
        doc.nets().forEach((name, net) -> nets.put(name, net(name, net)));
        doc.passages().forEach((name, net) -> passages.put(name, net(name, net)));
        nets.values().forEach(this::check);
        passages.values().forEach(this::check);
        return this;
    }

    private Net net(String name, NetDoc doc) {
        return net(name, kind(doc.kind(), name), doc.of(), doc.likely(), doc.otherwise());
    }

    Net net(String name, MeasureClass kind, List<String> of, @Nullable String likely, @Nullable List<RuleDoc> rules) {
        List<Formula> sums = new ArrayList<>();
        of.forEach(text -> formula(name, text).ifPresent(sums::add));
        List<Net.Rule> otherwise = new ArrayList<>();
        for (RuleDoc rule : rules == null ? List.<RuleDoc>of() : rules) {
            Optional<Formula> value = formula(name, rule.rule());
            Optional<Formula> sd = formula(name, rule.sd());
            if (value.isPresent() && sd.isPresent()) {
                otherwise.add(new Net.Rule(rule.rule(), value.get(), sd.get()));
            }
        }
        return new Net(name, kind, sums, likely, otherwise);
    }

    MeasureClass kind(String letter, String where) {
        MeasureClass kind = tables.classes().get(letter);
        if (kind == null) {
            faults.add(where + ": no class of measures is called " + letter + "; there are "
                    + tables.classes().keySet().stream().sorted().toList());
            return tables.classes().values().iterator().next();
        }
        return kind;
    }

    Optional<Formula> formula(String where, String text) {
        try {
            return Optional.of(Formula.parse(text));
        } catch (IllegalArgumentException wrong) {
            faults.add(where + ": " + wrong.getMessage());
            return Optional.empty();
        }
    }

    /** Whether a word is a measure of the catalogue, with a condition that there is. */
    boolean isMeasure(String word) {
        try {
            return MeasureKey.parse(word).in(catalogue) != null;
        } catch (IllegalArgumentException wrong) {
            return false;
        }
    }

    /** Whether a net is of measures of that region of the body. */
    boolean liesOn(Net net, String region) {
        return net.of().stream()
                .flatMap(f -> f.names().stream())
                .filter(this::isMeasure)
                .map(word -> MeasureKey.parse(word).in(catalogue))
                .anyMatch(measure -> measure != null && measure.region().equals(region));
    }

    void check(Net net) {
        for (Formula formula : net.of()) {
            for (String word : formula.names()) {
                if (!isMeasure(word)) {
                    faults.add("net " + net.name() + ": the catalogue has no measure " + word);
                }
            }
        }
        if (net.likely() != null && Norms.shipped().about(net.likely()).isEmpty()) {
            faults.add("net " + net.name() + ": nothing is known of bodies that tells of " + net.likely());
        }
        for (Net.Rule rule : net.rules()) {
            for (String word : rule.formula().names()) {
                if (!nets.containsKey(word) && !isMeasure(word)) {
                    faults.add("net " + net.name() + ": " + word + " is no net and no measure");
                }
            }
        }
    }

    Map<String, Net> nets() {
        return nets;
    }

    Map<String, Net> passages() {
        return passages;
    }
}
