package app.misura.core.format.ladder;

import org.jspecify.annotations.Nullable;

/**
 * Where the work is on a ladder.
 *
 * @param step label of the step that is asked for; null if none is
 * @param part letter of the part that stands open where a long ladder folds; null for the one of the step, if there is one
 */
public record Focus(@Nullable String step, @Nullable String part) {
    public static final Focus NONE = new Focus(null, null);

    public static Focus at(String step) {
        return new Focus(step, null);
    }

    public static Focus on(@Nullable String part) {
        return new Focus(null, part);
    }

    /** The same work with another part looked at. @param other null to look at the part of the work */
    public Focus peeking(@Nullable String other) {
        return other == null ? this : new Focus(step, other);
    }
}
