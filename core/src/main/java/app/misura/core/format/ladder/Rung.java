package app.misura.core.format.ladder;

import app.misura.core.form.Step;
import java.util.List;
import java.util.Locale;

/**
 * One line of the ladder.
 *
 * @param values the value as it is shown: one, or left and right; empty texts where nothing is read yet
 * @param y its middle, px from the top
 * @param height of the line
 */
public record Rung(
        Step step, State state, List<String> values, int tries, double y, double height, boolean firstOfPart) {

    public enum State {
        TO_COME("to come"),
        NOW("now"),
        KEPT("kept"),
        SET("set"),
        WRONG("wrong"),
        WORKED_OUT("worked out"),
        NONE("none wanted");

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
