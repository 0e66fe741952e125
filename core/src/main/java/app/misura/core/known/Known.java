package app.misura.core.known;

import app.misura.core.figure.TapePaths;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Kind;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A value of a body as one sheet has it.
 *
 * @param side of the body; null where the measure has none
 * @param length what the tape showed, as its step settles it, without what that form adds; null for a mass or a word
 * @param made the readings that the value is made of, as they were written
 * @param unit of the tape
 * @param waist the level at which the sheet's form has its waist
 * @param doubted whether that sheet's proof calls it wrong
 */
public record Known(
        MeasureKey key,
        @Nullable Side side,
        @Nullable Length length,
        List<Reading> made,
        Unit unit,
        String waist,
        boolean doubted) {
    public Known {
        made = List.copyOf(made);
    }

    /**
     * The values of a sheet that are the body's own, in form order: neither a wish, nor a height that was carried round with
     * a mark, nor what is not wanted, nor what a simulated tape sent.
     */
    public static List<Known> of(Proof proof) {
        Set<String> doubted = proof.findings().stream()
                .filter(f -> f.isFault())
                .flatMap(f -> f.steps().stream())
                .collect(Collectors.toSet());
        List<Known> known = new ArrayList<>();
        for (Settled value : proof.settled().values()) {
            boolean simulated = value.made().stream().anyMatch(Reading::isSimulated);
            Length length = value.length();
            boolean said = !value.step().taken().kind().isLength();
            if (isOfTheBody(value.step()) && (said || length != null) && !simulated) {
                known.add(new Known(
                        worn(value.step(), proof.sheet().form()),
                        value.side(),
                        length == null ? null : length.minus(value.step().adds()),
                        value.made(),
                        proof.sheet().unit(),
                        proof.sheet().form().heading().waist(),
                        doubted.contains(value.step().label())));
            }
        }
        return known;
    }

    /**
     * What a value is of. An earlier version of a form that is taken over what is worn did not say so: its values are over it
     * all the same.
     */
    private static MeasureKey worn(Step step, OrderForm form) {
        MeasureKey key = step.key();
        if (key.condition().stated().containsKey(Condition.Aspect.OVER)) {
            return key;
        }
        return OrderForms.shipped()
                .find(form.id())
                .filter(newest -> newest.version() > form.version())
                .flatMap(newest -> newest.withUsualSides().find(step.label()))
                .filter(s -> s.takesReadings() && s.key().matchesWhateverIsWorn(key))
                .map(s -> s.condition().stated().get(Condition.Aspect.OVER))
                .map(over -> new MeasureKey(key.code(), key.condition().over(over), key.at()))
                .orElse(key);
    }

    /** Whether a step asks for something of the body that another sheet may know. */
    static boolean isOfTheBody(Step step) {
        return step.takesReadings() && !step.isAux() && step.taken().kind() != Kind.WISH;
    }

    /** When it was read last. */
    public Instant at() {
        return made.stream().map(Reading::at).max(Comparator.naturalOrder()).orElse(Instant.MIN);
    }

    /** The body's own length, mm: the tape's play taken off. @throws NullPointerException if it is no length */
    public double netMm(HouseTables tables) {
        Play play = made.isEmpty() ? Play.SNUG : made.get(made.size() - 1).play();
        return Objects.requireNonNull(length).toMm()
                - tables.playMm(play, Catalogue.shipped().get(key.code()));
    }

    /** The same of a value as a sheet keeps it. @throws NullPointerException if it is no length */
    static double netMm(Settled value, HouseTables tables) {
        Length shown = Objects.requireNonNull(value.length()).minus(value.step().adds());
        return shown.toMm() - tables.playMm(value.play(), value.step().taken());
    }

    /** Whether a step of a form asks for this value, wherever that form has its waist. */
    boolean isAskedBy(Step step, @Nullable Side asked) {
        return isOfTheBody(step) && step.key().matches(key) && asked == side;
    }

    /** Whether the tape begins, ends or passes where a form has its waist: such a length is another one on another form. */
    static boolean isFromTheWaist(Step step) {
        return !TapePaths.of(step.taken(), step.condition(), step.at(), "waist")
                .equals(TapePaths.of(step.taken(), step.condition(), step.at(), "navel"));
    }
}
