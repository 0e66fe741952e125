package app.misura.core.fit;

import java.util.Locale;

/**
 * What the garment is larger than the body under it, mm (smaller where a cloth stretches), and what decided it.
 *
 * @param words what stands in a table
 * @param why the reason, for whoever asks where the number comes from
 * @param presses what it presses on the body, mmHg; nought where the garment is no smaller than the body
 */
public record Ease(double value, RuledBy ruledBy, String words, String why, double presses) {
    public Ease(double value, RuledBy ruledBy, String words, String why) {
        this(value, ruledBy, words, why, 0);
    }

    public Ease(double value, RuledBy ruledBy, String words) {
        this(value, ruledBy, words, words);
    }

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
