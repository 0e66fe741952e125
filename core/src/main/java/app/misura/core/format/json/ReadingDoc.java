package app.misura.core.format.json;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.measure.Condition;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Strike;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One reading of a document. Step and text are all that has to be sent, and the side where a step takes both.
 *
 * @param id of a stored one; the house's to give
 * @param aux of a reading taken with a mark: the measure of the height
 * @param round which taking of its value it belongs to: what a step keeps is settled from its newest
 * @param key of whoever sends it: the same key again keeps nothing new
 */
public record ReadingDoc(
        String step,
        String text,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String id,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String key,

        @OneOf({"left", "right"}) @Nullable String side,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String aux,

        @Nullable String measure,
        @Nullable Map<String, String> condition,

        @OneOf({"firm", "snug", "1-finger", "2-fingers", "flat-hand", "easy"}) @Nullable
        String play,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer round,
        @Nullable StrikeDoc struck,
        @Nullable String at,
        @Nullable String by,
        @Nullable String aid) {

    public record StrikeDoc(
            String reason, @Nullable String at, @Nullable String by) {}

    /** A reading as it is sent: what the step says itself is left to it. */
    public static ReadingDoc sent(String step, String text, @Nullable String side, @Nullable String key) {
        return new ReadingDoc(step, text, null, key, side, null, null, null, null, null, null, null, null, null);
    }

    /** A reading of a sheet. */
    public static ReadingDoc of(Reading reading, OrderForm form) {
        return of(reading, form, null, null);
    }

    /** A stored reading. */
    public static ReadingDoc of(Reading reading, OrderForm form, @Nullable String id, @Nullable String key) {
        Step step = form.step(reading.step());
        Strike struck = reading.struck();
        return new ReadingDoc(
                step.aux() == null ? step.label() : step.aux(),
                reading.text(),
                id,
                key,
                reading.side() == null ? null : reading.side().word(),
                step.isAux() ? step.taken().code() : null,
                step.taken().code(),
                worn(step, reading).words(),
                reading.play().word(),
                reading.round(),
                struck == null
                        ? null
                        : new StrikeDoc(struck.reason(), struck.at().toString(), struck.by()),
                reading.at().toString(),
                reading.by(),
                reading.aid());
    }

    /** The condition of the step, over what was worn when it was read. */
    private static Condition worn(Step step, Reading reading) {
        String over = reading.taking().over();
        return over == null ? step.condition() : step.condition().over(over);
    }
}
