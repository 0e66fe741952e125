package app.misura.core.reading;

import app.misura.core.length.Length;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What the tape said once, as it was written down. Never changed, never removed; struck with a reason.
 *
 * @param step the label of the step
 * @param side null where the step has none
 * @param text what was written, in the sheet's unit
 * @param length what it means, on the form's increment; null says "none wanted"
 * @param play how tight the tape really lay
 * @param struck null while it counts
 */
public record Reading(
        String step,
        @Nullable Side side,
        String text,
        @Nullable Length length,
        Play play,
        Instant at,
        String by,
        @Nullable String aid,
        @Nullable Strike struck) {

    public boolean counts() {
        return struck == null;
    }
}
