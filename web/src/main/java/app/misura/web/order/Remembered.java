package app.misura.web.order;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was read of orders lately, each at the state its rows had. A sheet that is measured is asked for with every reading and
 * every look. Safe for many at once.
 */
final class Remembered {
    private static final int ROOM = 100;

    private record Entry(OrderState state, GarmentOrder order) {}

    private final Map<String, Entry> entries = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Entry> eldest) {
            return size() > ROOM;
        }
    };

    /** The order as it was at this state; null where it was not read then, or is forgotten. */
    synchronized @Nullable GarmentOrder at(OrderState state) {
        Entry entry = entries.get(state.id());
        return entry != null && entry.state().equals(state) ? entry.order() : null;
    }

    synchronized GarmentOrder keep(OrderState state, GarmentOrder order) {
        entries.put(state.id(), new Entry(state, order));
        return order;
    }

    /**
     * After so many readings more. If others changed the order meanwhile, its rows are further than this state, and it is read
     * anew by whoever asks.
     */
    synchronized GarmentOrder more(GarmentOrder before, GarmentOrder after, int added) {
        Entry entry = entries.get(before.id());
        if (entry != null && entry.order() == before) {
            keep(entry.state().withReadings(added), after);
        }
        return after;
    }
}
