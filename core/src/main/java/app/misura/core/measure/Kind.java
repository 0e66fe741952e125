package app.misura.core.measure;

import java.util.Locale;

/** What kind of line the tape follows. Girths and loops have play; straight lengths and contours have none. */
public enum Kind {
    GIRTH,
    LOOP,
    CONTOUR,
    STRAIGHT,
    WIDTH,
    HEIGHT,
    SEATED,
    WISH,
    /** What a scale says, in kg. */
    MASS,
    /** What is said and not measured, such as a usual size. */
    WORD;

    /** Whether the tape says it: a length of some kind. */
    public boolean isLength() {
        return this != MASS && this != WORD;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public boolean hasPlay() {
        return this == GIRTH || this == LOOP;
    }
}
