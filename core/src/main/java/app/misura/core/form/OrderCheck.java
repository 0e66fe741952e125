package app.misura.core.form;

import app.misura.core.length.Length;

/**
 * One value must exceed another on a body: {@code more > less - within}.
 *
 * @param more the greater side
 * @param less the smaller side
 * @param within by so much it may stay under it all the same
 * @param usual whether it is only so of most bodies: a note where it is not, no warning
 * @param reason why it holds on bodies
 */
public record OrderCheck(String id, StepSum more, StepSum less, Length within, boolean usual, String reason) {
    /** The same check over other values, under another id. */
    OrderCheck over(String otherId, StepSum greater, StepSum smaller) {
        return new OrderCheck(otherId, greater, smaller, within, usual, reason);
    }

    /** The same check that is content with so much less. */
    OrderCheck within(Length other) {
        return new OrderCheck(id, more, less, other, usual, reason);
    }
}
