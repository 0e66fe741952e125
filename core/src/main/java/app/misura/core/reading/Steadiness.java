package app.misura.core.reading;

import app.misura.core.form.Settle;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.measure.Kind;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How surely one value was taken, told from the strokes of the pen: on paper, corrections that were left visible show where
 * whoever measured was unsure.
 *
 * @param tries how many there are, struck ones among them
 * @param strikes how many of them the hand that took them struck, within the visit
 * @param changed whether it was taken again within the visit and came out otherwise than honest tries do
 * @param spread from the shortest to the longest of one round of a visit, struck ones among them; zero for one try
 * @param took from the reading before to the last try; null for the first of a visit
 * @param nearness how far apart honest tries of it come
 */
public record Steadiness(
        ValueId value,
        int tries,
        int strikes,
        boolean changed,
        Length spread,
        @Nullable Duration took,
        Length nearness) {
    /** A longer pause is another visit, or a cup of tea. */
    private static final Duration PAUSE = Duration.ofMinutes(20);

    /** What a value scatters more of which a try was struck, or that changed when it was taken again. House default. */
    private static final double HESITANT = 1.3;

    /** The same where the tries of one visit lie further apart than honest ones do. */
    private static final double APART = 1.5;

    /** Tries of a trunk's girths, loops and contours come so near, mm; others half as near. */
    private static final double TRUNK_MM = 10;

    /** Of every value that something was read for, in form order. */
    public static List<Steadiness> of(Sheet sheet) {
        return sheet.slots().stream()
                .filter(slot -> !sheet.tries(slot).isEmpty())
                .map(slot -> of(slot, sheet))
                .toList();
    }

    private static Steadiness of(Sheet.Slot slot, Sheet sheet) {
        List<Reading> tries = sheet.tries(slot);
        List<Reading> visit = ofOneVisit(tries);
        int round = Rounds.newest(visit);
        Length spread = spread(visit.stream().filter(r -> r.round() == round).toList());
        return new Steadiness(
                slot.id(),
                tries.size(),
                (int) tries.stream().filter(Steadiness::isStruckByTheHand).count(),
                changed(visit, round, nearness(slot)),
                spread,
                took(tries, sheet.readings()),
                nearness(slot));
    }

    private static Length spread(List<Reading> tries) {
        List<Length> lengths = new ArrayList<>();
        tries.forEach(r -> Optional.ofNullable(r.length()).ifPresent(lengths::add));
        return lengths.isEmpty()
                ? Length.ZERO
                : lengths.stream()
                        .max(Length::compareTo)
                        .orElseThrow()
                        .minus(lengths.stream().min(Length::compareTo).orElseThrow());
    }

    /** Whether no try of the newest round of a visit comes near one of a round before. */
    private static boolean changed(List<Reading> visit, int round, Length nearness) {
        List<Length> now = new ArrayList<>();
        List<Length> before = new ArrayList<>();
        visit.stream()
                .filter(Reading::counts)
                .forEach(r -> Optional.ofNullable(r.length()).ifPresent((r.round() == round ? now : before)::add));
        return !now.isEmpty()
                && !before.isEmpty()
                && now.stream()
                        .noneMatch(n ->
                                before.stream().anyMatch(b -> n.minus(b).abs().compareTo(nearness) <= 0));
    }

    /** The tries of the visit of the last one; others are of another day's body. */
    private static List<Reading> ofOneVisit(List<Reading> tries) {
        Instant last = tries.get(tries.size() - 1).at();
        return tries.stream()
                .filter(r -> Duration.between(r.at(), last).compareTo(PAUSE) <= 0)
                .filter(r -> r.struck() == null || isStruckByTheHand(r))
                .toList();
    }

    private static boolean isStruckByTheHand(Reading reading) {
        Strike struck = reading.struck();
        return struck != null
                && !struck.isOfTheValue()
                && Duration.between(reading.at(), struck.at()).compareTo(PAUSE) <= 0;
    }

    private static @Nullable Duration took(List<Reading> tries, List<Reading> all) {
        Instant last = tries.get(tries.size() - 1).at();
        Instant first = tries.get(0).at();
        return all.stream()
                .map(Reading::at)
                .filter(at -> at.isBefore(first))
                .max(Comparator.naturalOrder())
                .map(before -> Duration.between(before, last))
                .filter(d -> d.compareTo(PAUSE) <= 0)
                .orElse(null);
    }

    private static Length nearness(Sheet.Slot slot) {
        if (slot.step().settle() == Settle.TWO_AGREE) {
            return slot.step().within();
        }
        Kind kind = slot.step().taken().kind();
        boolean trunk = slot.step().taken().region().equals("trunk") && kind.hasPlay();
        return Length.fromMm(trunk ? TRUNK_MM : TRUNK_MM / 2);
    }

    /**
     * By how much more a value scatters than one that was taken without a doubt: 1 where nothing shows one.
     *
     * <p>Example: 87 struck for 78.5 within the visit gives 1.5, for the two lie further apart than honest tries.
     */
    public static double widens(Sheet.Slot slot, Settled settled, Sheet sheet) {
        if (settled.tries() < 2) {
            return 1;
        }
        Steadiness steadiness = of(slot, sheet);
        return steadiness.spread.compareTo(steadiness.nearness) > 0
                ? APART
                : steadiness.strikes > 0 || steadiness.changed ? HESITANT : 1;
    }

    /** Whether somebody who looks through the sheet should look here. */
    public boolean isUnsteady() {
        return strikes > 0 || changed || spread.compareTo(nearness) > 0;
    }
}
