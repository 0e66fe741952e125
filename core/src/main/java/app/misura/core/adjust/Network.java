package app.misura.core.adjust;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Readings and the sums they must close. All numbers in one unit.
 *
 * @param measures in form order; ids are unique
 * @param closures each says sum(coefficient x value) + constant = 0, loosely
 */
public record Network(Settings settings, List<Measure> measures, List<Closure> closures) {

    /** What decides that something is wrong. */
    public enum Gate {
        /** The strongest measure's |w| against its bound: sharp against one bad reading. */
        SUSPECT,
        /** Chi-square over all sums together. */
        GLOBAL
    }

    /**
     * @param alpha the share of honest networks that may be flagged, in (0, 1)
     * @param parallel above this cosine two signatures cannot be told apart, in (0, 1]
     * @param maxRemovals how many readings may be set aside before "measure again", 0 or more
     */
    public record Settings(double alpha, Gate gate, double parallel, int maxRemovals) {
        public static final Settings USUAL = new Settings(0.01, Gate.SUSPECT, 0.98, 2);

        public Settings {
            require(alpha > 0 && alpha < 1, "alpha must lie between 0 and 1", alpha);
            require(parallel > 0 && parallel <= 1, "parallel must lie above 0 and at most at 1", parallel);
            require(maxRemovals >= 0 && maxRemovals <= 100, "maxRemovals must be 0 to 100", maxRemovals);
        }
    }

    /**
     * @param value null where it was not read
     * @param sd standard deviation of a careful reading, above 0
     * @param increment what it was rounded to, 0 or more
     */
    public record Measure(String id, @Nullable Double value, double sd, double increment) {
        public Measure {
            require(sd > 0 && Double.isFinite(sd), "sd must be above 0", sd);
            require(increment >= 0 && Double.isFinite(increment), "increment must be 0 or more", increment);
        }

        /** Variance of the reading with its rounding: {@code sd^2 + increment^2 / 12}. */
        double variance() {
            return sd * sd + increment * increment / 12;
        }

        Measure missing() {
            return new Measure(id, null, sd, increment);
        }
    }

    /**
     * @param terms coefficient by measure id
     * @param looseness standard deviation of the sum itself (a body bends); half of a form's "within"
     */
    public record Closure(String id, Map<String, Double> terms, double constant, double looseness) {
        public Closure {
            terms = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(terms));
            require(looseness >= 0 && Double.isFinite(looseness), "looseness must be 0 or more", looseness);
        }
    }

    /** @throws IllegalArgumentException if an id is there twice or a closure names none */
    public Network {
        measures = List.copyOf(measures);
        closures = List.copyOf(closures);
        Set<String> ids = new HashSet<>();
        for (Measure measure : measures) {
            require(ids.add(measure.id()), "measure is there twice", measure.id());
        }
        Set<String> names = new HashSet<>();
        for (Closure closure : closures) {
            require(names.add(closure.id()), "closure is there twice", closure.id());
            closure.terms().keySet().forEach(id -> require(ids.contains(id), "closure names no measure", id));
        }
    }

    /** The same network with something read for every measure. */
    Network read() {
        return new Network(
                settings,
                measures.stream()
                        .map(m -> new Measure(m.id(), 0.0, m.sd(), m.increment()))
                        .toList(),
                closures);
    }

    /** The same network with one reading set aside. */
    Network without(String id) {
        List<Measure> rest = new ArrayList<>(measures);
        rest.replaceAll(m -> m.id().equals(id) ? m.missing() : m);
        return new Network(settings, rest, closures);
    }

    private static void require(boolean holds, String what, Object got) {
        if (!holds) {
            throw new IllegalArgumentException(what + ", not " + got);
        }
    }
}
