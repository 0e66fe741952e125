package app.misura.core.figure;

import java.util.Locale;
import java.util.Optional;

/** From where a body is seen. */
public enum View {
    FRONT("Front"),
    BACK("Back"),
    /** From the body's right: it looks to the right. */
    SIDE("Side"),
    SEATED("Seated");

    private final String title;

    View(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** +1 or -1: how the body's own left lies on the page. */
    public double mirror() {
        return this == BACK ? -1 : 1;
    }

    /** From the body's right. */
    public boolean isProfile() {
        return this == SIDE || this == SEATED;
    }

    public static Optional<View> named(String word) {
        for (View view : values()) {
            if (view.word().equals(word)) {
                return Optional.of(view);
            }
        }
        return Optional.empty();
    }
}
