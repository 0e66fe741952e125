package app.misura.core.course;

import app.misura.core.form.Step;
import app.misura.core.measure.Side;
import org.jspecify.annotations.Nullable;

/** Where the work goes on. */
public sealed interface Next {
    /** At a step. @param side which of both sides; null where the step has one value */
    record AtStep(Step step, @Nullable Side side) implements Next {}

    /** At a gate that asks. */
    record AtGate(Gate gate) implements Next {}

    /** At the end of the sheet: nothing waits. */
    record AtEnd() implements Next {}
}
