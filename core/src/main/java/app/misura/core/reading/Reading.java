package app.misura.core.reading;

import app.misura.core.length.Length;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import java.time.Instant;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What the tape said once, as it was written down. Never changed, never removed; struck with a reason.
 *
 * @param step the label of the step
 * @param side null where the step has none
 * @param text what was written, in the sheet's unit
 * @param length what it means, on the form's increment; null says "none wanted"
 * @param play how tight the tape really lay
 * @param aid what helped: a ruler, a mirror; {@code alone} or {@code helper} before it where nobody trained took it, {@code
 *     so-so} behind it where whoever did was not quite sure
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

    /** Begins the aid of a reading that was taken by an untrained hand: alone, or by a helper at home. */
    private static final Pattern UNTRAINED = Pattern.compile("(alone|helper)\\b.*");

    /** The aid of what a stand-in for a tape sent: no body was measured. */
    public static final String SIMULATED = "simulated tape";

    /** Whether it comes from the stand-in for a tape. */
    public boolean isSimulated() {
        return aid != null && aid.contains(SIMULATED);
    }

    /** Stands in the aid of a reading of which whoever took it was not quite sure. */
    public static final String SO_SO = "so-so";

    /** Whether whoever took it was not quite sure. */
    public boolean isUnsure() {
        return aid != null && aid.contains(SO_SO);
    }

    /** Whether somebody took it who was never taught: such readings scatter more. */
    public boolean isUntrained() {
        return aid != null && UNTRAINED.matcher(aid).matches();
    }

    /** The same reading where another sheet asks for it. */
    public Reading at(String otherStep, @Nullable Side otherSide) {
        return new Reading(otherStep, otherSide, text, length, play, at, by, aid, struck);
    }

    public boolean counts() {
        return struck == null;
    }
}
