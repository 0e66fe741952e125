package app.misura.core.cut;

import app.misura.core.fit.Fitted;
import app.misura.core.length.TapeWords;
import java.util.List;
import java.util.Locale;

/**
 * Can it be put on? A closed edge must pass over what is behind it, or open, or give.
 *
 * @param edge the garment's edge, in words
 * @param finished its girth, mm
 * @param stretched its girth when the cloth gives as far as it comfortably does, mm
 * @param slit by how much it opens, mm; it does so on two sides of the slit
 * @param by what it opens by; empty where it does not
 * @param over what it passes, in words
 * @param passing the girth it must pass, mm
 * @param step where that girth was read; where it was not, where it would be
 * @param proved whether that girth was read; else a rule stands in for it and nothing is proved
 * @param holds whether it passes, with the cloth's stretch
 * @param lacks by how much it is too small, mm; nought where it passes
 */
public record Opening(
        String edge,
        double finished,
        double stretched,
        double slit,
        String by,
        String over,
        double passing,
        String step,
        boolean proved,
        boolean holds,
        double lacks) {
    /** Rounding of a computation is no failure, mm. */
    private static final double EXACT = 1e-6;

    /** A least opening is said up to the next half centimetre, mm. */
    private static final double NEXT = 5;

    /** @param stretch how far the cloth comfortably gives, share of its length */
    static Opening of(Fitted.Passage passage, double stretch) {
        double finished = passage.edge().finished();
        double wide = finished * (1 + stretch) + 2 * passage.slit();
        boolean holds = wide >= passage.over() - EXACT;
        String side = passage.side() == null ? "" : passage.side().word() + " ";
        String edge = side + passage.edge().line().title().toLowerCase(Locale.ROOT);
        return new Opening(
                edge,
                finished,
                finished * (1 + stretch),
                passage.slit(),
                passage.passing().by(),
                passage.passing().over().name().replace('-', ' '),
                passage.over(),
                passage.step(),
                passage.read(),
                holds,
                holds ? 0 : passage.over() - wide);
    }

    /** What can be done where it does not pass, with numbers; nothing where it does. */
    public List<String> remedies(TapeWords tape) {
        if (holds) {
            return List.of();
        }
        double gives = stretched / finished;
        double opening = slit + Math.ceil(lacks / 2 / NEXT - EXACT) * NEXT;
        double needed = (passing - 2 * slit) / finished - 1;
        return List.of(
                "widen the " + edge + " to " + tape.said((passing - 2 * slit) / gives),
                "open it by a zip or slit of at least " + tape.said(opening),
                "take a cloth with at least " + Math.round(Math.ceil(needed * 100 - EXACT)) + " % stretch");
    }

    /** What does not pass, in one sentence. */
    public String said(TapeWords tape) {
        return "The " + edge + " of " + tape.said(finished) + " "
                + (proved
                        ? "does not pass the " + over + " of " + tape.said(passing) + "."
                        : "may not pass the " + over + ", here taken as " + tape.said(passing) + "; " + step
                                + " would tell.");
    }
}
