package app.misura.core.figure;

import java.util.Locale;
import java.util.Optional;

/** From where a body is seen. */
public enum View {
    FRONT("Front"),
    BACK("Back"),
    /** From the body's right: it looks to the right. */
    SIDE("Side"),
    SEATED("Seated"),
    /** From the right, the near forearm held forward. */
    BENT("Arm bent"),
    /** From the right, kneeling upright. */
    KNEELING("Kneeling"),
    /** From behind, the right arm held out. */
    ARM_OUT("Arm out");

    private final String title;

    View(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** +1 or -1: how the body's own left lies on the page. */
    public double mirror() {
        return isBehind() ? -1 : 1;
    }

    /** From behind. */
    public boolean isBehind() {
        return this == BACK || this == ARM_OUT;
    }

    /** Whether the figure can be turned so for any measure; else only a tape that is laid so shows it. */
    public boolean isPlain() {
        return this != BENT && this != ARM_OUT && this != KNEELING;
    }

    /** From the body's right. */
    public boolean isProfile() {
        return this == SIDE || this == SEATED || this == BENT || this == KNEELING;
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
