package app.misura.core.format.ladder;

import app.misura.core.proof.Bracket;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One bracket as it is drawn.
 *
 * @param x of its spine
 * @param knots its members in rung order
 * @param breakAt middle of the break of a gap or wrong sum; null on a whole spine
 * @param breakHalf half the height of the break
 * @param constantAt where the number that belongs to the sum itself hangs on the spine; null where there is none
 * @param word what stands beside it: the size of a gap, or what it waits for; empty if nothing
 * @param labelY middle of that word
 * @param active whether the current step is a member
 * @param pegged whether its members are dots, because it is quiet and many stand here
 */
public record Drawn(
        Bracket bracket,
        int lane,
        double x,
        List<Knot> knots,
        @Nullable Double breakAt,
        double breakHalf,
        @Nullable Double constantAt,
        String word,
        double labelY,
        boolean active,
        boolean pegged) {

    /** @param taken whether its reading is there */
    public record Knot(String label, double y, Sign sign, boolean taken) {}

    /** What a member is of its sum. */
    public enum Sign {
        PART,
        WHOLE,
        HALF,
        DOUBLE;

        static Sign of(double factor, boolean whole) {
            if (factor == 0.5) {
                return HALF;
            }
            if (factor == 2) {
                return DOUBLE;
            }
            return whole ? WHOLE : PART;
        }
    }

    public double top() {
        return knots.get(0).y();
    }

    public double bottom() {
        return knots.get(knots.size() - 1).y();
    }

    public double length() {
        return bottom() - top();
    }

    /** Whether its spine is broken by the size of a gap. */
    public boolean isTorn() {
        return breakAt != null;
    }

    Drawn inLane(int other, double spine) {
        return new Drawn(bracket, other, spine, knots, breakAt, breakHalf, constantAt, word, labelY, active, pegged);
    }

    Drawn labelledAt(double middle) {
        return new Drawn(bracket, lane, x, knots, breakAt, breakHalf, constantAt, word, middle, active, pegged);
    }
}
