package app.misura.web.reading;

import java.util.Locale;

/** What is noted of a visit beside its steps. Kept among the notes of steps, under a label that no step has. */
public enum VisitNote {
    WORN("Worn beneath"),
    AGREED("Said and agreed to"),
    SEEN("Seen from three metres");

    private final String title;

    VisitNote(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public String key() {
        return "@" + name().toLowerCase(Locale.ROOT);
    }

    static boolean is(String label) {
        return label.startsWith("@");
    }
}
