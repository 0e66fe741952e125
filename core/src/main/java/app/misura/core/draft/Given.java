package app.misura.core.draft;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a block is drawn from, by name: finished lengths in cloth as it is cut and the body's own lengths, both mm, words
 * of choice, edges it is sewn to.
 */
public record Given(
        Map<String, Double> finished, Map<String, Double> nets, Map<String, String> words, Map<String, Edge> edges) {
    public Given {
        finished = Map.copyOf(finished);
        nets = Map.copyOf(nets);
        words = Map.copyOf(words);
        edges = Map.copyOf(edges);
    }

    public static Given of(Map<String, Double> finished, Map<String, Double> nets, Map<String, String> words) {
        return new Given(finished, nets, words, Map.of());
    }

    /** @throws IllegalArgumentException if it was not given */
    public double mm(String name) {
        return known(finished, name);
    }

    public OptionalDouble mmIfThere(String name) {
        Double mm = finished.get(name);
        return mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm);
    }

    /** @throws IllegalArgumentException if it was not given */
    public double net(String name) {
        return known(nets, name);
    }

    /** @throws IllegalArgumentException if it was not given */
    public String word(String name) {
        return known(words, name);
    }

    /** @throws IllegalArgumentException if it was not given */
    public Edge edge(String name) {
        return known(edges, name);
    }

    /** The same with another finished length. */
    public Given with(String name, double mm) {
        Map<String, Double> other = new HashMap<>(finished);
        other.put(name, mm);
        return new Given(other, nets, words, edges);
    }

    private static <T> T known(Map<String, T> values, String name) {
        T value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException(name + " was not given; there are "
                    + values.keySet().stream().sorted().toList());
        }
        return value;
    }
}
