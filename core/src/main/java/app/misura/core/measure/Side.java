package app.misura.core.measure;

import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/** A side of the body, the client's own. */
public enum Side {
    LEFT,
    RIGHT;

    private final String word = name().toLowerCase(Locale.ROOT);

    public String word() {
        return word;
    }

    /**
     * The one of two things that is of this side.
     *
     * @throws NullPointerException if there is none
     */
    public <T> T of(Map<Side, T> both) {
        return Objects.requireNonNull(both.get(this), word());
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
