package app.misura.core.fit;

import app.misura.core.form.Step;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Side;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A measure without which nothing can be cut.
 *
 * @param measure what it is, in words
 * @param step where the form asks for it; null where it does not
 * @param side of which of two bodies; null of the one
 */
public record Absent(
        String measure, @Nullable String step, @Nullable Side side) {
    /** A plain measure by its key; empty where the word is none, or no step takes it. */
    static Optional<Absent> of(String word, Function<MeasureKey, Optional<Step>> steps) {
        try {
            return steps.apply(MeasureKey.parse(word))
                    .map(step -> new Absent(word.replace('-', ' '), step.label(), null));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    /** What to take: the step, else the measure's words. */
    public String said() {
        String what = step == null ? measure : step;
        return side == null || step == null ? what : what + " " + side.word();
    }
}
