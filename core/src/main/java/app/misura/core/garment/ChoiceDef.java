package app.misura.core.garment;

import app.misura.core.length.Entry;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is chosen for a garment: its words or its bounds, what is usual, and the key it has in documents.
 *
 * @param group under which heading it is asked for
 * @param kind a word of a list, or a number
 * @param words the list; empty for a number
 * @param low the least number, in the kind's own unit
 * @param high the greatest
 * @param usual the word or number where nothing is chosen; null where none is usual and what follows decides
 * @param thick what is usual in place of it where the cloth is a thick sheet; null where that makes no difference
 * @param option the form's option whose answer is usual; null where no form asks
 * @param json its key in documents, with a dot before what lies in an inner object
 * @param hint what stands in an empty field; empty if nothing
 */
public record ChoiceDef(
        String id,
        String title,
        String group,
        Kind kind,
        List<String> words,
        double low,
        double high,
        @Nullable String usual,
        @Nullable String thick,
        @Nullable String option,
        String json,
        String hint) {

    private static final Increment SIXTEENTH = Increment.of("0.0625", Unit.INCH);

    /** What is chosen. */
    public enum Kind {
        /** A word of a list. */
        PICK(1, "", 0),
        /** A length in mm, asked for in cm, or in inches on such a tape. */
        CM(10, "cm", 2),
        /** A thickness in mm. */
        MM(1, "mm", 2),
        /** A share, asked for in hundredths. */
        PERCENT(0.01, "%", 2),
        /** A mass in grams. */
        GRAMS(1, "g", 0);

        private final double factor;
        private final String unit;
        private final int decimals;

        Kind(double factor, String unit, int decimals) {
            this.factor = factor;
            this.unit = unit;
            this.decimals = decimals;
        }

        /** The unit it is asked for in; empty for a word. */
        public String unit() {
            return unit;
        }

        /** What is meant by a number that was typed: mm, a share, grams. */
        private double meant(double typed) {
            return typed * factor;
        }

        /** A number as it is typed: the fewest digits that say it. */
        private String typed(double meant) {
            String text = String.format(Locale.ROOT, "%." + decimals + "f", meant / factor);
            return text.contains(".") ? text.replaceFirst("\\.?0+$", "") : text;
        }
    }

    public ChoiceDef {
        words = List.copyOf(words);
        if (kind == Kind.PICK && usual != null && !words.contains(usual)) {
            throw new IllegalArgumentException(id + ": usual word " + usual + " is none of " + words);
        }
        if (kind != Kind.PICK && !(low < high)) {
            throw new IllegalArgumentException(id + ": bounds " + low + " to " + high + " hold nothing");
        }
    }

    public boolean isPick() {
        return kind == Kind.PICK;
    }

    /** Why a word cannot be chosen; empty if it can. */
    public Optional<String> fault(String word) {
        return words.contains(word)
                ? Optional.empty()
                : Optional.of("must be one of " + String.join(", ", words) + ", not \"" + clipped(word) + "\"");
    }

    /** Why a number cannot be chosen, in the unit it is kept in; empty if it can. */
    public Optional<String> fault(double number) {
        return number >= low && number <= high
                ? Optional.empty()
                : Optional.of("must lie between " + plain(low) + " and " + plain(high) + ", not " + plain(number));
    }

    /** The unit it is asked for in on such a tape: lengths follow the tape, thicknesses stay millimetres; empty for a word. */
    public String unit(Unit tape) {
        return kind == Kind.CM ? tape.symbol() : kind.unit();
    }

    /** The bounds as a person types them: {@code 1 to 12}. */
    public String bounds(Unit tape) {
        return typed(low, tape) + " to " + typed(high, tape);
    }

    /** A number as it is typed on such a tape. */
    String typed(double meant, Unit tape) {
        return kind == Kind.CM && tape == Unit.INCH
                ? LengthText.exact(SIXTEENTH.snap(Length.fromMm(meant)), Unit.INCH)
                : kind.typed(meant);
    }

    /**
     * What was typed for a number, if it is one: a length is written as any length on the tape, doubled or in another unit
     * too; the rest are plain numbers with point or comma.
     */
    OptionalDouble meant(String text, Unit tape) {
        if (kind == Kind.CM) {
            Entry entry = Entry.parse(text, tape);
            return entry instanceof Entry.None
                    ? OptionalDouble.of(0)
                    : entry.asLength().map(l -> OptionalDouble.of(l.toMm())).orElse(OptionalDouble.empty());
        }
        try {
            return OptionalDouble.of(kind.meant(Double.parseDouble(text.strip().replace(',', '.'))));
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }

    private static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e9
                ? String.valueOf((long) number)
                : String.valueOf(number);
    }

    static String clipped(String text) {
        return text.length() > 30 ? text.substring(0, 30) + "…" : text;
    }
}
