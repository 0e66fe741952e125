package app.misura.core.garment;

import java.util.List;

/**
 * What is never cut, whatever the numbers.
 *
 * @param choice the choice that says it
 * @param words the words of it that are refused
 * @param said why, and who decides instead
 */
public record Refusal(String choice, List<String> words, String said) {
    public Refusal {
        words = List.copyOf(words);
    }

    /** Whether these choices are refused. */
    public boolean isOf(Choices choices) {
        return words.contains(choices.words().getOrDefault(choice, ""));
    }
}
