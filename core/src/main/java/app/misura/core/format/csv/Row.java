package app.misura.core.format.csv;

import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Strike;
import app.misura.core.reading.Taking;
import java.time.Instant;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One line of the table. What it does not have is empty. */
public record Row(Map<Column, String> cells) {
    static final String READING = "reading";
    static final String LEFT_OUT = "left-out";

    public Row {
        cells = Map.copyOf(cells);
    }

    /** The columns, in their order. */
    public enum Column {
        /** reading, left-out, settled, finished, cut. */
        KIND,
        STEP,
        /** The line of the cut, where it is one. */
        LINE,
        SIDE,
        MEASURE,
        /** {@code breath=in posture=sitting}. */
        CONDITION,
        TEXT,
        UNIT,
        MM,
        PLAY,
        AID,
        /** When, in UTC. */
        AT,
        BY,
        STRUCK,
        STRUCK_AT,
        STRUCK_BY,
        LEFT_OUT,
        NOTE,
        /** Which taking of its value it belongs to. */
        ROUND;

        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    static Row of(String kind) {
        return new Row(Map.of(Column.KIND, kind));
    }

    /** The line of a reading. @param step the step that it was taken at */
    public static Row of(Reading r, Step step, Unit unit) {
        Strike struck = r.struck();
        Row row = of(READING)
                .at(step, r.side())
                .with(Column.TEXT, r.text())
                .with(Column.UNIT, unit.symbol())
                .mm(r.length() == null ? null : r.length().toMm())
                .with(Column.PLAY, r.play().word())
                .with(Column.AID, r.aid() == null ? "" : r.aid())
                .with(Column.ROUND, String.valueOf(r.round()))
                .with(Column.AT, r.at().toString())
                .with(Column.BY, r.by());
        return struck == null
                ? row
                : row.with(Column.STRUCK, struck.reason())
                        .with(Column.STRUCK_AT, struck.at().toString())
                        .with(Column.STRUCK_BY, struck.by());
    }

    public static Row of(LeftOut out) {
        return of(LEFT_OUT)
                .with(Column.STEP, out.value().step())
                .with(Column.SIDE, word(out.value().side()))
                .with(Column.LEFT_OUT, out.why().word())
                .with(Column.NOTE, out.note());
    }

    Row at(Step step, @Nullable Side side) {
        return with(Column.STEP, step.label())
                .with(Column.SIDE, word(side))
                .with(Column.MEASURE, step.taken().code())
                .with(
                        Column.CONDITION,
                        new TreeMap<>(step.condition().words())
                                .entrySet().stream().map(Object::toString).collect(Collectors.joining(" ")));
    }

    Row with(Column column, String text) {
        Map<Column, String> more = new EnumMap<>(Column.class);
        more.putAll(cells);
        if (text.isEmpty()) {
            more.remove(column);
        } else {
            more.put(column, text);
        }
        return new Row(more);
    }

    Row mm(@Nullable Double mm) {
        return mm == null ? this : with(Column.MM, mm.toString());
    }

    /** What stands in a column; empty if nothing does. */
    public String get(Column column) {
        return cells.getOrDefault(column, "");
    }

    /** @throws IllegalArgumentException or another of its kind if a cell is not what its column holds */
    Reading reading() {
        String mm = get(Column.MM);
        String round = get(Column.ROUND);
        Strike struck = get(Column.STRUCK_AT).isEmpty()
                ? null
                : new Strike(get(Column.STRUCK), Instant.parse(get(Column.STRUCK_AT)), get(Column.STRUCK_BY));
        return new Reading(
                get(Column.STEP),
                side(),
                get(Column.TEXT),
                mm.isEmpty() ? null : Length.fromMm(Double.parseDouble(mm)),
                Play.named(get(Column.PLAY))
                        .orElseThrow(() -> new IllegalArgumentException("no play is called " + get(Column.PLAY))),
                Instant.parse(get(Column.AT)),
                get(Column.BY),
                Taking.parse(get(Column.AID)),
                round.isEmpty() ? 1 : Integer.parseInt(round),
                struck);
    }

    LeftOut leftOut() {
        return new LeftOut(
                new ValueId(get(Column.STEP), side()),
                LeftOut.Why.named(get(Column.LEFT_OUT))
                        .orElseThrow(() ->
                                new IllegalArgumentException("nothing is left out because of " + get(Column.LEFT_OUT))),
                get(Column.NOTE));
    }

    private @Nullable Side side() {
        return switch (get(Column.SIDE)) {
            case "" -> null;
            case "left" -> Side.LEFT;
            case "right" -> Side.RIGHT;
            default -> throw new IllegalArgumentException("no side is called " + get(Column.SIDE));
        };
    }

    private static String word(@Nullable Side side) {
        return side == null ? "" : side.word();
    }
}
