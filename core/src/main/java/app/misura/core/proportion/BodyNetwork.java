package app.misura.core.proportion;

import app.misura.core.adjust.Network;
import app.misura.core.finding.Rules;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Proportion;
import app.misura.core.judging.Proportions;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The values of one sheet tied together by proportions, as a network whose closures are as loose as bodies differ: net, in cm.
 * A measure that the sheet does not have stands in it as missing where a rule leads through it.
 */
public final class BodyNetwork {
    /** Begins the id of a measure that stands for the body, and not for a value of the sheet. */
    private static final String OF_THE_BODY = "of the body: ";

    /** One sheet in fifty may be warned of. House default. */
    private static final Network.Settings SETTINGS = new Network.Settings(0.02, Network.Gate.SUSPECT, 0.98, 1);

    /** How much each side differs from the middle of both: standard deviation, cm. */
    private static final double SIDE_CM = 0.45;

    /** The same where the sides of a body really differ. */
    private static final double UNEVEN_CM = 4;

    /** Where no height was read, grown people are so tall, give or take a standard deviation, cm. House default. */
    private static final double HEIGHT_SD_CM = 11;

    /** The plainest seat as a share of height, where none is known: only for how far a rule spreads. */
    private static final double SEAT = 0.58;

    private final Sheet sheet;
    private final Map<String, List<NetValue>> read = new LinkedHashMap<>();
    private final Map<String, Double> about = new HashMap<>();
    private final Set<String> nodes = new LinkedHashSet<>();
    private final List<Network.Measure> measures = new ArrayList<>();
    private final List<Network.Closure> closures = new ArrayList<>();

    /** What else is known of a sheet's values. */
    public interface Hand {
        /** How widely a value scatters, cm. */
        double sdCm(Sheet.Slot slot, Settled settled);

        /** Whether the sides of a step really differ. */
        boolean isUneven(String label);
    }

    private final Hand hand;

    private BodyNetwork(Sheet sheet, Hand hand) {
        this.sheet = sheet;
        this.hand = hand;
    }

    /**
     * The network of a sheet; empty where there is nothing to compare: nobody knows how tall a child is, or nothing is tied.
     *
     * @param without values that are proved wrong already
     */
    public static Optional<Network> of(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, Hand hand) {
        return new BodyNetwork(sheet, hand).build(settled, without);
    }

    private Optional<Network> build(Map<ValueId, Settled> settled, Set<ValueId> without) {
        List<Proportion> rules = rules(sheet.judging().proportions());
        if (rules.isEmpty()) {
            return Optional.empty();
        }
        NetValue.of(sheet, settled, sheet.judging().proportions()).forEach((name, values) -> {
            List<NetValue> kept =
                    values.stream().filter(v -> !without.contains(v.id())).toList();
            if (!kept.isEmpty()) {
                read.put(name, kept);
            }
        });
        List<Proportion> used = used(rules);
        if (used.isEmpty() || read.size() < 2) {
            return Optional.empty();
        }
        used.forEach(this::tie);
        nodes.forEach(this::node);
        return Optional.of(new Network(SETTINGS, measures, closures));
    }

    /** The rules that are asked of this body; of none where nobody knows how tall a child is. */
    private List<Proportion> rules(Proportions proportions) {
        boolean child = sheet.wearer().age() == AgeGroup.CHILD;
        Optional<Double> scale = sheet.spanScale();
        if (scale.isEmpty()) {
            return List.of();
        }
        return proportions.rules().stream()
                .filter(rule -> sheet.wearer().differs().stream().noneMatch(d -> isOff(rule, d)))
                .map(rule -> child ? rule.young() : rule)
                .toList();
    }

    private static boolean isOff(Proportion rule, Differs differs) {
        return switch (differs) {
            case SEATED, LEG -> rule.about() == Proportion.Region.LENGTH || rule.about() == Proportion.Region.LEG;
            case ARM -> rule.about() == Proportion.Region.ARM;
            case PREGNANCY, TRUNK -> rule.about() == Proportion.Region.TRUNK;
            case INJURY -> rule.about() == Proportion.Region.ARM || rule.about() == Proportion.Region.LEG;
            case STATURE -> rule.namesHeight();
        };
    }

    /** The rules that lead to what was read: others tie nothing. */
    private List<Proportion> used(List<Proportion> rules) {
        Set<String> wanted = new HashSet<>(read.keySet());
        List<Proportion> used = new ArrayList<>();
        for (int i = rules.size() - 1; i >= 0; i--) {
            Proportion rule = rules.get(i);
            if (wanted.contains(rule.of())) {
                used.add(0, rule);
                wanted.addAll(rule.factors().keySet());
            }
        }
        return used;
    }

    private void tie(Proportion rule) {
        double expected = rule.constant();
        for (Map.Entry<String, Double> term : rule.factors().entrySet()) {
            expected += term.getValue() * about(term.getKey());
        }
        nodes.addAll(rule.factors().keySet());
        nodes.add(rule.of());
        about.putIfAbsent(rule.of(), read.containsKey(rule.of()) ? middle(rule.of()) : expected);
        Map<String, Double> terms = new LinkedHashMap<>();
        rule.factors().forEach((name, factor) -> terms.put(id(name), -factor));
        terms.put(id(rule.of()), 1.0);
        double looseness =
                rule.spread() * Math.max(1, expected) * sheet.judging().tolerance(Rules.PROPORTION);
        closures.add(new Network.Closure("of " + rule.of(), terms, -rule.constant(), looseness));
    }

    /** What is known of a measure before anything is compared. */
    private double about(String name) {
        Double known = about.get(name);
        if (known != null) {
            return known;
        }
        double height = Proportion.STATURE_CM * sheet.spanScale().orElse(1.0);
        double plain = read.containsKey(name) ? middle(name) : name.equals(Proportion.HEIGHT) ? height : SEAT * height;
        about.put(name, plain);
        return plain;
    }

    private double middle(String name) {
        return read.getOrDefault(name, List.of()).stream()
                .mapToDouble(NetValue::cm)
                .average()
                .orElseThrow();
    }

    /** One value stands for its measure itself; two sides, or two steps, stand round it. */
    private String id(String name) {
        List<NetValue> values = read.get(name);
        return values != null && values.size() == 1 ? values.get(0).id().toString() : OF_THE_BODY + name;
    }

    private double sideCm(String label) {
        return hand.isUneven(label) ? UNEVEN_CM : SIDE_CM;
    }

    private void node(String name) {
        List<NetValue> values = read.getOrDefault(name, List.of());
        for (NetValue value : values) {
            measures.add(new Network.Measure(
                    value.id().toString(),
                    value.cm(),
                    hand.sdCm(value.slot(), value.settled()),
                    sheet.form().increment().step().toCm()));
        }
        if (values.size() != 1) {
            measures.add(new Network.Measure(id(name), null, 1, 0));
        }
        if (values.size() > 1) {
            values.forEach(v -> closures.add(new Network.Closure(
                    "side " + v.id(), Map.of(v.id().toString(), 1.0, id(name), -1.0), 0, sideCm(v.id().step()))));
        }
        if (values.isEmpty() && name.equals(Proportion.HEIGHT)) {
            closures.add(
                    new Network.Closure("grown people", Map.of(id(name), 1.0), -Proportion.STATURE_CM, HEIGHT_SD_CM));
        }
    }
}
