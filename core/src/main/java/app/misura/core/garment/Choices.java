package app.misura.core.garment;

import app.misura.core.formula.Formula;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What is chosen for one garment, within the bounds of its sheet: a word or a number for each choice. Lengths in mm, shares
 * of one.
 *
 * @param words by id
 * @param numbers by id; one without a usual number may be missing
 */
public record Choices(ChoiceSheet sheet, Map<String, String> words, Map<String, Double> numbers) {
    public Choices {
        words = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(words));
        numbers = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
        words.forEach((id, word) -> sheet.get(id).fault(word).ifPresent(why -> refuse(id, why)));
        numbers.forEach((id, number) -> sheet.get(id).fault(number).ifPresent(why -> refuse(id, why)));
    }

    private static void refuse(String id, String why) {
        throw new IllegalArgumentException(id + " " + why);
    }

    /** @throws IllegalArgumentException if the sheet has no such word */
    public String word(String id) {
        String word = words.get(id);
        if (word == null) {
            throw new IllegalArgumentException("no word is chosen by the name " + id);
        }
        return word;
    }

    public OptionalDouble number(String id) {
        Double number = numbers.get(id);
        return number == null ? OptionalDouble.empty() : OptionalDouble.of(number);
    }

    /** A number, nought where the sheet does not ask for it. */
    public double numberOr0(String id) {
        return number(id).orElse(0);
    }

    /** @throws IllegalArgumentException outside the choice's words */
    public Choices with(String id, String word) {
        Map<String, String> other = new LinkedHashMap<>(words);
        other.put(id, word);
        return new Choices(sheet, other, numbers);
    }

    /** @throws IllegalArgumentException outside the choice's bounds */
    public Choices with(String id, double number) {
        Map<String, Double> other = new LinkedHashMap<>(numbers);
        other.put(id, number);
        return new Choices(sheet, words, other);
    }

    /** The same with one choice as another set has it. */
    public Choices withAs(String id, Choices other) {
        Map<String, String> newWords = new LinkedHashMap<>(words);
        Map<String, Double> newNumbers = new LinkedHashMap<>(numbers);
        newWords.remove(id);
        newNumbers.remove(id);
        if (other.words.containsKey(id)) {
            newWords.put(id, other.word(id));
        }
        other.number(id).ifPresent(n -> newNumbers.put(id, n));
        return new Choices(sheet, newWords, newNumbers);
    }

    /** Whether a choice is as another set has it. */
    public boolean isAs(String id, Choices other) {
        return java.util.Objects.equals(words.get(id), other.words.get(id))
                && java.util.Objects.equals(numbers.get(id), other.numbers.get(id));
    }

    /** The choices as names of a formula. */
    public Formula.Names names() {
        return new Formula.Names() {
            @Override
            public OptionalDouble of(String name) {
                return number(name);
            }

            @Override
            public String chosen(String choice) {
                return words.getOrDefault(choice, "");
            }
        };
    }
}
