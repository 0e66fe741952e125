package app.misura.core.format.json;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.measure.Side;
import app.misura.core.reading.LeftOut;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is left out of a sheet: {@code {"step":"D7","side":null,"why":"not-there","note":".."}}. */
public final class LeftOutJson {
    private static final List<String> WHY =
            Stream.of(LeftOut.Why.values()).map(LeftOut.Why::word).toList();

    private LeftOutJson() {}

    /** Reads one; faults are noted where they are, and then the result is not to be used. */
    public static LeftOut read(JsonIn in, OrderForm form) {
        String label = in.text("step");
        String side = in.textOrNull("side");
        if (!in.has("why")) {
            in.fault("why", "is missing");
        }
        String why = in.choice("why", WHY, LeftOut.Why.NOT_KNOWN.word());
        String note = Optional.ofNullable(in.textOrNull("note")).orElse("");
        if (note.length() > LeftOut.LONGEST_NOTE) {
            in.fault("note", "is longer than " + LeftOut.LONGEST_NOTE + " characters");
        }
        Optional<Step> step = form.find(label).filter(Step::takesReadings);
        if (step.isEmpty()) {
            in.fault("step", "the form has no step " + label + " that takes readings");
        }
        in.close();
        return new LeftOut(
                new ValueId(label, step.map(s -> side(in, s, side)).orElse(null)),
                LeftOut.Why.named(why).orElseThrow(),
                note);
    }

    private static @Nullable Side side(JsonIn in, Step step, @Nullable String word) {
        if (!step.side().isTwo()) {
            if (word != null && !word.equals(step.side().word())) {
                in.fault(
                        "side",
                        step.label() + " is taken on the side " + step.side().word() + ", not " + word);
            }
            return null;
        }
        for (Side side : Side.values()) {
            if (side.word().equals(word)) {
                return side;
            }
        }
        in.fault("side", step.label() + " is taken on both sides; say left or right");
        return null;
    }
}
