package app.misura.core.format.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.format.csv.Row.Column;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Strike;
import app.misura.core.reading.Wearer;
import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasuresCsvTest {
    private static final long SEED = 20261130;
    private static final List<String> TEXTS = List.of(
            "104.5",
            "=1+1",
            "'quoted",
            "＝1+1",
            "-3",
            "a, \"b\"",
            "two\nlines",
            "\tx",
            "Ødegård 王",
            "8x2",
            "none",
            "@home",
            "  spaces  ");

    private static List<Row> through(List<Row> rows) throws IOException {
        return MeasuresCsv.read(new StringReader(MeasuresCsv.write(rows)));
    }

    @Test
    void everyLineOfASheetAndItsCutComesBack() throws IOException {
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        CutSpec spec = Cuts.spec(sheet, Cuts.usual(sheet));
        List<Row> rows = MeasuresCsv.rows(Proof.of(sheet), spec);
        assertThat(rows.stream().map(r -> r.get(Column.KIND)).distinct())
                .containsExactly("reading", "settled", "finished", "cut");
        assertThat(through(rows)).isEqualTo(rows);
        assertThat(MeasuresCsv.taken(through(rows)).readings()).isEqualTo(sheet.readings());
    }

    @Test
    void whatIsLeftOutAndWhatWasStruckComesBack() throws IOException {
        Sheet plain = Sheets.of(Sheets.AVERAGE);
        List<Reading> readings = new ArrayList<>(plain.readings());
        Reading first = readings.get(0);
        Instant at = Instant.parse("2026-02-03T09:15:30.123456Z");
        readings.set(
                0,
                new Reading(
                        first.step(),
                        first.side(),
                        first.text(),
                        first.length(),
                        Play.TWO_FINGERS,
                        at,
                        "measurer",
                        "a ruler",
                        new Strike("=twisted, \"again\"", at.plusSeconds(9), "cutter")));
        List<LeftOut> out = List.of(
                new LeftOut(ValueId.of("D4"), LeftOut.Why.REFUSED, "-not today"),
                new LeftOut(new ValueId("D9", Side.LEFT), LeftOut.Why.NOT_THERE, ""));
        Sheet sheet = new Sheet(OrderForms.shipped().get("trousers-tailored"), Wearer.USUAL, Map.of(), readings, out);
        MeasuresCsv.Taken back = MeasuresCsv.taken(through(MeasuresCsv.rows(Proof.of(sheet), null)));
        assertThat(back.readings()).isEqualTo(sheet.readings());
        assertThat(back.leftOut()).isEqualTo(sheet.leftOut());
    }

    /** Two thousand made-up readings, with all that a spreadsheet would take for something else. */
    @Test
    void whateverIsWrittenIsReadBack() throws IOException {
        Random random = new Random(SEED);
        List<Step> steps = OrderForms.shipped().get("trousers-tailored").steps().stream()
                .filter(s -> s.measure() != null)
                .toList();
        List<Reading> readings = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            Step step = steps.get(random.nextInt(steps.size()));
            Side side = random.nextBoolean() ? null : Side.values()[random.nextInt(2)];
            Instant at =
                    Instant.ofEpochSecond(1_700_000_000L + random.nextInt(100_000_000), random.nextInt(1_000_000_000));
            Reading reading = new Reading(
                    step.label(),
                    side,
                    any(random),
                    random.nextInt(9) == 0 ? null : new Length(random.nextLong(2_000_000_000L)),
                    Play.values()[random.nextInt(Play.values().length)],
                    at,
                    any(random),
                    random.nextBoolean() ? null : any(random),
                    random.nextBoolean() ? null : new Strike(any(random), at.plusSeconds(1), any(random)));
            readings.add(reading);
            rows.add(Row.of(reading, step, random.nextBoolean() ? Unit.CM : Unit.INCH));
        }
        String written = MeasuresCsv.write(rows);
        assertThat(MeasuresCsv.read(new StringReader(written)))
                .as("seed " + SEED)
                .isEqualTo(rows);
        assertThat(MeasuresCsv.taken(MeasuresCsv.read(new StringReader(written)))
                        .readings())
                .as("seed " + SEED)
                .isEqualTo(readings);
        assertThat(written).as("no cell begins a formula").doesNotContainPattern("(^|,|\")[=@＝]");
    }

    private static String any(Random random) {
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"upper", "both"})
    void aLineThatIsNoneIsNamed(String side) {
        List<Row> rows = List.of(
                Row.of("settled"), Row.of("left-out").with(Column.STEP, "D1").with(Column.SIDE, side));
        assertThatThrownBy(() -> MeasuresCsv.taken(rows))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("line 3")
                .hasMessageContaining(side);
    }
}
