package app.misura.core.fit;

import java.util.Locale;

/** What the garment is larger than the body under it, mm, and what decided it. */
public record Ease(double value, RuledBy ruledBy) {
    public enum RuledBy {
        /** The house's ease table. */
        TABLE,
        /** What this body needs to move: moved less at rest, and a margin. */
        MOVEMENT,
        /** A cloth that gives. */
        STRETCH;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
