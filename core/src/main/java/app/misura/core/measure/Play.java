package app.misura.core.measure;

import java.util.Optional;

/** How tight the tape lies; part of what a reading is. What each adds is the house's own; it is taken off
 * again for the net body. */
public enum Play {
    FIRM("firm", "firm", "as tight as is comfortable"),
    SNUG("snug", "nothing", "lies on the skin, does not press"),
    ONE_FINGER("1-finger", "one finger", "one finger under the tape"),
    TWO_FINGERS("2-fingers", "two fingers", "two fingers under the tape"),
    FLAT_HAND("flat-hand", "a flat hand", "a flat hand under the tape"),
    EASY("easy", "easy", "slides with little effort");

    private final String word;
    private final String under;
    private final String sentence;

    Play(String word, String under, String sentence) {
        this.word = word;
        this.under = under;
        this.sentence = sentence;
    }

    public String word() {
        return word;
    }

    /** What lay under the tape, in a word or two. */
    public String under() {
        return under;
    }

    /** Whether it is a habit of hands, which one step has like another, and not what a step asks for of its own. */
    public boolean isHabit() {
        return this != FIRM && this != EASY;
    }

    public String sentence() {
        return sentence;
    }

    public static Optional<Play> named(String word) {
        for (Play play : values()) {
            if (play.word.equals(word)) {
                return Optional.of(play);
            }
        }
        return Optional.empty();
    }
}
