package app.misura.core.fit;

import org.jspecify.annotations.Nullable;

/**
 * A measure without which nothing can be cut.
 *
 * @param measure what it is, in words
 * @param step where the form asks for it; null where it does not
 */
public record Absent(String measure, @Nullable String step) {
    /** What to take: the step, else the measure's words. */
    public String said() {
        return step == null ? measure : step;
    }
}
