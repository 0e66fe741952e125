package app.misura.core.fit;

import app.misura.core.measure.Side;
import org.jspecify.annotations.Nullable;

/**
 * A measure without which nothing can be cut.
 *
 * @param measure what it is, in words
 * @param step where the form asks for it; null where it does not
 * @param side of which of two bodies; null of the one
 */
public record Absent(
        String measure, @Nullable String step, @Nullable Side side) {
    /** What to take: the step, else the measure's words. */
    public String said() {
        String what = step == null ? measure : step;
        return side == null || step == null ? what : what + " " + side.word();
    }
}
