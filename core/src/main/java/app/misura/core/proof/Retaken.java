package app.misura.core.proof;

import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Strike;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the takings after the first changed: the first rounds of all values against the newest.
 *
 * @param values what stands otherwise since, in form order; none where all came out the same
 * @param again the values that were taken again and stand, in form order
 * @param before what the proof said of the first rounds
 */
public record Retaken(List<Value> values, List<ValueId> again, Sentence before) {

    /** A value that stands otherwise. */
    public record Value(ValueId id, Length was, Length is) {}

    /** Empty where nothing was taken again. */
    public static Optional<Retaken> of(Proof now) {
        Sheet sheet = now.sheet();
        List<ValueId> again = now.settled().values().stream()
                .filter(s -> s.round() > 1)
                .map(Settled::id)
                .toList();
        Optional<Instant> until = sheet.readings().stream()
                .filter(r -> r.round() > 1)
                .map(Reading::at)
                .min(Comparator.naturalOrder());
        if (again.isEmpty() || until.isEmpty()) {
            return Optional.empty();
        }
        List<Reading> first = sheet.readings().stream()
                .filter(r -> r.round() == 1)
                .map(r -> asOf(r, until.get()))
                .toList();
        Proof before =
                Proof.of(new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), first, sheet.leftOut(), List.of())
                        .accepting(sheet.accepted().stream()
                                .filter(a -> a.at().isBefore(until.get()))
                                .toList())
                        .judged(sheet.judging()));
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

    /** A reading as it stood at a moment: what was struck later was not struck. */
    private static Reading asOf(Reading r, Instant moment) {
        Strike struck = r.struck();
        return struck == null || struck.at().isBefore(moment) ? r : r.unstruck();
    }
}
