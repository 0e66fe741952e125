package app.misura.core.format.ladder;

import app.misura.core.course.Course;
import app.misura.core.proof.Bracket;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All steps of a sheet in working order as rungs, and the brackets that join those that must add up. Geometry only; the
 * same sheet gives the same ladder.
 *
 * @param lines where it folds, the line of each part; empty where it does not
 * @param gathered by part, the brackets with terms elsewhere that are not drawn; empty but on paper
 * @param gates bars after parts, by the part's letter
 * @param height of the whole
 * @param width of the margin in which the brackets run, with its labels
 */
public record Ladder(
        Metrics metrics,
        List<Rung> rungs,
        List<PartLine> lines,
        List<Drawn> brackets,
        Map<String, List<Bracket>> gathered,
        Map<String, Gate> gates,
        double height,
        double width) {

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
     * Lays out a ladder. A long one folds where its metrics say so: the part of the focus stands open, the others are one
     * line each.
     */
    public static Ladder of(Course course, Focus focus, Metrics metrics) {
        return new LadderLayout(course, focus, metrics).ladder();
    }

    public boolean folds() {
        return !lines.isEmpty();
    }

    /** The line of a part, where it folds. */
    public Optional<PartLine> line(String part) {
        return lines.stream().filter(l -> l.part().letter().equals(part)).findFirst();
    }

    public Optional<Rung> rung(String label) {
        return rungs.stream().filter(r -> r.step().label().equals(label)).findFirst();
    }
}
