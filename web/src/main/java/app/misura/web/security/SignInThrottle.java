package app.misura.web.security;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Counts failed sign-ins per account name: ten in five minutes hold up that name, and no other. */
@Component
public class SignInThrottle {
    static final int MOST = 10;
    static final Duration WINDOW = Duration.ofMinutes(5);
    /** Names remembered; the oldest go first, so that made-up names cannot fill the memory. */
    private static final int NAMES = 10_000;

    private final Clock clock;
    private final Map<String, Deque<Instant>> failures = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Deque<Instant>> eldest) {
            return size() > NAMES;
        }
    };

    SignInThrottle(Clock clock) {
        this.clock = clock;
    }

    /** How long the name is held up still; empty if it is not. */
    public synchronized Optional<Duration> heldUp(String name) {
        Deque<Instant> times = recent(name);
        if (times == null || times.size() < MOST) {
            return Optional.empty();
        }
        Duration left = Duration.between(clock.instant(), times.getFirst().plus(WINDOW));
        return left.isNegative() || left.isZero() ? Optional.empty() : Optional.of(left);
    }

    /**
     * Counts an attempt before it is checked, so that many at once are counted too.
     *
     * @return whether it may be checked; else the name is held up
     */
    public synchronized boolean admits(String name) {
        if (heldUp(name).isPresent()) {
            return false;
        }
        failures.computeIfAbsent(name, n -> new ArrayDeque<>()).addLast(clock.instant());
        return true;
    }

    /** Gives an attempt back that was right. What failed before stays counted. */
    public synchronized void giveBack(String name) {
        Deque<Instant> times = failures.get(name);
        if (times != null) {
            times.pollLast();
            if (times.isEmpty()) {
                failures.remove(name);
            }
        }
    }

    private @org.jspecify.annotations.Nullable Deque<Instant> recent(String name) {
        Deque<Instant> times = failures.get(name);
        if (times == null) {
            return null;
        }
        Instant since = clock.instant().minus(WINDOW);
        while (!times.isEmpty() && times.getFirst().isBefore(since)) {
            times.removeFirst();
        }
        return times;
    }
}
