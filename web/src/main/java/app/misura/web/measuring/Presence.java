package app.misura.web.measuring;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** Who has which sheet open, and at which step. Known for as long as their pages ask; kept nowhere. */
@Component
class Presence {
    /** An open page asks every four seconds; who was not heard of three times is gone. */
    static final Duration FADES = Duration.ofSeconds(12);

    private record Seen(String step, Instant at) {}

    private final Clock clock;
    private final Map<String, Map<String, Seen>> orders = new HashMap<>();

    Presence(Clock clock) {
        this.clock = clock;
    }

    synchronized void note(String order, String account, String step) {
        Instant now = clock.instant();
        orders.values()
                .forEach(seen -> seen.values().removeIf(s -> s.at().plus(FADES).isBefore(now)));
        orders.values().removeIf(Map::isEmpty);
        orders.computeIfAbsent(order, o -> new TreeMap<>()).put(account, new Seen(step, now));
    }

    /** The others on a sheet: step by account, in the order of accounts. */
    synchronized Map<String, String> others(String order, String account) {
        Instant now = clock.instant();
        Map<String, String> others = new TreeMap<>();
        orders.getOrDefault(order, Map.of()).forEach((who, seen) -> {
            if (!who.equals(account) && !seen.at().plus(FADES).isBefore(now)) {
                others.put(who, seen.step());
            }
        });
        return others;
    }
}
