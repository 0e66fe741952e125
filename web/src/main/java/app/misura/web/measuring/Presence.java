package app.misura.web.measuring;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Who has which sheet open, and at which step. Known for as long as their pages ask; kept nowhere. */
@Component
class Presence {
    /** An open page asks every four seconds; who was not heard of three times is gone. */
    static final Duration FADES = Duration.ofSeconds(12);

    /**
     * Somebody on a sheet.
     *
     * @param follows the account whose steps they follow; empty if nobody's
     */
    record Seen(String step, String follows, Instant at) {}

    private final Clock clock;
    private final Live live;
    private final Map<String, Map<String, Seen>> orders = new HashMap<>();

    Presence(Clock clock, Live live) {
        this.clock = clock;
        this.live = live;
    }

    /** Notes where somebody is; whom they follow is as it was. */
    void note(String order, String account, String step) {
        note(order, account, step, null);
    }

    /** Notes where somebody is, and tells the others if they were elsewhere. @param follows null for as it was */
    void note(String order, String account, String step, @Nullable String follows) {
        if (isNews(order, account, step, follows)) {
            live.tell(order);
        }
    }

    private synchronized boolean isNews(String order, String account, String step, @Nullable String follows) {
        Instant now = clock.instant();
        orders.values()
                .forEach(seen -> seen.values().removeIf(s -> s.at().plus(FADES).isBefore(now)));
        orders.values().removeIf(Map::isEmpty);
        Map<String, Seen> sheet = orders.computeIfAbsent(order, o -> new TreeMap<>());
        Seen before = sheet.get(account);
        String whom = follows != null ? follows : before == null ? "" : before.follows();
        sheet.put(account, new Seen(step, whom, now));
        return before == null
                || !before.step().equals(step)
                || !before.follows().equals(whom);
    }

    /** The others on a sheet, by account, in the order of accounts. */
    synchronized Map<String, Seen> others(String order, String account) {
        Instant now = clock.instant();
        Map<String, Seen> others = new TreeMap<>();
        orders.getOrDefault(order, Map.of()).forEach((who, seen) -> {
            if (!who.equals(account) && !seen.at().plus(FADES).isBefore(now)) {
                others.put(who, seen);
            }
        });
        return others;
    }
}
