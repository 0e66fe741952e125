package app.misura.core.reading;

import app.misura.core.form.ValueId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A value that will not be read, and why. It stands until something is read there after all.
 *
 * @param note in the measurer's words; empty if there are none
 */
public record LeftOut(ValueId value, Why why, String note) {
    /** A note is at most so long. */
    public static final int LONGEST_NOTE = 200;

    /** Why a value is left out. Only what is not there at all is not missing. */
    public enum Why {
        REFUSED("refused"),
        NOT_POSSIBLE("not possible"),
        NOT_KNOWN("not known"),
        /** The body ends before it: nothing is estimated for it, and nothing is cut there. */
        NOT_THERE("not there");

        private final String said;

        Why(String said) {
            this.said = said;
        }

        /** As it is written in documents: {@code not-there}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** As it is said: {@code not there}. */
        public String said() {
            return said;
        }

        public static Optional<Why> named(String word) {
            return List.of(values()).stream().filter(w -> w.word().equals(word)).findFirst();
        }
    }

    public boolean isNotThere() {
        return why == Why.NOT_THERE;
    }
}
