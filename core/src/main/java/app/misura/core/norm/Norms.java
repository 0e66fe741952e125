package app.misura.core.norm;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a house knows of bodies: how the girths and the height of measured people are spread together, and rules for what was not
 * measured of them, each with its spread. Proof, strength and the estimates of the cut ask the same. Nothing in it calls a body
 * wrong.
 */
public final class Norms {
    public static final String HEIGHT = "height";

    private final String source;
    private final String people;
    private final List<Shape> shapes;
    private final List<Rule> rules;
    private final Margins margins;
    private final Map<String, Region> regions = new LinkedHashMap<>();
    private final Map<String, List<MeasureKey>> keys = new LinkedHashMap<>();

    private static final class Usual {
        static final Norms INSTANCE = NormsReader.read(Shipped.text("house/bodies.yaml"), "house/bodies.yaml");
    }

    /**
     * @param source where they are from, for people
     * @param people who was measured, and for whom they do not speak
     * @param shapes none where nothing is known
     * @param rules each after what it names, in every shape that does not hold what it is of
     * @throws IllegalArgumentException saying every fault
     */
    public Norms(String source, String people, List<Shape> shapes, List<Rule> rules, Margins margins) {
        this.source = source;
        this.people = people;
        this.shapes = List.copyOf(shapes);
        this.rules = List.copyOf(rules);
        this.margins = margins;
        List<String> faults = new ArrayList<>();
        shapes.forEach(shape -> faults(shape, faults));
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(String.join("; ", new LinkedHashSet<>(faults)));
        }
        Set<String> named = new LinkedHashSet<>();
        for (Shape shape : shapes) {
            named.addAll(shape.of());
        }
        for (Rule rule : rules) {
            named.add(rule.of());
            regions.put(rule.of(), rule.about());
        }
        for (String each : named) {
            MeasureKey key = MeasureKey.parse(each);
            regions.computeIfAbsent(each, k -> region(key));
            keys.computeIfAbsent(key.code(), code -> new ArrayList<>()).add(key);
        }
    }

    private void faults(Shape shape, List<String> faults) {
        Set<String> told = new HashSet<>(shape.of());
        Set<String> of = new HashSet<>();
        for (Rule rule : rules) {
            if (!of.add(rule.of())) {
                faults.add("two rules are of " + rule.of());
            }
            for (String name : rule.factors().keySet()) {
                if (!shape.of().contains(rule.of()) && !told.contains(name)) {
                    faults.add(rule.of() + " stands before " + name + ", which it names");
                }
            }
            told.add(rule.of());
        }
    }

    /** What part of a body a measured girth or height tells of, as the catalogue has it. */
    private static Region region(MeasureKey key) {
        if (key.code().equals(HEIGHT)) {
            return Region.LENGTH;
        }
        return switch (Objects.requireNonNull(key.in(Catalogue.shipped())).region()) {
            case "arm", "hand" -> Region.ARM;
            case "leg", "foot" -> Region.LEG;
            default -> Region.TRUNK;
        };
    }

    /** Those that ship. */
    public static Norms shipped() {
        return Usual.INSTANCE;
    }

    /** None at all: nothing is expected of any body. */
    public static Norms none() {
        return new Norms("none", "", List.of(), List.of(), shipped().margins);
    }

    /** @throws IllegalArgumentException saying every fault of the text */
    public static Norms read(String yaml) {
        return NormsReader.read(yaml, "house/bodies.yaml");
    }

    public String source() {
        return source;
    }

    /** Who was measured, and for whom they do not speak, in a few sentences. */
    public String people() {
        return people;
    }

    public List<Shape> shapes() {
        return shapes;
    }

    public List<Rule> rules() {
        return rules;
    }

    public Margins margins() {
        return margins;
    }

    /** The same with other numbers of bodies. */
    public Norms with(String otherSource, List<Shape> otherShapes, List<Rule> otherRules) {
        return new Norms(otherSource, people, otherShapes, otherRules, margins);
    }

    /** Whether a measure was taken of the people that they are from, in any shape. */
    public boolean isMeasured(String key) {
        return shapes.stream().anyMatch(s -> s.at(key) >= 0);
    }

    /** The measures of some code that they know. */
    public List<MeasureKey> keys(String code) {
        return keys.getOrDefault(code, List.of());
    }

    /** What part of a body a measure tells of; empty where they do not know it. */
    public Optional<Region> about(String key) {
        return Optional.ofNullable(regions.get(key));
    }

    public Optional<Rule> of(String key) {
        return rules.stream().filter(r -> r.of().equals(key)).findFirst();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Norms n
                && source.equals(n.source)
                && shapes.equals(n.shapes)
                && rules.equals(n.rules)
                && margins.equals(n.margins);
    }

    @Override
    public int hashCode() {
        return Objects.hash(source, shapes, rules, margins);
    }

    @Override
    public String toString() {
        return shapes.size() + " shapes and " + rules.size() + " rules, " + source;
    }
}
