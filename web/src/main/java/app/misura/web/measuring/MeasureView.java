package app.misura.web.measuring;

import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.Rung;
import app.misura.core.proof.Proof;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The measuring screen as its template sees it.
 *
 * @param counts how the sums stand, in words with signs
 * @param seen how many readings the page knows of
 */
record MeasureView(
        String orderId,
        String client,
        String title,
        String form,
        String kept,
        String progress,
        List<Count> counts,
        Ladder ladder,
        String brackets,
        List<PartView> parts,
        List<String> spoken,
        StepView step,
        @Nullable String previous,
        @Nullable String next,
        int seen,
        Proof proof) {

    record Count(String sign, String words, boolean wrong) {}

    record PartView(String letter, String title, List<Rung> rungs, Ladder.@Nullable Gate gate) {}

    /**
     * The one step that is asked for.
     *
     * @param entry what stands in the entry
     * @param heard what was understood of it, or why it was not
     * @param tone of that: soft, ink or wrong
     * @param confirm the text that one more Enter keeps
     */
    record StepView(
            String label,
            String name,
            String part,
            String how,
            String place,
            String mind,
            String unit,
            String fineness,
            String rule,
            boolean mark,
            boolean markSet,
            List<SideView> sides,
            @Nullable String side,
            String entry,
            String heard,
            String tone,
            String confirm,
            String key,
            List<TryView> tries,
            List<SumView> sums,
            @Nullable WayOut wayOut) {}

    record SideView(String word, String value, boolean now) {}

    /** @param hidden an earlier try of a step that wants two to agree */
    record TryView(String id, String text, @Nullable String struck, boolean hidden) {}

    record SumView(String sign, String equation, String state) {}

    /** A wrong sum of this step and what to take again. */
    record WayOut(String sign, String said, String again, String before) {}
}
