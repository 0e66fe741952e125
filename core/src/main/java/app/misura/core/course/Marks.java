package app.misura.core.course;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The marks that were set on the body of one order: when, each time. Only added to; a mark set a second time has moved.
 *
 * @param settings moments by the label of the mark, in order
 */
public record Marks(Map<String, List<Instant>> settings) {
    public static final Marks NONE = new Marks(Map.of());

    public Marks {
        Map<String, List<Instant>> copy = new HashMap<>();
        settings.forEach(
                (label, times) -> copy.put(label, times.stream().sorted().toList()));
        settings = Map.copyOf(copy);
    }

    public Marks with(String label, Instant at) {
        Map<String, List<Instant>> more = new HashMap<>(settings);
        List<Instant> times = new ArrayList<>(more.getOrDefault(label, List.of()));
        times.add(at);
        more.put(label, times);
        return new Marks(more);
    }

    public boolean isSet(String label) {
        return !settings.getOrDefault(label, List.of()).isEmpty();
    }

    /** When a mark was last set anew; empty where it was set once or never. */
    public Optional<Instant> movedAt(String label) {
        List<Instant> times = settings.getOrDefault(label, List.of());
        return times.size() < 2 ? Optional.empty() : Optional.of(times.get(times.size() - 1));
    }
}
