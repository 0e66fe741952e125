package app.misura.core.form;

import java.util.Locale;

/** How a step's tries become one value. Struck tries never count. */
public enum Settle {
    /** The last try kept. */
    SINGLE("the last try counts"),
    /** The widest of the tries: for a girth whose fullest place is found by trying. */
    WIDEST("the widest try counts"),
    /** The narrowest of the tries. */
    NARROWEST("the narrowest try counts"),
    /**
     * Repeated until two agree; the first such pair in order gives its mean, unrounded. Three that do not agree give the
     * middle one; until then the last stands, with a note.
     */
    TWO_AGREE("until two agree; their mean counts"),
    /** The lowest and the highest that would do, then the one that is preferred, which counts. */
    BAND("lowest and highest that would do, then the preferred one, which counts");

    private final String words;

    Settle(String words) {
        this.words = words;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String words() {
        return words;
    }
}
