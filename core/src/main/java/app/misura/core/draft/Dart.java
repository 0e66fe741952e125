package app.misura.core.draft;

import app.misura.core.geometry.Point;
import java.util.Locale;

/** Cloth folded away at an edge: a dart that is sewn to its tip, or a pleat that opens below. */
public record Dart(Kind kind, String edge, Point mouth1, Point mouth2, Point tip) {
    public enum Kind {
        DART,
        PLEAT;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What it takes out of its edge, mm. */
    public double intake() {
        return mouth1.distance(mouth2);
    }
}
