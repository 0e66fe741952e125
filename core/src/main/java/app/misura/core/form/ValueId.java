package app.misura.core.form;

import app.misura.core.measure.Side;
import org.jspecify.annotations.Nullable;

/**
 * Which value of a sheet: the step it is taken at, and its side where the step takes both. Written {@code S1}, {@code
 * D9-left}; {@code parse(toString(v))} is v.
 *
 * @param step the step's label
 * @param side null where the step has one value
 */
public record ValueId(String step, @Nullable Side side) {
    public static ValueId of(String step) {
        return new ValueId(step, null);
    }

    /** Never refuses: whether there is such a value is the form's to say. */
    public static ValueId parse(String text) {
        for (Side side : Side.values()) {
            String ending = "-" + side.word();
            if (text.endsWith(ending)) {
                return new ValueId(text.substring(0, text.length() - ending.length()), side);
            }
        }
        return of(text);
    }

    public boolean isOf(String label) {
        return step.equals(label);
    }

    @Override
    public String toString() {
        return side == null ? step : step + "-" + side.word();
    }
}
