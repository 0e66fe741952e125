package app.misura.core.format.ladder;

import app.misura.core.form.Step;
import java.util.List;
import java.util.Locale;

/**
 * One line of the ladder.
 *
 * @param values the value as it is shown: one, or left and right; empty texts where nothing is read yet
 * @param needs the mark that must be set first; empty if none
 * @param y its middle, px from the top
 * @param height of the line
 * @param far whether it stays out of a part that is folded
 */
public record Rung(
        Step step,
        State state,
        List<String> values,
        String needs,
        double y,
        double height,
        boolean firstOfPart,
        boolean far) {

    public enum State {
        TO_COME("to come"),
        NOW("now"),
        KEPT("kept"),
        /** A mark that it needs is not set. */
        LOCKED("locked"),
        /** A mark that it needs was set anew since it was read. */
        AGAIN("again"),
        SET("set"),
        /** A mark, or a height of one, for which nothing waits any more. */
        SPARED("not needed"),
        WRONG("wrong"),
        WORKED_OUT("worked out"),
        NONE("none wanted"),
        /** It will not be read: refused, not possible, not known, not there. */
        LEFT_OUT("left out");

        private final String word;

        State(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** The state as a class of the page's styles. */
        public String css() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public boolean isNow() {
        return state == State.NOW;
    }

    public boolean hasValue() {
        return values.stream().anyMatch(v -> !v.isEmpty());
    }
}
