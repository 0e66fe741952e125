package app.misura.core.reading;

import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Makes one value of a step's tries: of those of the newest round that has one which counts, over what the step
 * says is worn. */
final class Settling {
    private final ValueId id;
    private final Step step;
    private final @Nullable Side side;
    private final List<Reading> counted;
    private final int tries;

    private Settling(ValueId id, Step step, @Nullable Side side, List<Reading> counted, int tries) {
        this.id = id;
        this.step = step;
        this.side = side;
        this.counted = counted;
        this.tries = tries;
    }

    /** Empty where every try is struck or there is none. */
    static Optional<Settled> of(ValueId id, Step step, @Nullable Side side, List<Reading> tries) {
        List<Reading> counted = Rounds.standing(
                tries.stream().filter(r -> r.isOver(step.condition())).toList());
        return counted.isEmpty()
                ? Optional.empty()
                : Optional.of(new Settling(id, step, side, counted, tries.size()).settle());
    }

    private Settled settle() {
        Reading last = counted.get(counted.size() - 1);
        if (last.length() == null) {
            return value(List.of(last), null, Settled.Note.NONE);
        }
        List<Reading> lengths = counted.stream().filter(r -> r.length() != null).toList();
        Comparator<Reading> byLength = Comparator.comparing(r -> Objects.requireNonNull(r.length()));
        return switch (step.settle()) {
            case SINGLE -> value(List.of(last), last.length(), Settled.Note.NONE);
            case WIDEST -> one(lengths.stream().max(byLength).orElseThrow());
            case NARROWEST -> one(lengths.stream().min(byLength).orElseThrow());
            case TWO_AGREE -> agree(lengths, byLength);
            case BAND -> band(lengths, byLength);
        };
    }

    private Settled one(Reading reading) {
        return value(List.of(reading), reading.length(), Settled.Note.NONE);
    }

    /** The last try is the preferred one; those before it say from where to where it would do. */
    private Settled band(List<Reading> lengths, Comparator<Reading> byLength) {
        Reading preferred = lengths.get(lengths.size() - 1);
        List<Reading> ends = lengths.subList(0, lengths.size() - 1);
        Settled.Note note = Settled.Note.BAND_OPEN;
        if (ends.size() > 1) {
            boolean under = ends.stream().allMatch(e -> byLength.compare(preferred, e) < 0);
            boolean over = ends.stream().allMatch(e -> byLength.compare(preferred, e) > 0);
            note = under || over ? Settled.Note.OUTSIDE_BAND : Settled.Note.NONE;
        }
        return value(List.of(preferred), preferred.length(), note);
    }

    private Settled agree(List<Reading> lengths, Comparator<Reading> byLength) {
        for (int j = 1; j < lengths.size(); j++) {
            for (int i = 0; i < j; i++) {
                Length a = Objects.requireNonNull(lengths.get(i).length());
                Length b = Objects.requireNonNull(lengths.get(j).length());
                if (a.minus(b).abs().compareTo(step.within()) <= 0) {
                    return value(List.of(lengths.get(i), lengths.get(j)), a.middle(b), Settled.Note.NONE);
                }
            }
        }
        Reading last = lengths.get(lengths.size() - 1);
        if (lengths.size() < 3) {
            return value(
                    List.of(last), last.length(), lengths.size() == 1 ? Settled.Note.ONE_TRY : Settled.Note.DISAGREE);
        }
        List<Reading> lastThree = new ArrayList<>(lengths.subList(lengths.size() - 3, lengths.size()));
        lastThree.sort(byLength);
        return value(List.of(lastThree.get(1)), lastThree.get(1).length(), Settled.Note.MIDDLE_OF_THREE);
    }

    /** @param made the tries it is made of; the play is the last one's @param shown what the tape showed */
    private Settled value(List<Reading> made, @Nullable Length shown, Settled.Note note) {
        Length length = shown == null ? null : shown.plus(step.adds());
        return new Settled(
                id, step, side, length, made.get(made.size() - 1).play(), made.size(), note, counted, made, tries);
    }
}
