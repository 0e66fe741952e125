package app.misura.web.door;

import app.misura.web.id.Ids;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What happened at the door, kept for half a year. Of what strangers do no more than so much is written in an hour: whoever
 * knocks without an end fills no disk.
 */
@Service
public class Door {
    private static final Duration KEPT = Duration.ofDays(182);
    private static final int STRANGERS_AN_HOUR = 500;

    private final DoorEventRepository repository;
    private final Clock clock;
    private final AtomicInteger strangers = new AtomicInteger();
    private volatile Instant hour = Instant.EPOCH;

    Door(DoorEventRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** The kinds of what happens. */
    public enum Kind {
        CAME_IN,
        FAILED,
        HELD_UP,
        DENIED,
        ACCOUNT,
        TOKEN,
        BACKUP;

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        boolean isStrangers() {
            return this == FAILED || this == HELD_UP;
        }
    }

    /** Something that happened. */
    public record Event(Instant at, String kind, String account, String address, String detail) {}

    /**
     * Writes down what happened.
     *
     * @param account the sign-in name, as it was typed where nobody has it
     * @param detail may be empty; never a password, never a value of the house
     */
    @Transactional
    public void note(Kind kind, String account, String address, String detail) {
        Instant now = clock.instant();
        if (kind.isStrangers()) {
            if (hour.plus(Duration.ofHours(1)).isBefore(now)) {
                hour = now;
                strangers.set(0);
            }
            if (strangers.incrementAndGet() > STRANGERS_AN_HOUR) {
                return;
            }
        }
        repository.save(new DoorEventEntity(
                Ids.next(), now, kind.word(), clip(account, 60), clip(address, 60), clip(detail, 200)));
    }

    private static String clip(String text, int most) {
        String line = text.replaceAll("\\p{Cntrl}", " ");
        return line.length() > most ? line.substring(0, most) : line;
    }

    /** What happened last, newest first. */
    @Transactional(readOnly = true)
    public List<Event> last(int most) {
        return repository.last(PageRequest.of(0, most)).stream()
                .map(e -> new Event(e.happenedAt, e.kind, e.account, e.address, e.detail))
                .toList();
    }

    /** Forgets what is older than half a year. */
    @Transactional
    public void forget() {
        repository.forget(clock.instant().minus(KEPT));
    }
}
