package app.misura.core.reading;

import app.misura.core.length.Length;
import app.misura.core.measure.Condition;
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
 * @param taking by what and by whom it was taken, and how surely
 * @param round which taking of its value it belongs to, from 1: see {@link Rounds}
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
        Taking taking,
        int round,
        @Nullable Strike struck) {

    /** More takings of one value than anybody's patience has. */
    public static final int MOST_ROUNDS = 99;

    public Reading {
        if (round < 1 || round > MOST_ROUNDS) {
            throw new IllegalArgumentException("round must lie between 1 and " + MOST_ROUNDS + ", not " + round);
        }
    }

    /** A reading of the first round. @param aid how it was taken, as documents have it: see {@link Taking#parse} */
    public Reading(
            String step,
            @Nullable Side side,
            String text,
            @Nullable Length length,
            Play play,
            Instant at,
            String by,
            @Nullable String aid,
            @Nullable Strike struck) {
        this(step, side, text, length, play, at, by, Taking.parse(aid), 1, struck);
    }

    /** How it was taken, as documents have it; null where there is nothing to be said. */
    public @Nullable String aid() {
        return taking.text();
    }

    /** Whether it comes from the stand-in for a tape. */
    public boolean isSimulated() {
        return taking.origin() == Taking.Origin.SIMULATED;
    }

    /** Whether whoever took it was not quite sure. */
    public boolean isUnsure() {
        return taking.doubt() == Taking.Doubt.SO_SO;
    }

    /** Whether somebody took it who was never taught: such readings scatter more. */
    public boolean isUntrained() {
        return taking.hand() != Taking.Hand.TRAINED;
    }

    /** The same reading where another sheet asks for it, in its first round there. */
    public Reading at(String otherStep, @Nullable Side otherSide) {
        return new Reading(otherStep, otherSide, text, length, play, at, by, taking, 1, struck);
    }

    /** The same reading in another round. */
    public Reading inRound(int other) {
        return new Reading(step, side, text, length, play, at, by, taking, other, struck);
    }

    /** The same reading as it was before it was struck. */
    public Reading unstruck() {
        return new Reading(step, side, text, length, play, at, by, taking, round, null);
    }

    /** The same reading as the house keeps it: when it came, and from whom. */
    public Reading kept(Instant when, String who) {
        return new Reading(step, side, text, length, play, when, who, taking, round, struck);
    }

    /** The same reading over what its step says is worn, which is kept with it: the step may say otherwise one day. */
    public Reading over(Condition said) {
        String worn = said.stated().get(Condition.Aspect.OVER);
        return new Reading(step, side, text, length, play, at, by, taking.over(worn), round, struck);
    }

    /** Whether it was taken over what is worn by this condition. What was taken before that was kept was as its step says. */
    public boolean isOver(Condition said) {
        return taking.over() == null || said.is(Condition.Aspect.OVER, taking.over());
    }

    public boolean counts() {
        return struck == null;
    }
}
