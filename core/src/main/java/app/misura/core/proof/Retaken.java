package app.misura.core.proof;

import app.misura.core.form.Settle;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Strike;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a second round changed: the first round ends with the last value that was read for the first time, its own tries among it.
 *
 * @param values what stands otherwise since, in form order; none where all came out the same
 * @param again the steps that were taken again, in form order
 * @param before what the proof said after the first round
 */
public record Retaken(List<Value> values, List<String> again, Sentence before) {

    /** A value that stands otherwise. */
    public record Value(ValueId id, Length was, Length is) {}

    /** Empty where nothing was taken again. */
    public static Optional<Retaken> of(Proof now) {
        Sheet sheet = now.sheet();
        int end = endOfFirst(sheet);
        List<Reading> later = sheet.readings().subList(end, sheet.readings().size());
        if (later.isEmpty() || end == 0) {
            return Optional.empty();
        }
        Instant until = later.get(0).at();
        List<Reading> first = new ArrayList<>();
        sheet.readings().subList(0, end).forEach(r -> first.add(asOf(r, until)));
        Proof before =
                Proof.of(new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), first, sheet.leftOut(), List.of())
                        .accepting(sheet.accepted().stream()
                                .filter(a -> a.at().isBefore(until))
                                .toList())
                        .judged(sheet.judging()));
        List<String> again = sheet.slots().stream()
                .map(slot -> slot.id().step())
                .distinct()
                .filter(label -> later.stream().anyMatch(r -> r.step().equals(label)))
                .toList();
        return Optional.of(new Retaken(values(before.settled(), now.settled()), again, before.sentence()));
    }

    private static List<Value> values(Map<ValueId, Settled> before, Map<ValueId, Settled> now) {
        List<Value> values = new ArrayList<>();
        now.forEach((id, settled) -> {
            Settled then = before.get(id);
            Length was = then == null ? null : then.length();
            Length is = settled.length();
            if (was != null && is != null && !was.equals(is)) {
                values.add(new Value(id, was, is));
            }
        });
        return values;
    }

    /** How many readings are of the first round. */
    private static int endOfFirst(Sheet sheet) {
        List<Reading> all = sheet.readings();
        int end = 0;
        for (Sheet.Slot slot : sheet.slots()) {
            List<Reading> tries = sheet.tries(slot);
            if (!tries.isEmpty()) {
                end = Math.max(end, all.indexOf(tries.get(0)) + 1);
            }
        }
        while (end > 0 && end < all.size() && isOwnTry(sheet, all.get(end), all.get(end - 1))) {
            end++;
        }
        return end;
    }

    /** Whether the one follows the other at a step that wants several tries. */
    private static boolean isOwnTry(Sheet sheet, Reading next, Reading before) {
        return next.step().equals(before.step())
                && Objects.equals(next.side(), before.side())
                && sheet.form()
                        .find(next.step())
                        .filter(s -> s.settle() != Settle.SINGLE)
                        .isPresent();
    }

    /** A reading as it stood at a moment: what was struck later was not struck. */
    private static Reading asOf(Reading r, Instant moment) {
        Strike struck = r.struck();
        return struck == null || struck.at().isBefore(moment)
                ? r
                : new Reading(r.step(), r.side(), r.text(), r.length(), r.play(), r.at(), r.by(), r.aid(), null);
    }
}
