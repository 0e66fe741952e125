package app.misura.core.course;

import app.misura.core.form.Part;
import java.util.HashSet;
import java.util.Set;

/**
 * The questions of gates that somebody passed with the word to clear them later. A question that is asked of other steps is
 * another one.
 *
 * @param keys the part's letter and the question's key, as {@code S closure-wrong:S1,S2}
 */
public record Passes(Set<String> keys) {
    public static final Passes NONE = new Passes(Set.of());

    public Passes {
        keys = Set.copyOf(keys);
    }

    public Passes with(String part, String question) {
        Set<String> more = new HashSet<>(keys);
        more.add(part + " " + question);
        return new Passes(more);
    }

    boolean has(Part part, Gate.Question question) {
        return keys.contains(part.letter() + " " + question.key());
    }
}
