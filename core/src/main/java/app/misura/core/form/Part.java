package app.misura.core.form;

import java.util.List;
import java.util.Locale;

/**
 * Steps that are taken in one posture and place.
 *
 * @param heldByClient whether the client holds one end of the tape: such readings scatter more
 */
public record Part(String letter, String title, String place, Gate gate, boolean heldByClient, List<Step> steps) {
    /** What happens to open questions at the end of a part. */
    public enum Gate {
        NONE,
        SOFT,
        HARD;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Part {
        steps = List.copyOf(steps);
    }

    /** The same part with other steps. */
    Part with(List<Step> other) {
        return new Part(letter, title, place, gate, heldByClient, other);
    }
}
