package app.misura.core.size;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * A table of sizes as it is typed: a first line of measures, then a line for each size, cells parted by semicolons, lengths
 * in cm.
 *
 * <pre>
 * size; seat-girth; trouser-waist-girth; inside-leg
 * 46; 94; 78; 76
 * 48; 98; 82; 77
 * </pre>
 */
public final class SizeText {
    private static final int MOST_SIZES = 40;
    private static final int MOST_MEASURES = 12;
    private static final double LEAST_CM = 1;
    private static final double MOST_CM = 300;

    private final List<String> faults = new ArrayList<>();

    /** What was understood. @param faults each in a sentence; while there are any, there is no table */
    public record Read(Optional<SizeTable> table, List<String> faults) {
        public Read {
            faults = List.copyOf(faults);
        }
    }

    private SizeText() {}

    /** Reads a table. Every fault is said, not only the first. */
    public static Read read(String name, double stretch, String text) {
        return new SizeText().table(name, stretch, text);
    }

    private Read table(String name, double stretch, String text) {
        List<List<String>> rows = text.lines()
                .filter(l -> !l.isBlank())
                .map(l -> Arrays.stream(l.split(";", -1)).map(String::strip).toList())
                .toList();
        if (rows.size() < 2) {
            return new Read(Optional.empty(), List.of("A table has a line of measures and a line for each size."));
        }
        List<Measure> measures = measures(rows.get(0));
        List<SizeTable.Size> sizes = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            size(i + 1, rows.get(i), rows.get(0).size()).ifPresent(sizes::add);
        }
        if (sizes.size() > MOST_SIZES) {
            faults.add("A table has at most " + MOST_SIZES + " sizes; this one has " + sizes.size() + ".");
        }
        names(sizes);
        if (faults.isEmpty()) {
            order(measures, sizes);
        }
        return faults.isEmpty()
                ? new Read(Optional.of(new SizeTable(name.strip(), stretch, measures, sizes)), List.of())
                : new Read(Optional.empty(), faults);
    }

    private List<Measure> measures(List<String> head) {
        List<Measure> measures = new ArrayList<>();
        List<String> codes = head.subList(1, head.size());
        if (codes.isEmpty() || codes.size() > MOST_MEASURES) {
            faults.add("The first line names 1 to " + MOST_MEASURES + " measures behind the word size.");
        }
        for (String code : codes) {
            Optional<Measure> measure = Catalogue.shipped()
                    .find(code.toLowerCase(Locale.ROOT).replace(' ', '-'))
                    .filter(m -> m.kind() != Kind.WISH && m.kind().isLength());
            if (measure.isEmpty()) {
                faults.add("There is no measure of a body called \"" + clip(code) + "\".");
            } else if (measures.contains(measure.get())) {
                faults.add("The first line names " + code + " twice.");
            } else {
                measures.add(measure.get());
            }
        }
        return measures;
    }

    private Optional<SizeTable.Size> size(int line, List<String> cells, int columns) {
        String name = cells.get(0);
        if (name.isEmpty() || name.length() > 20) {
            faults.add("Line " + line + ": a size has a name of at most 20 characters.");
        }
        if (cells.size() != columns) {
            faults.add("Line " + line + " has " + cells.size() + " cells; the first line has " + columns + ".");
            return Optional.empty();
        }
        List<Double> mm = new ArrayList<>();
        for (String cell : cells.subList(1, cells.size())) {
            double cm = number(cell);
            if (cm < LEAST_CM || cm > MOST_CM) {
                faults.add("Line " + line + ": \"" + clip(cell) + "\" is no length in cm.");
            }
            mm.add(10 * cm);
        }
        return Optional.of(new SizeTable.Size(name, mm));
    }

    private static double number(String cell) {
        return cell.matches("\\d{1,3}([.,]\\d{1,2})?") ? Double.parseDouble(cell.replace(',', '.')) : 0;
    }

    private static String clip(String text) {
        return text.length() > 30 ? text.substring(0, 30) : text;
    }

    private void names(List<SizeTable.Size> sizes) {
        Set<String> seen = new HashSet<>();
        sizes.stream()
                .map(SizeTable.Size::name)
                .filter(n -> !seen.add(n))
                .forEach(n -> faults.add("There are two sizes " + n + "."));
    }

    /** A larger size is nowhere smaller. */
    private void order(List<Measure> measures, List<SizeTable.Size> sizes) {
        for (int i = 1; i < sizes.size(); i++) {
            for (int m = 0; m < measures.size(); m++) {
                if (sizes.get(i).mm().get(m) < sizes.get(i - 1).mm().get(m)) {
                    faults.add("Size " + sizes.get(i).name() + " has less "
                            + measures.get(m).code() + " than size "
                            + sizes.get(i - 1).name() + ": from the smallest to the largest, please.");
                }
            }
        }
    }
}
