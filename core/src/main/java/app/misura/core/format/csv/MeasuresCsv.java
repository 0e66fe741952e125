package app.misura.core.format.csv;

import app.misura.core.cut.CutSpec;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Readings, settled values, finished and cut measures as one table. What is a formula to a spreadsheet is written with a
 * leading apostrophe and read back without it.
 */
public final class MeasuresCsv {
    private static final String[] HEADER = {"kind", "name", "side", "measure", "text", "unit", "mm", "struck"};

    private MeasuresCsv() {}

    /** One line. @param mm null where nothing is wanted */
    public record Row(
            String kind,
            String name,
            String side,
            String measure,
            String text,
            String unit,
            @Nullable Double mm,
            String struck) {}

    public static List<Row> rows(Proof proof, @Nullable CutSpec spec) {
        List<Row> rows = new ArrayList<>();
        Unit unit = proof.sheet().unit();
        for (Reading r : proof.sheet().readings()) {
            rows.add(new Row(
                    "reading",
                    r.step(),
                    r.side() == null ? "" : r.side().word(),
                    proof.sheet().form().step(r.step()).taken().code(),
                    r.text(),
                    unit.symbol(),
                    r.length() == null ? null : r.length().toMm(),
                    r.struck() == null ? "" : r.struck().reason()));
        }
        for (Settled s : proof.settled().values()) {
            Length length = s.length();
            rows.add(new Row(
                    "settled",
                    s.step().label(),
                    s.side() == null ? "" : s.side().word(),
                    s.step().taken().code(),
                    length == null ? "none" : LengthText.column(length, unit),
                    unit.symbol(),
                    length == null ? null : length.toMm(),
                    ""));
        }
        if (spec != null) {
            for (CutSpec.Entry entry : spec.chain()) {
                rows.add(made("finished", entry, entry.line().finished()));
                rows.add(made("cut", entry, entry.line().cut()));
            }
        }
        return rows;
    }

    private static Row made(String kind, CutSpec.Entry entry, double mm) {
        String measure = entry.line().source().measure();
        return new Row(
                kind,
                entry.id(),
                "",
                measure == null ? "" : measure,
                String.format(Locale.ROOT, "%.2f", mm / 10),
                "cm",
                mm,
                "");
    }

    public static String write(List<Row> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(HEADER)
                .setRecordSeparator("\n")
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (Row row : rows) {
                printer.printRecord(
                        row.kind(),
                        row.name(),
                        row.side(),
                        row.measure(),
                        guarded(row.text()),
                        row.unit(),
                        row.mm() == null ? "" : row.mm().toString(),
                        guarded(row.struck()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** @throws IllegalArgumentException if a line is none of this table */
    public static List<Row> read(Reader csv) throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = format.parse(csv)) {
            for (CSVRecord r : parser) {
                String mm = r.get("mm");
                rows.add(new Row(
                        r.get("kind"),
                        r.get("name"),
                        r.get("side"),
                        r.get("measure"),
                        bare(r.get("text")),
                        r.get("unit"),
                        mm.isEmpty() ? null : (Double) Double.parseDouble(mm),
                        bare(r.get("struck"))));
            }
        }
        return rows;
    }

    private static String guarded(String text) {
        return text.isEmpty() || "=+-@'\t\r\uFF1D\uFF0B\uFF0D\uFF20".indexOf(text.charAt(0)) < 0 ? text : "'" + text;
    }

    private static String bare(String text) {
        return text.startsWith("'") ? text.substring(1) : text;
    }
}
