package app.misura.core.fit;

import app.misura.core.measure.Side;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The finished measures of one garment, for a body or for one side of it, in the order of the garment's table.
 *
 * @param side null where the table serves both sides
 * @param lines by name; one that was dropped is not there
 * @param estimates what was not read and what stands for it
 */
public record Table(@Nullable Side side, Map<String, ChainLine> lines, List<Estimate> estimates) {
    public Table {
        lines = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(lines));
        estimates = List.copyOf(estimates);
    }

    public Optional<ChainLine> line(String name) {
        return Optional.ofNullable(lines.get(name));
    }

    /** The same table without some of its lines. */
    Table without(Set<String> names) {
        Map<String, ChainLine> kept = new LinkedHashMap<>(lines);
        kept.keySet().removeAll(names);
        return new Table(side, kept, estimates);
    }
}
