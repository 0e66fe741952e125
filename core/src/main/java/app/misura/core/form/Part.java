package app.misura.core.form;

import java.util.List;
import java.util.Locale;

/** Steps that are taken in one posture and place. */
public record Part(String letter, String title, String place, Gate gate, List<Step> steps) {
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
}
