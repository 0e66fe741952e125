package app.misura.core.fit;

import app.misura.core.garment.Passing;
import app.misura.core.measure.Side;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The tables of a garment: of the whole; where its sides differ by enough, of the left and the right as well; of two
 * bodies, of the left and the right alone.
 *
 * @param whole null where left and right are bodies of their own
 * @param sides empty where one table serves both
 * @param uneven the lines whose sides differ: left less right, mm
 * @param passages what must go over what
 */
public record Fitted(@Nullable Table whole, Map<Side, Table> sides, Map<String, Double> uneven, List<Passage> passages)
        implements Fitting.Result {
    public Fitted {
        Map<Side, Table> own = new EnumMap<>(Side.class);
        own.putAll(sides);
        sides = Collections.unmodifiableMap(own);
    }

    /**
     * @param side null for the table of the whole
     * @throws IllegalArgumentException if there is no such table
     */
    public Table table(@Nullable Side side) {
        Table table = side == null ? whole : sides.get(side);
        if (table == null) {
            throw new IllegalArgumentException("no table of " + (side == null ? "the whole" : side.word()));
        }
        return table;
    }

    /** Whether left and right are bodies of their own. */
    public boolean isTwoBodies() {
        return whole == null;
    }

    /** Whether each side has a table of its own. */
    public boolean isApart() {
        return !sides.isEmpty();
    }

    /** The table of the whole, or that of both bodies, left before right. */
    public List<Table> bodies() {
        return whole == null ? List.copyOf(sides.values()) : List.of(whole);
    }

    /**
     * An edge and what it must go over.
     *
     * @param side of which of two bodies; null of the one
     * @param over mm, with what is worn beneath
     * @param slit by how much it opens, mm
     * @param read whether the girth it passes was read; else a rule stands in for it
     * @param step where that girth was read, or would be
     */
    public record Passage(
            @Nullable Side side,
            Passing passing,
            ChainLine edge,
            double over,
            double slit,
            boolean read,
            String step) {}
}
