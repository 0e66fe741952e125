package app.misura.core.measure;

import java.util.Locale;

/** A side of the body, the client's own. */
public enum Side {
    LEFT,
    RIGHT;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
