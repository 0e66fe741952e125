package app.misura.core.format.json;

import app.misura.core.form.Asked;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.length.Entry;
import app.misura.core.length.Length;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.reading.Judged;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Strike;
import app.misura.core.reading.Taking;
import app.misura.core.reading.Wearer;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** One reading of a document, checked against its step. */
public final class ReadingJson {
    /** More readings than any sitting makes; a larger document is not a sheet. */
    public static final int MOST = 500;

    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_TEXT = 100;
    private static final int LONGEST_REASON = 200;

    private final OrderForm form;
    private final Wearer wearer;

    public ReadingJson(OrderForm form, Wearer wearer) {
        this.form = form;
        this.wearer = wearer;
    }

    private static String clipped(String text) {
        return text.length() > LONGEST_WORD ? text.substring(0, LONGEST_WORD) + "…" : text;
    }

    /** A text no longer than what is kept of it. */
    private static @Nullable String limited(JsonIn in, String key, @Nullable String text, int most) {
        if (text != null && text.length() > most) {
            in.fault(key, "must have at most " + most + " characters");
        }
        return text;
    }

    /** The reading, or null where it is wrong (the faults are then in the document's list). */
    public @Nullable Reading read(JsonIn in) {
        String label = in.text("step");
        String text = in.text("text");
        String aux = in.textOrNull("aux");
        Optional<Step> step = aux == null ? named(in, label) : form.aux(label, aux);
        if (aux != null && step.isEmpty()) {
            in.fault("aux", clipped(label) + " takes no height " + clipped(aux));
        }
        Side side = null;
        Length length = null;
        Play play = Play.SNUG;
        String worn = null;
        if (step.isEmpty()) {
            boolean missing = aux != null || label.isEmpty() && !in.has("step");
            if (!missing) {
                in.fault(
                        "step",
                        label.isEmpty()
                                ? "must name a step"
                                : "the form " + form.id() + " has no step " + clipped(label));
            }
            in.textOrNull("side");
            in.textOrNull("measure");
            in.texts("condition");
            in.textOrNull("play");
        } else if (!step.get().takesReadings()) {
            in.fault("step", label + (step.get().isMark() ? " is a mark" : " is worked out") + " and takes no reading");
            in.textOrNull("side");
            in.textOrNull("measure");
            in.texts("condition");
            in.textOrNull("play");
        } else {
            side = side(in, step.get());
            length = length(in, text, step.get());
            play = play(in, step.get());
            worn = same(in, step.get());
        }
        Instant at = instant(in, "at");
        String by = in.text("by", "");
        Taking taking = Taking.parse(in.textOrNull("aid"));
        limited(in, "aid", taking.tool(), LONGEST_WORD);
        int round = round(in);
        limited(in, "by", by, LONGEST_WORD);
        limited(in, "text", text, LONGEST_TEXT);
        Strike struck = in.has("struck") ? strike(in.object("struck")) : null;
        return new Reading(
                step.map(Step::label).orElse(label),
                side,
                text,
                length,
                play,
                at,
                by == null ? "" : by,
                taking.over(worn),
                round,
                struck);
    }

    /** The step of a label; of one that is taken under several conditions, the one of the reading's. */
    private Optional<Step> named(JsonIn in, String label) {
        Optional<Step> own = form.find(label);
        return own.filter(Step::takesReadings).isPresent()
                ? own
                : form.steps().stream()
                        .filter(s -> s.takesReadings() && s.label().matches(Pattern.quote(label) + "[a-z]"))
                        .filter(s -> !s.isAux() && isSame(in, s))
                        .findFirst()
                        .or(() -> own);
    }

    private static boolean isSame(JsonIn in, Step step) {
        try {
            return Condition.of(in.texts("condition")).isSame(step.condition());
        } catch (IllegalArgumentException wrong) {
            return false;
        }
    }

    private @Nullable Side side(JsonIn in, Step step) {
        String said = in.textOrNull("side");
        List<Side> sides = step.side().sides(wearer.dominant());
        if (step.side().isTwo()) {
            if (said == null) {
                in.fault("side", step.label() + " is taken on both sides; say left or right");
                return null;
            }
            return sided(in, said, sides, step);
        }
        if (said == null) {
            return sides.isEmpty() ? null : sides.get(0);
        }
        return sided(in, said, sides, step);
    }

    private static @Nullable Side sided(JsonIn in, String said, List<Side> sides, Step step) {
        for (Side side : sides) {
            if (side.word().equals(said)) {
                return side;
            }
        }
        in.fault(
                "side",
                step.label() + " is taken "
                        + (sides.isEmpty()
                                ? "on no side"
                                : "on the " + sides.get(0).word() + (sides.size() > 1 ? " and the right" : ""))
                        + ", not \"" + said + "\"");
        return null;
    }

    private @Nullable Length length(JsonIn in, String text, Step step) {
        Judged judged = Judged.of(text, step, form, null);
        if (judged instanceof Judged.Refused refused) {
            in.fault("text", refused.sentence());
            return null;
        }
        return Judged.length(Entry.parse(text, form.unit()), step, form).orElse(null);
    }

    private static Play play(JsonIn in, Step step) {
        String said = in.textOrNull("play");
        if (said == null) {
            return step.play();
        }
        Optional<Play> play = Play.named(said);
        if (play.isEmpty()) {
            in.fault("play", "must be one of firm, snug, 1-finger, 2-fingers, flat-hand, easy, not \"" + said + "\"");
        }
        return play.orElse(step.play());
    }

    /** The measure and the condition are the step's own; what was worn may be another answer to its question. @return that */
    private @Nullable String same(JsonIn in, Step step) {
        String measure = in.textOrNull("measure");
        if (measure != null && !measure.equals(step.taken().code())) {
            in.fault("measure", step.label() + " takes " + step.taken().code() + ", not \"" + measure + "\"");
        }
        String asked = step.condition().stated().get(Condition.Aspect.OVER);
        Map<String, String> words = in.texts("condition");
        try {
            Condition said = Condition.of(words);
            String worn = said.stated().getOrDefault(Condition.Aspect.OVER, asked);
            boolean own = asked == null
                    ? said.isSame(step.condition())
                    : said.isSameWhateverIsWorn(step.condition()) && (asked.equals(worn) || isAnswer(worn));
            if (!words.isEmpty() && !own) {
                in.fault(
                        "condition",
                        step.label() + " is taken with " + step.condition().words() + ", not " + words);
            }
            return asked == null ? null : worn;
        } catch (IllegalArgumentException wrong) {
            in.fault("condition", String.valueOf(wrong.getMessage()));
            return asked;
        }
    }

    /** Whether the form asks what is worn, and this is an answer. */
    private boolean isAnswer(@Nullable String worn) {
        return form.options().stream()
                .anyMatch(o -> o.id().equals(Asked.OVER) && o.choices().contains(worn));
    }

    /** Which taking of its value it belongs to; 1 where nothing is said. */
    private static int round(JsonIn in) {
        Integer said = in.whole("round");
        if (said != null && (said < 1 || said > Reading.MOST_ROUNDS)) {
            in.fault("round", "must be a whole number from 1 to " + Reading.MOST_ROUNDS);
            return 1;
        }
        return said == null ? 1 : said;
    }

    private static Strike strike(JsonIn in) {
        String reason = in.text("reason");
        limited(in, "reason", reason, LONGEST_REASON);
        Instant at = instant(in, "at");
        String by = in.text("by", "");
        in.close();
        return new Strike(reason, at, by == null ? "" : by);
    }

    private static Instant instant(JsonIn in, String key) {
        String said = in.textOrNull(key);
        if (said == null) {
            return Instant.EPOCH;
        }
        try {
            return Instant.parse(said);
        } catch (DateTimeParseException e) {
            in.fault(key, "must be a time such as 2026-01-31T10:15:00Z");
            return Instant.EPOCH;
        }
    }
}
