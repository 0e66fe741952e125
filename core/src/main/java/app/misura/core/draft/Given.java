package app.misura.core.draft;

import app.misura.core.length.TapeWords;
import app.misura.core.length.Unit;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What a block is drawn from, by name: finished lengths in cloth as it is cut and the body's own lengths, both mm, words
 * of choice, edges it is sewn to.
 *
 * @param tape how lengths are said
 * @param titles what each finished length is called on paper
 */
public record Given(
        Map<String, Double> finished,
        Map<String, Double> nets,
        Map<String, String> words,
        Map<String, Edge> edges,
        Map<String, String> titles,
        TapeWords tape) {
    public Given {
        finished = Collections.unmodifiableMap(new LinkedHashMap<>(finished));
        nets = Map.copyOf(nets);
        words = Map.copyOf(words);
        edges = Map.copyOf(edges);
        titles = Map.copyOf(titles);
    }

    public static Given of(Map<String, Double> finished, Map<String, Double> nets, Map<String, String> words) {
        return new Given(finished, nets, words, Map.of(), Map.of(), new TapeWords(Unit.CM));
    }

    /** With what each finished length is called on paper. */
    public Given titled(Map<String, String> others) {
        return new Given(finished, nets, words, edges, others, tape);
    }

    /** With lengths said as such a tape says them. */
    public Given on(TapeWords other) {
        return new Given(finished, nets, words, edges, titles, other);
    }

    /** What a finished length is called on paper; its name where nothing was said. */
    public String title(String name) {
        return titles.getOrDefault(name, name.replace('-', ' '));
    }

    /** @throws IllegalArgumentException if it was not given */
    public double mm(String name) {
        return known(finished, name);
    }

    public OptionalDouble mmIfThere(String name) {
        Double mm = finished.get(name);
        return mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm);
    }

    /** The finished lengths there are, by name, in the order of the garment's table. */
    public List<String> names() {
        return List.copyOf(finished.keySet());
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
        Map<String, Double> other = new LinkedHashMap<>(finished);
        other.put(name, mm);
        return new Given(other, nets, words, edges, titles, tape);
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
