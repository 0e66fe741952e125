package app.misura.core.format.json;

import app.misura.core.measure.Side;
import app.misura.core.reading.LeftOut;
import org.jspecify.annotations.Nullable;

/** A value that is left out of a sheet, and why. */
public record LeftOutDoc(
        String step,
        @OneOf({"left", "right"}) @Nullable String side,

        @OneOf({"refused", "not-possible", "not-known", "not-there"})
        String why,

        @Nullable String note) {

    public static LeftOutDoc of(LeftOut out) {
        Side side = out.value().side();
        return new LeftOutDoc(
                out.value().step(), side == null ? null : side.word(), out.why().word(), out.note());
    }
}
