package app.misura.core.draft;

import java.util.List;

/**
 * A base draft of a body part, solved for its lengths. Stateless: the same given names give the same draft.
 *
 * <p>A block knows the names it is drawn from and nothing of forms, steps or readings; whatever brings it those names may
 * be cut with it.
 */
public interface Block {
    /** A stable name, such as {@code trousers}. */
    String id();

    /** The names it is drawn from, in the order in which they are asked for when one is missing. */
    List<Need> needs();

    /** Draws it. Never a draft that breaks a promise: then a refusal, which names the given names that fight. */
    Outcome draft(Given given);
}
