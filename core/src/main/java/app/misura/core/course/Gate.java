package app.misura.core.course;

import app.misura.core.finding.Finding;
import app.misura.core.form.Part;
import java.util.List;

/**
 * The bar after a part.
 *
 * @param questions what is at home in the part and is to be cleared before the work goes on, in the proof's order
 * @param deferred questions that somebody chose to clear later: they stay visible
 * @param offered labels of the steps that lead out: the one that would tell first, then those to take again
 */
public record Gate(Part part, List<Question> questions, List<Question> deferred, List<String> offered) {
    public Gate {
        questions = List.copyOf(questions);
        deferred = List.copyOf(deferred);
        offered = List.copyOf(offered);
    }

    /** Something that the proof found. */
    public record Question(Finding finding) {
        /** What it is asked about, as a text: the same question asked again has the same one. */
        public String key() {
            return finding.rule() + ":" + String.join(",", finding.steps());
        }
    }

    /** Whether something is to be cleared before the work goes on. */
    public boolean asks() {
        return !questions.isEmpty();
    }

    /** Whether it may not be passed while it asks, but by a deliberate word. */
    public boolean isHard() {
        return part.gate() == Part.Gate.HARD;
    }
}
