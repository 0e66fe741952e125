package app.misura.core.fit;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a net length comes from on the sheet.
 *
 * @param step the step it was read at, or the derived step; null where it was not read
 * @param said how the step is called on paper: {@code U1}, {@code D1−S1}
 * @param steps every step behind it
 * @param measure null where several measures make it
 * @param readMm what the sheet keeps, mm
 * @param playMm what the tape's play takes off, mm
 * @param worn what was worn under the tape and is in the value; null where it was taken on the body
 */
public record Source(
        @Nullable String step,
        String said,
        List<String> steps,
        @Nullable String measure,
        double readMm,
        double playMm,
        @Nullable String worn) {
    public Source {
        steps = List.copyOf(steps);
    }
}
