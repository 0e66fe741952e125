package app.misura.core.proof;

import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One sum of the form and how it stands now.
 *
 * @param gap parts with the constant, less the whole; null while a member is missing
 * @param waiting members that are not read yet, in form order
 */
public record Bracket(
        Closure closure, State state, @Nullable Length gap, List<ValueId> waiting) {

    public enum State {
        /** No member is read. */
        TO_COME,
        /** Some are. */
        OPEN,
        /** Within the form's tolerance. */
        CLOSED,
        /** Over the tolerance, but an honest tape may give it. */
        GAP,
        /** Over it, and judged a fault. */
        WRONG,
        /** Over it, and taken as it is by a person with that right. */
        ACCEPTED,
        /** A member is not asked for in this order. */
        NOT_CHECKED;

        /** Whether it does not add up. */
        public boolean isTorn() {
            return this == GAP || this == WRONG || this == ACCEPTED;
        }

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    public Bracket {
        waiting = List.copyOf(waiting);
    }

    Bracket accepted() {
        return new Bracket(closure, State.ACCEPTED, gap, waiting);
    }

    public boolean isJudged() {
        return state == State.CLOSED || state.isTorn();
    }
}
