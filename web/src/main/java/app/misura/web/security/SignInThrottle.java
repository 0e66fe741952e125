package app.misura.web.security;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Counts failed sign-ins: ten in five minutes under one name from one address hold up that name from that address, a hundred
 * from wherever hold up the name; no other name. From an address from which the name came in before, only its own ten count:
 * whoever guesses far away locks nobody out at home. Counts by a clock that is never set back.
 */
@Component
public class SignInThrottle {
    static final int MOST = 10;
    static final int MOST_ANYWHERE = 100;
    static final Duration WINDOW = Duration.ofMinutes(5);

    /** Names with addresses remembered; the oldest go first, so that made-up names cannot fill the memory. */
    private static final int REMEMBERED = 10_000;

    /** Longer names are nobody's. */
    static final int LONGEST_NAME = 60;

    private record Door(String name, String address) {}

    private static final String ANYWHERE = "*";
    private final LongSupplier nanos;
    private final Map<Door, Deque<Long>> failures = bounded();
    private final Map<Door, Boolean> cameIn = bounded();

    @Autowired
    SignInThrottle() {
        this(System::nanoTime);
    }

    SignInThrottle(LongSupplier nanos) {
        this.nanos = nanos;
    }

    private static <V> Map<Door, V> bounded() {
        return new LinkedHashMap<>() {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Door, V> eldest) {
                return size() > REMEMBERED;
            }
        };
    }

    /** How long the name is held up still, from this address; empty if it is not. */
    public synchronized Optional<Duration> heldUp(String name, String address) {
        Optional<Duration> here = heldUp(new Door(name, address), MOST);
        return here.isPresent() || cameIn.containsKey(new Door(name, address))
                ? here
                : heldUp(new Door(name, ANYWHERE), MOST_ANYWHERE);
    }

    private Optional<Duration> heldUp(Door door, int most) {
        Deque<Long> times = failures.get(door);
        if (times == null) {
            return Optional.empty();
        }
        long now = nanos.getAsLong();
        while (!times.isEmpty() && now - times.getFirst() > WINDOW.toNanos()) {
            times.removeFirst();
        }
        if (times.size() < most) {
            return Optional.empty();
        }
        Duration left = WINDOW.minusNanos(now - times.getFirst());
        return left.isNegative() || left.isZero() ? Optional.empty() : Optional.of(left);
    }

    /**
     * Counts an attempt before it is checked, so that many at once are counted too.
     *
     * @return whether it may be checked; else the name is held up, or can be nobody's
     */
    public synchronized boolean admits(String name, String address) {
        if (name.length() > LONGEST_NAME || heldUp(name, address).isPresent()) {
            return false;
        }
        count(new Door(name, address), MOST);
        count(new Door(name, ANYWHERE), MOST_ANYWHERE);
        return true;
    }

    private void count(Door door, int most) {
        Deque<Long> times = failures.computeIfAbsent(door, d -> new ArrayDeque<>());
        times.addLast(nanos.getAsLong());
        if (times.size() > most) {
            times.removeFirst();
        }
    }

    /** Gives an attempt back that was right. What failed before stays counted. */
    public synchronized void giveBack(String name, String address) {
        cameIn.put(new Door(name, address), true);
        giveBack(new Door(name, address));
        giveBack(new Door(name, ANYWHERE));
    }

    private void giveBack(Door door) {
        Deque<Long> times = failures.get(door);
        if (times != null) {
            times.pollLast();
            if (times.isEmpty()) {
                failures.remove(door);
            }
        }
    }
}
