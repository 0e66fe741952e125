package app.misura.core.format.ladder;

import app.misura.core.course.Course;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * All steps of a sheet in working order as rungs, and the brackets that join those that must add up. Geometry only; the
 * same sheet gives the same ladder.
 *
 * @param gates bars after parts, by the part's letter
 * @param height of the whole
 * @param width of the margin in which the brackets run, with its labels
 */
public record Ladder(
        Metrics metrics, List<Rung> rungs, List<Drawn> brackets, Map<String, Gate> gates, double height, double width) {

    /**
     * A bar after a part.
     *
     * @param y its middle
     * @param open how many questions are to be cleared first
     * @param later how many were passed with the word to clear them later
     */
    public record Gate(double y, int open, int later, boolean hard) {
        public boolean asks() {
            return open > 0;
        }
    }

    /**
     * Lays out a ladder.
     *
     * @param now label of the step that is asked for; null if none is
     */
    public static Ladder of(Course course, @Nullable String now, Metrics metrics) {
        return new LadderLayout(course, now, metrics).ladder();
    }

    public Optional<Rung> rung(String label) {
        return rungs.stream().filter(r -> r.step().label().equals(label)).findFirst();
    }
}
