package app.misura.core.measure;

import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.util.Optional;

/** How tight the tape lies; part of what a reading is, and taken off again for the net body. */
public enum Play {
    FIRM("firm", "as tight as is comfortable", "0", "-0.5", "0"),
    SNUG("snug", "lies on the skin, does not press", "0", "0", "0"),
    ONE_FINGER("1-finger", "one finger under the tape", "1.5", "1", "0.5"),
    TWO_FINGERS("2-fingers", "two fingers under the tape", "3", "2", "1"),
    FLAT_HAND("flat-hand", "a flat hand under the tape", "3.5", "2", null),
    EASY("easy", "slides with little effort", "2", "1.2", "1");

    private final String word;
    private final String sentence;
    private final String trunkCm;
    private final String limbCm;
    private final @org.jspecify.annotations.Nullable String loopCm;

    Play(
            String word,
            String sentence,
            String trunkCm,
            String limbCm,
            @org.jspecify.annotations.Nullable String loopCm) {
        this.word = word;
        this.sentence = sentence;
        this.trunkCm = trunkCm;
        this.limbCm = limbCm;
        this.loopCm = loopCm;
    }

    public String word() {
        return word;
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

    /**
     * What this play adds to a reading of that measure: house default by where the tape lies (trunk girth, limb or neck,
     * loop through the crotch); none on lengths.
     */
    public Length on(Measure measure) {
        if (!measure.kind().hasPlay()) {
            return Length.ZERO;
        }
        if (measure.kind() == Kind.LOOP) {
            return Length.of(loopCm == null ? "1" : loopCm, Unit.CM);
        }
        return Length.of(measure.region().equals("trunk") ? trunkCm : limbCm, Unit.CM);
    }
}
