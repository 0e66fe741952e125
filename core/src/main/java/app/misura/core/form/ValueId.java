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
        int end = text.lastIndexOf('-');
        String word = end < 0 ? "" : text.substring(end + 1);
        return word.equals(Side.LEFT.word())
                ? new ValueId(text.substring(0, end), Side.LEFT)
                : word.equals(Side.RIGHT.word()) ? new ValueId(text.substring(0, end), Side.RIGHT) : of(text);
    }

    public boolean isOf(String label) {
        return step.equals(label);
    }

    @Override
    public String toString() {
        return side == null ? step : step + "-" + side.word();
    }
}
