package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import java.util.List;

/** Why the proof suspects what it suspects, in one sentence or two. */
public final class Why {
    private Why() {}

    /** The reason for the strongest suspicion; empty where nothing is suspected, or it was accepted. */
    public static String of(Proof proof) {
        return proof.suspect()
                .map(suspect -> reason(proof, suspect) + orTheBody(proof, suspect))
                .orElse("");
    }

    /** A sum is a hypothesis too: it may not hold of this body. */
    private static String orTheBody(Proof proof, Adjustment.Suspect suspect) {
        List<String> names = proof.brackets().stream()
                .map(Bracket::closure)
                .filter(c -> suspect.closures().contains(c.id()))
                .map(Closure::name)
                .toList();
        return names.isEmpty()
                ? ""
                : " Or this body differs from the form, and the " + String.join(" and the ", names)
                        + (names.size() == 1 ? " does not close on it." : " do not close on it.");
    }

    private static String reason(Proof proof, Adjustment.Suspect suspect) {
        List<Bracket> gaping = proof.brackets().stream()
                .filter(b -> b.state() == Bracket.State.WRONG)
                .filter(b -> suspect.members().stream().map(ValueId::parse).anyMatch(b.closure()::concerns))
                .toList();
        if (gaping.isEmpty()) {
            return "Left and right of one step lie further apart than the two sides of a body do.";
        }
        String names = String.join(
                " and the ", gaping.stream().map(b -> b.closure().name()).toList());
        if (suspect.members().size() > 1) {
            return "The " + names + " gapes, and nothing else tells " + Sentence.either(suspect.members())
                    + " apart: each would explain it.";
        }
        String id = suspect.members().get(0);
        if (gaping.size() > 1) {
            return "The " + names + " gape, and " + id + " is the step they share.";
        }
        List<String> others = gaping.get(0).closure().labels().stream()
                .filter(m -> !ValueId.parse(id).isOf(m))
                .filter(m -> proof.bracketsOf(m).stream().anyMatch(b -> b.state() == Bracket.State.CLOSED))
                .toList();
        return "Only the " + names + " gapes. "
                + (others.isEmpty()
                        ? "The others say otherwise of " + id + "."
                        : String.join(" and ", others) + (others.size() == 1 ? " closes" : " each close")
                                + " another sum, so " + id + " stands alone.");
    }
}
