package app.misura.core.format.ladder;

import app.misura.core.form.Part;
import app.misura.core.proof.Bracket;
import java.util.List;

/**
 * The line of a part on a ladder that folds: the heading of the open one, or all that is seen of another.
 *
 * @param rungs all rungs of the part, lying down as ticks
 * @param taken how many of its steps are taken
 * @param signs how the brackets stand that live here and are not drawn
 * @param y its middle, px from the top
 */
public record PartLine(
        Part part, boolean open, List<Rung> rungs, int taken, List<Bracket.State> signs, double y, double height) {

    /** How many steps it asks for. */
    public int steps() {
        return (int) rungs.stream().filter(r -> !r.step().isDerived()).count();
    }

    /** Whether something of it is still to come. */
    public boolean waits() {
        return taken < steps();
    }
}
