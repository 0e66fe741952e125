package app.misura.core.course;

import app.misura.core.form.Part;
import app.misura.core.proof.Bracket;
import java.util.List;

/**
 * The bar after a part.
 *
 * @param questions sums at home in the part that the proof calls wrong, in form order; none once it is passed
 */
public record Gate(Part part, List<Bracket> questions) {
    public Gate {
        questions = List.copyOf(questions);
    }

    /** Whether something is to be cleared before the work goes on. */
    public boolean asks() {
        return !questions.isEmpty();
    }

    /** Whether it may not be passed while it asks. */
    public boolean isHard() {
        return part.gate() == Part.Gate.HARD;
    }
}
