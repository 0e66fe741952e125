package app.misura.core.length;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a person typed for a length, understood or refused; the text is kept either way.
 *
 * <pre>
 * entry    = "none" | "=none" | "0" | sum [" round"]                          42 round: the whole of what has a flat width
 * sum      = term { "+" term }            at most six terms:  140+23   19+0.8
 * term     = number | number "x" "2" | "2" "x" number        18x2   2x18
 * number   = decimal                      41.5   41,5   .5   41
 *          | decimal unit                 415 mm  41.5 cm  16 in  16"
 *          | [whole (" " | "-" | "." | ",")] top "/" bottom   41 5/8   41-5/8   41.5/8   1/2   41½
 *          | feet "'" [number '"']        5'7"   5' 7 1/2"
 * </pre>
 *
 * <p>A fraction's bottom is 2, 4, 8, 16, 32 or 64 and its top smaller than its bottom. Zero and "none" say that nothing
 * is wanted. A length lies above 0 and at or under {@value #LONGEST_CM} cm.
 *
 * <p>{@code parse(LengthText.exact(x, unit), unit)} understands {@code x}.
 */
public sealed interface Entry {
    /** Says of a length that it goes all the way round. */
    String ROUND = "round";

    int LONGEST_CM = 1000;
    int LONGEST_TEXT = 60;

    String text();

    /** A length. {@code stated} is the unit that was typed with it, where one was. */
    record Understood(String text, Length length, @Nullable Unit stated) implements Entry {
        /** Whether it was said as twice a half, or as round: of a flat width, that is the whole. */
        public boolean isRound() {
            return text.strip().matches("(?i)([^+]+[x×*]\\s*2|2\\s*[x×*][^+]+|.*" + ROUND + ")");
        }
    }

    /** Nothing is wanted here: not the same as not measured. */
    record None(String text) implements Entry {}

    /** No length; {@code reason} says what is wrong and {@code instead} what would be understood, if one can be guessed. */
    record Refused(String text, String reason, @Nullable String instead) implements Entry {
        public String sentence() {
            return instead == null ? reason + "." : reason + "; " + instead + "?";
        }
    }

    /** The length where one was understood. */
    default Optional<Length> asLength() {
        return this instanceof Understood u ? Optional.of(u.length()) : Optional.empty();
    }

    /** Reads a text written on a tape of the given unit. Never throws; see the grammar above. */
    static Entry parse(String text, Unit unit) {
        return new EntryParser(text, unit).parse();
    }
}

final class EntryParser {
    private static final Pattern DECIMAL = Pattern.compile("(\\d{0,9})(?:[.,](\\d{1,9}))?|(\\d{1,9})[.,]");
    private static final Pattern FRACTION =
            Pattern.compile("(?:(\\d{1,6})(?:\\s+|\\s*-\\s*|[.,]))?(\\d{1,4})/(\\d{1,4})");
    private static final Pattern FEET = Pattern.compile("(\\d{1,3})\\s*'\\s*(?:(.+?)\\s*\"?)?");
    private static final Pattern UNIT = Pattern.compile("(.*?)\\s*(mm|cm|in|inch|inches|\")");
    private static final String GLYPHS = "½1/2¼1/4¾3/4⅛1/8⅜3/8⅝5/8⅞7/8";

    private final String raw;
    private final Unit unit;
    private @Nullable Unit stated;

    EntryParser(String raw, Unit unit) {
        this.raw = raw;
        this.unit = unit;
    }

    /** Leaves the grammar with what to tell the person; never leaves this file. */
    private static final class Refusal extends RuntimeException {
        final @Nullable String instead;

        Refusal(String reason, @Nullable String instead) {
            super(reason, null, false, false);
            this.instead = instead;
        }
    }

    Entry parse() {
        try {
            return read();
        } catch (Refusal refusal) {
            return new Entry.Refused(raw, String.valueOf(refusal.getMessage()), understood(refusal.instead));
        } catch (ArithmeticException off) {
            return new Entry.Refused(raw, quoted() + " is finer than any tape", null);
        }
    }

    /** A proposal, if it is a length itself; null if it is none. */
    private @Nullable String understood(@Nullable String proposed) {
        try {
            if (proposed != null) {
                new EntryParser(proposed, unit).read();
            }
            return proposed;
        } catch (Refusal | ArithmeticException none) {
            return null;
        }
    }

    private Entry read() {
        if (raw.length() > Entry.LONGEST_TEXT) {
            throw new Refusal(
                    "That is " + raw.length() + " characters; a length has at most " + Entry.LONGEST_TEXT, null);
        }
        String text = plain(raw);
        if (text.isEmpty()) {
            throw new Refusal("Nothing was typed", null);
        }
        if (text.equals("none") || text.equals("=none") || text.matches("0+(?:[.,]0+)?")) {
            return new Entry.None(raw);
        }
        if (text.endsWith(Entry.ROUND)) {
            text = text.substring(0, text.length() - Entry.ROUND.length()).trim();
        }
        if (text.startsWith("-")) {
            throw new Refusal("A length is not negative", text.substring(1).trim());
        }
        Length sum = Length.ZERO;
        String[] terms = text.split("\\+", -1);
        if (terms.length > 6) {
            throw new Refusal("More than six stretches are not added up", null);
        }
        for (String term : terms) {
            sum = sum.plus(term(term.trim()));
        }
        if (!sum.isPositive()) {
            throw new Refusal(quoted() + " is nothing at all", null);
        }
        if (sum.compareTo(Length.of(BigDecimal.valueOf(Entry.LONGEST_CM), Unit.CM)) > 0) {
            throw new Refusal(quoted() + " is longer than any tape", null);
        }
        return new Entry.Understood(raw, sum, stated);
    }

    private static String plain(String raw) {
        String text = raw.strip().toLowerCase(Locale.ROOT);
        for (int i = 0; i < GLYPHS.length(); i += 4) {
            text = text.replace(GLYPHS.substring(i, i + 1), " " + GLYPHS.substring(i + 1, i + 4));
        }
        return text.replaceAll("[\u00A0\u2007\u2009\u202F]", " ")
                .replace('–', '-')
                .replaceAll("(\\d)\\s*/\\s*(\\d)", "$1/$2")
                .replaceAll("(\\d)\\s*(?:ft|foot|feet)(?![a-z])\\.?", "$1'")
                .replace('×', 'x')
                .replace('′', '\'')
                .replace('’', '\'')
                .replace('″', '"')
                .replace('”', '"')
                .replace('⁄', '/')
                .replace("''", "\"")
                .strip();
    }

    private Length term(String term) {
        if (term.isEmpty()) {
            throw new Refusal(
                    quoted() + " has a + with nothing beside it", raw.strip().replaceAll("^\\++|\\++$", ""));
        }
        String[] factors = term.split("x", -1);
        if (factors.length == 1) {
            return number(term);
        }
        String left = factors[0].trim();
        String right = factors[1].trim();
        if (factors.length == 2 && right.equals("2")) {
            return number(left).times(2);
        }
        if (factors.length == 2 && left.equals("2")) {
            return number(right).times(2);
        }
        throw new Refusal(quoted() + " is no length; only halves are doubled", right.isEmpty() ? left : left + "x2");
    }

    private Length number(String number) {
        Matcher feet = FEET.matcher(number);
        if (feet.matches()) {
            stated = Unit.INCH;
            Length whole = Length.of(feet.group(1), Unit.INCH).times(12);
            String inches = feet.group(2);
            return inches == null || inches.isBlank() ? whole : whole.plus(inches(inches));
        }
        Matcher withUnit = UNIT.matcher(number);
        if (withUnit.matches()) {
            String name = withUnit.group(2);
            stated = name.equals("mm") || name.equals("cm") ? Unit.CM : Unit.INCH;
            BigDecimal amount = amount(withUnit.group(1));
            return Length.of(name.equals("mm") ? amount.movePointLeft(1) : amount, stated);
        }
        return Length.of(amount(number), unit);
    }

    private Length inches(String text) {
        BigDecimal amount = amount(text);
        if (amount.compareTo(BigDecimal.valueOf(12)) >= 0) {
            throw new Refusal(quoted() + " has twelve inches or more beside its feet", null);
        }
        return Length.of(amount, Unit.INCH);
    }

    private BigDecimal amount(String text) {
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return fraction(fraction);
        }
        Matcher decimal = DECIMAL.matcher(text);
        if (!text.isEmpty() && decimal.matches()) {
            return new BigDecimal(text.replace(',', '.').replaceFirst("\\.$", ""));
        }
        String near = guess(text);
        throw new Refusal(
                quoted() + " is no length" + (near == null ? "; one is written 104.5, 41 5/8, 5'7 or 140+23" : ""),
                near);
    }

    private BigDecimal fraction(Matcher parts) {
        long whole = parts.group(1) == null ? 0 : Long.parseLong(parts.group(1));
        long top = Long.parseLong(parts.group(2));
        long bottom = Long.parseLong(parts.group(3));
        String before = parts.group(1) == null ? "" : whole + " ";
        if (bottom < 2 || bottom > 64 || Long.bitCount(bottom) != 1) {
            throw new Refusal(quoted() + " is no length: the tape has no " + part(bottom), before + top(top) + "/8");
        }
        if (top == 0 || top >= bottom) {
            throw new Refusal(
                    quoted() + " is no length: " + top + "/" + bottom + " is not part of one",
                    top % bottom == 0
                            ? String.valueOf(whole + top / bottom)
                            : (whole + top / bottom) + " " + top % bottom + "/" + bottom);
        }
        return BigDecimal.valueOf(whole).add(BigDecimal.valueOf(top).divide(BigDecimal.valueOf(bottom)));
    }

    private static long top(long top) {
        return top >= 1 && top < 8 ? top : 5;
    }

    private static String part(long bottom) {
        return switch ((int) Math.min(bottom, 100)) {
            case 0 -> "noughths";
            case 1 -> "wholes as a fraction";
            case 3 -> "thirds";
            case 5 -> "fifths";
            case 6 -> "sixths";
            case 10 -> "tenths as a fraction";
            default -> "fraction over " + bottom;
        };
    }

    /** The nearest text that would be understood: doubled points made one, foreign signs dropped; null if none is near. */
    private static @Nullable String guess(String text) {
        // what joins digits with other signs may be anything: nothing is guessed of it
        if (text.matches(".*\\d\\s*[^0-9.,/ ]+\\s*\\d.*")) {
            return null;
        }
        if (text.matches("\\d{1,3} \\d{3}")) {
            return text.replace(" ", "");
        }
        String once = text.replaceAll("[^0-9.,/ ]", "")
                .replaceAll("([.,])[.,]+", "$1")
                .strip();
        if (once.matches("\\d{1,4}[.,]\\d{1,3}[.,]\\d*")) {
            once = once.substring(0, Math.max(once.lastIndexOf('.'), once.lastIndexOf(',')));
        }
        boolean fair = DECIMAL.matcher(once).matches() || FRACTION.matcher(once).matches();
        return !once.isEmpty() && fair && !once.equals(text) ? once : null;
    }

    private String quoted() {
        return "\"" + raw.strip() + "\"";
    }
}
