package app.misura.web.account;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A person who signs in.
 *
 * @param locked whether they may not, for now
 * @param mustChange whether their password is only for the first sign-in
 * @param endedAt whoever signed in before it is signed out; null if nobody is
 * @param removed whether they work here no more; their name stays under what they did
 */
public record Account(
        String name,
        String displayName,
        Role role,
        boolean locked,
        boolean mustChange,
        @Nullable Instant endedAt,
        boolean removed) {
    public boolean mayEnter() {
        return !locked && !removed;
    }

    /** Whether somebody who signed in at a moment is signed out since. */
    public boolean isEnded(Instant signedIn) {
        return endedAt != null && signedIn.isBefore(endedAt);
    }
}
