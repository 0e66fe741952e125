package app.misura.core.reading;

import java.util.Locale;
import java.util.Optional;

/** How far a body is grown: decides spans, growth allowance and ease. */
public enum AgeGroup {
    ADULT,
    /** 16 or 17, or still growing. */
    YOUNG,
    /** Under 16. */
    CHILD;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<AgeGroup> named(String word) {
        for (AgeGroup group : values()) {
            if (group.word().equals(word)) {
                return Optional.of(group);
            }
        }
        return Optional.empty();
    }
}
