package app.misura.core.reading;

import java.time.Instant;
import java.util.List;

/** A reading crossed out: it stays visible and never counts. */
public record Strike(String reason, Instant at, String by) {
    /** Why a value that was known before is struck where it was taken once more. */
    public static final String TAKEN_ANEW = "taken anew";

    /** Begins the reason where a value of another sheet stands instead. */
    public static final String TAKEN_OVER = "taken over from order ";

    /** Why what was known of a body is struck that is no more so. */
    public static final String CHANGED = "the body has changed";

    /** Whether it says nothing of the hand that took the reading: another value stands for it, or the body changed. */
    public boolean isOfTheValue() {
        return List.of(TAKEN_ANEW, TAKEN_OVER, CHANGED).stream().anyMatch(reason::startsWith);
    }
}
