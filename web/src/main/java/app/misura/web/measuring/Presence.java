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

    /** No screen has a longer key: an account's name and a tag. */
    private static final int LONGEST = 80;

    /**
     * Somebody on a sheet.
     *
     * @param follows the screen whose steps they follow; empty if nobody's
     */
    record Seen(String step, String follows, Instant at) {}

    private final Clock clock;
    private final Live live;
    private final Map<String, Map<String, Seen>> orders = new HashMap<>();

    Presence(Clock clock, Live live) {
        this.clock = clock;
        this.live = live;
    }

    /** Somebody went to a step; the others are told. */
    void note(String order, String screen, String step) {
        if (went(order, screen, step)) {
            live.tell(order);
        }
    }

    private synchronized boolean went(String order, String screen, String step) {
        Map<String, Seen> sheet = fresh(order);
        Seen before = sheet.get(screen);
        sheet.put(screen, new Seen(step, before == null ? "" : before.follows(), clock.instant()));
        return before == null || !before.step().equals(step);
    }

    /**
     * An open page asks whether there is something new: whoever has it open is still there, where they went last. Nobody is
     * told: else two pages of one screen, at two steps, would keep each other asking.
     *
     * @param follows whom they follow
     */
    synchronized void stillThere(String order, String screen, String step, String follows) {
        Map<String, Seen> sheet = fresh(order);
        Seen before = sheet.get(screen);
        String whom = follows.length() > LONGEST ? "" : follows;
        sheet.put(screen, new Seen(before == null ? step : before.step(), whom, clock.instant()));
    }

    /** Who is on a sheet, those who are gone left out everywhere. */
    private Map<String, Seen> fresh(String order) {
        Instant now = clock.instant();
        orders.values()
                .forEach(seen -> seen.values().removeIf(s -> s.at().plus(FADES).isBefore(now)));
        orders.values().removeIf(Map::isEmpty);
        return orders.computeIfAbsent(order, o -> new TreeMap<>());
    }

    /** The other screens on a sheet, by their keys, in order. */
    synchronized Map<String, Seen> others(String order, String screen) {
        Instant now = clock.instant();
        Map<String, Seen> others = new TreeMap<>();
        orders.getOrDefault(order, Map.of()).forEach((who, seen) -> {
            if (!who.equals(screen) && !seen.at().plus(FADES).isBefore(now)) {
                others.put(who, seen);
            }
        });
        return others;
    }
}
