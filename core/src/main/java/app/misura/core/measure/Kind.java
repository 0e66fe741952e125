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
    MASS;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public boolean hasPlay() {
        return this == GIRTH || this == LOOP;
    }
}
