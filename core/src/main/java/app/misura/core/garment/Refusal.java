package app.misura.core.garment;

import java.util.List;
import java.util.Optional;

/**
 * What is never cut, whatever the numbers.
 *
 * @param choice the choice that says it
 * @param words the words of it that are refused
 * @param also what else must be chosen for it; empty if nothing
 * @param said why, and who decides instead
 */
public record Refusal(String choice, List<String> words, Optional<Line.When> also, String said) {
    public Refusal {
        words = List.copyOf(words);
    }

    /** Whether these choices are refused. */
    public boolean isOf(Choices choices) {
        return isChosen(choices, choice, words)
                && also.map(w -> isChosen(choices, w.choice(), w.words())).orElse(true);
    }

    private static boolean isChosen(Choices choices, String choice, List<String> words) {
        return words.contains(choices.words().getOrDefault(choice, ""));
    }
}
