package app.misura.core.reading;

import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The value that a form keeps for a step (and side), made from its readings by the step's rule.
 *
 * @param length null says "none wanted"
 * @param agreeing how many tries it is the mean of
 * @param counted the tries that count, in order: those of the newest round, struck ones left out
 * @param made those of them that the value is made of
 * @param tries how many tries there were in all rounds, struck ones among them
 */
public record Settled(
        ValueId id,
        Step step,
        @Nullable Side side,
        @Nullable Length length,
        Play play,
        int agreeing,
        Note note,
        List<Reading> counted,
        List<Reading> made,
        int tries) {

    /** What the rule could not do. */
    public enum Note {
        NONE,
        /** One try where two must agree. */
        ONE_TRY,
        /** Two tries that do not agree; the last stands. */
        DISAGREE,
        /** Three tries that do not agree; the middle one stands. */
        MIDDLE_OF_THREE,
        /** Fewer than three tries of a band. */
        BAND_OPEN,
        /** The preferred one lies outside the lowest and the highest that would do. */
        OUTSIDE_BAND
    }

    /** Which taking of the value it is, from 1. */
    public int round() {
        return counted.get(0).round();
    }

    /** Whether its rule asks for further tries. */
    public boolean isOpen() {
        return note == Note.ONE_TRY || note == Note.DISAGREE || note == Note.BAND_OPEN;
    }

    /** Whether it is one try of a step that wants two to agree. */
    public boolean isFirstOfTwo() {
        return step.settle() == Settle.TWO_AGREE && counted.size() == 1;
    }

    /** How it is said where it has no length: {@code none}, {@code 72 kg}. */
    public String said() {
        return Said.text(this);
    }

    public Settled {
        counted = List.copyOf(counted);
        made = List.copyOf(made);
    }
}
