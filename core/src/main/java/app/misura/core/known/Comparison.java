package app.misura.core.known;

import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Two sheets of one body side by side: same measure, side, condition and place, whatever the forms call it; the tape's play is
 * taken off before two values are told apart.
 *
 * @param rows in the order of the first sheet, then what only the second has
 */
public record Comparison(List<Row> rows) {
    public Comparison {
        rows = List.copyOf(rows);
    }

    /** How a value stands on the two sheets. */
    public enum State {
        /** No further apart than two honest tapes. */
        ALIKE("alike"),
        /** Further apart. */
        DIFFERS("differs"),
        /** Both have it, from another waist: it is not one length. */
        OTHER_WAIST("another waist"),
        FIRST_ONLY("only here"),
        SECOND_ONLY("only here");

        private final String said;

        State(String said) {
            this.said = said;
        }

        public String said() {
            return said;
        }
    }

    /** A value on one of the sheets. @param at when it was read last */
    public record Place(ValueId value, Settled settled, Instant at) {}

    /** @param by how much more the second has, net of play; null where they are not compared */
    public record Row(
            String name,
            @Nullable Place first,
            @Nullable Place second,
            @Nullable Length by,
            State state) {}

    /** Compares the values of the body; wishes, marks and what is no length are left out. */
    public static Comparison of(Proof first, Proof second, HouseTables tables) {
        Map<Object, Sheet.Slot> theirs = new LinkedHashMap<>();
        slots(second).forEach(s -> theirs.put(key(s), s));
        List<Row> rows = new ArrayList<>();
        for (Sheet.Slot slot : slots(first)) {
            Sheet.Slot other = theirs.remove(key(slot));
            rows.add(
                    other == null
                            ? new Row(slot.step().name(), place(first, slot), null, null, State.FIRST_ONLY)
                            : row(first, slot, second, other, tables));
        }
        theirs.values()
                .forEach(s -> rows.add(new Row(s.step().name(), null, place(second, s), null, State.SECOND_ONLY)));
        return new Comparison(rows);
    }

    private static List<Sheet.Slot> slots(Proof proof) {
        return proof.sheet().slots().stream()
                .filter(s -> Known.isOfTheBody(s.step()))
                .filter(s -> proof.value(s.id()).isPresent())
                .toList();
    }

    private static Object key(Sheet.Slot slot) {
        return Map.entry(slot.step().key(), String.valueOf(slot.side()));
    }

    private static Place place(Proof proof, Sheet.Slot slot) {
        Settled settled = Objects.requireNonNull(proof.settled().get(slot.id()));
        Instant at = settled.made().stream()
                .map(r -> r.at())
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        return new Place(slot.id(), settled, at);
    }

    private static Row row(Proof first, Sheet.Slot mine, Proof second, Sheet.Slot theirs, HouseTables tables) {
        Place a = place(first, mine);
        Place b = place(second, theirs);
        String waist = first.sheet().form().heading().waist();
        boolean sameWaist = waist.equals(second.sheet().form().heading().waist());
        if (!sameWaist && Known.isFromTheWaist(mine.step())) {
            return new Row(mine.step().name(), a, b, null, State.OTHER_WAIST);
        }
        Length by = Length.fromMm(Known.netMm(b.settled(), tables) - Known.netMm(a.settled(), tables));
        double sd = Math.hypot(
                SheetNetwork.sdCm(first.sheet(), mine, a.settled()),
                SheetNetwork.sdCm(second.sheet(), theirs, b.settled()));
        return new Row(mine.step().name(), a, b, by, by.abs().toCm() > 2 * sd ? State.DIFFERS : State.ALIKE);
    }

    public long count(State state) {
        return rows.stream().filter(r -> r.state() == state).count();
    }
}
