package app.misura.core.format.csv;

import app.misura.core.cut.CutSpec;
import app.misura.core.format.csv.Row.Column;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Readings, what is left out, settled values, finished and cut measures as one table. What is a formula to a spreadsheet is
 * written with a leading apostrophe and read back without it.
 */
public final class MeasuresCsv {
    private MeasuresCsv() {}

    /** What was taken, as a table gives it back. */
    public record Taken(List<Reading> readings, List<LeftOut> leftOut) {}

    /** Every line of a sheet, in order. @param spec null where nothing is cut */
    public static List<Row> rows(Proof proof, @Nullable CutSpec spec) {
        List<Row> rows = new ArrayList<>();
        Sheet sheet = proof.sheet();
        for (Reading r : sheet.readings()) {
            rows.add(Row.of(r, sheet.form().step(r.step()), sheet.unit()));
        }
        for (LeftOut out : sheet.leftOut()) {
            rows.add(Row.of(out));
        }
        for (Settled s : proof.settled().values()) {
            rows.add(settled(s, sheet.unit()));
        }
        if (spec != null) {
            for (CutSpec.Entry entry : spec.chain()) {
                rows.add(made("finished", entry, entry.line().finished()));
                rows.add(made("cut", entry, entry.line().cut()));
            }
        }
        return rows;
    }

    private static Row settled(Settled s, Unit unit) {
        Length length = s.length();
        return Row.of("settled")
                .at(s.step(), s.side())
                .with(Column.TEXT, length == null ? s.said() : LengthText.column(length, unit))
                .with(Column.UNIT, unit.symbol())
                .mm(length == null ? null : length.toMm());
    }

    private static Row made(String kind, CutSpec.Entry entry, double mm) {
        String measure = entry.line().source().measure();
        return Row.of(kind)
                .with(Column.LINE, entry.id())
                .with(Column.MEASURE, measure == null ? "" : measure)
                .with(Column.TEXT, String.format(Locale.ROOT, "%.2f", mm / 10))
                .with(Column.UNIT, "cm")
                .mm(mm);
    }

    public static String write(List<Row> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(Arrays.stream(Column.values()).map(Column::word).toArray(String[]::new))
                .setRecordSeparator("\n")
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (Row row : rows) {
                printer.printRecord(Arrays.stream(Column.values()).map(c -> guarded(row.get(c))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** Tables written before there were rounds have none. @throws IllegalArgumentException if another column is missing */
    public static List<Row> read(Reader csv) throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = format.parse(csv)) {
            for (CSVRecord r : parser) {
                Row row = Row.of(bare(r.get(Column.KIND.word())));
                for (Column column : Column.values()) {
                    boolean earlier = column == Column.ROUND && !r.isMapped(column.word());
                    row = row.with(column, earlier ? "" : bare(r.get(column.word())));
                }
                rows.add(row);
            }
        }
        return rows;
    }

    /**
     * The readings and what is left out, as they were before they were written.
     *
     * @throws IllegalArgumentException naming the line that is none
     */
    public static Taken taken(List<Row> rows) {
        List<Reading> readings = new ArrayList<>();
        List<LeftOut> out = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            try {
                if (row.get(Column.KIND).equals(Row.READING)) {
                    readings.add(row.reading());
                } else if (row.get(Column.KIND).equals(Row.LEFT_OUT)) {
                    out.add(row.leftOut());
                }
            } catch (RuntimeException e) {
                throw new IllegalArgumentException("line " + (i + 2) + ": " + e.getMessage(), e);
            }
        }
        return new Taken(readings, out);
    }

    private static String guarded(String text) {
        return text.isEmpty() || "=+-@'\t\r\uFF1D\uFF0B\uFF0D\uFF20".indexOf(text.charAt(0)) < 0 ? text : "'" + text;
    }

    private static String bare(String text) {
        return text.startsWith("'") ? text.substring(1) : text;
    }
}
