package app.misura.core.reading;

import app.misura.core.form.Step;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Values that are no length: what a scale shows, what is only said, that nothing is wanted. They are kept as their texts. */
public final class Said {
    /** A word is at most so long. */
    public static final int LONGEST_WORD = 40;

    private static final double KG_A_LB = 0.45359237;
    private static final Pattern MASS = Pattern.compile("(\\d{1,3}(?:[.,]\\d)?)\\s*(kg|lb)?");

    private Said() {}

    /** How a try is said that has no length: {@code none}, {@code 72 kg}, {@code 48 R}. */
    public static String text(Reading reading, Step step) {
        return switch (step.taken().kind()) {
            case MASS -> mass(reading.text());
            case WORD -> reading.text().strip();
            default -> "none";
        };
    }

    /** The same of a settled value; empty where it has a length. */
    static String text(Settled settled) {
        return text(settled.made().get(settled.made().size() - 1), settled.step());
    }

    private static String mass(String text) {
        Matcher m = MASS.matcher(text.strip().toLowerCase(Locale.ROOT));
        return m.matches() ? m.group(1).replace(',', '.') + " " + (m.group(2) == null ? "kg" : m.group(2)) : text;
    }

    /** What a text would be as a mass, in kg where it says nothing else. */
    static Judged ofMass(String text, Step step) {
        Matcher m = MASS.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            return new Judged.Refused("A mass is a number of kg, such as 72 or 72.5, or of pounds: 158 lb.");
        }
        double kg = Double.parseDouble(m.group(1).replace(',', '.')) * ("lb".equals(m.group(2)) ? KG_A_LB : 1);
        Measure measure = step.taken();
        String said = mass(text);
        if (kg <= 0) {
            return new Judged.Refused("Nought is no " + step.name().toLowerCase(Locale.ROOT) + "; leave the step out.");
        }
        return kg < measure.adultLowCm() || kg > measure.adultHighCm()
                ? new Judged.Unusual(
                        null,
                        said + " is " + (kg < measure.adultLowCm() ? "little" : "a lot") + " for "
                                + measure.name().toLowerCase(Locale.ROOT) + "; Enter again keeps it.")
                : new Judged.Kept(null, false, "kept as " + said);
    }

    /** What a text would be as a word. */
    static Judged ofWord(String text) {
        String word = text.strip();
        if (word.isEmpty() || word.length() > LONGEST_WORD || word.chars().anyMatch(Character::isISOControl)) {
            return new Judged.Refused("A few words in one line, at most " + LONGEST_WORD + " characters.");
        }
        return new Judged.Kept(null, false, "kept as said");
    }

    /** Judges a text of a step that takes no length; null for a step that takes one. */
    static @Nullable Judged judged(String text, Step step) {
        Kind kind = step.taken().kind();
        return kind == Kind.MASS ? ofMass(text, step) : kind == Kind.WORD ? ofWord(text) : null;
    }
}
