package app.misura.core.measure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a value is of: a measure, under a condition, at a place. Two values are of one thing when their keys match; never
 * because two steps have one label, for labels count within a form.
 *
 * <p>Written {@code seat-girth}, {@code seat-girth[seated]}, {@code elbow-to-wrist[bent fist]}, {@code
 * cover-top-girth[at-edge]}; {@code parse(toString(k))} is k.
 */
public record MeasureKey(String code, Condition condition, Place at) {

    public static MeasureKey of(String code) {
        return new MeasureKey(code, Condition.USUAL, Place.ONLY);
    }

    /** @throws IllegalArgumentException naming the word that is no condition and no place */
    public static MeasureKey parse(String text) {
        int open = text.indexOf('[');
        if (open < 0) {
            return of(text);
        }
        Map<Condition.Aspect, String> stated = new EnumMap<>(Condition.Aspect.class);
        Place at = Place.ONLY;
        for (String word : text.substring(open + 1, text.length() - 1).split("[\\s,]+")) {
            if (word.startsWith("at-")) {
                at = new Place(word.substring(3));
            } else {
                stated.put(aspect(word, text), word);
            }
        }
        return new MeasureKey(text.substring(0, open), new Condition(stated), at);
    }

    private static Condition.Aspect aspect(String word, String text) {
        for (Condition.Aspect aspect : Condition.Aspect.values()) {
            if (aspect.words().contains(word)) {
                return aspect;
            }
        }
        throw new IllegalArgumentException(text + ": \"" + word + "\" is no condition and no place");
    }

    /** Whether a value of that kind is one of this: the same measure at the same place, under the same condition. */
    public boolean matches(MeasureKey other) {
        return code.equals(other.code) && at.equals(other.at) && condition.isSame(other.condition);
    }

    /** The same of values over whatever was worn: what a sheet of one garment is cut by, and never what two sheets share. */
    public boolean matchesWhateverIsWorn(MeasureKey other) {
        return code.equals(other.code) && at.equals(other.at) && condition.isSameWhateverIsWorn(other.condition);
    }

    /** The measure of the catalogue; null if there is none of that code. */
    public @Nullable Measure in(Catalogue catalogue) {
        return catalogue.find(code).orElse(null);
    }

    @Override
    public String toString() {
        List<String> words = new ArrayList<>(condition.stated().values());
        if (!at.isOnly()) {
            words.add("at-" + at.word());
        }
        return words.isEmpty() ? code : code + "[" + String.join(" ", words) + "]";
    }
}
