package app.misura.core.measure;

import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Every measure there is, by code, in the catalogue's order. Immutable. */
public final class Catalogue {
    private static final String RESOURCE = "measures.csv";

    private final Map<String, Measure> byCode;

    private Catalogue(Map<String, Measure> byCode) {
        this.byCode = byCode;
    }

    /**
     * Some lines of the catalogue that ships, as a text that {@link #read} takes: what was known of these measures when a
     * sheet was taken.
     */
    public static String source(Set<String> codes) {
        String[] lines = app.misura.core.resource.Shipped.text(RESOURCE).split("\\R");
        return Stream.concat(
                        Stream.of(lines[0]),
                        Stream.of(lines).skip(1).filter(line -> codes.contains(line.split(",", 2)[0])))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    private static final class Shipped {
        static final Catalogue INSTANCE = readResource();

        static Catalogue readResource() {
            try {
                return read(new StringReader(app.misura.core.resource.Shipped.text(RESOURCE)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** The catalogue that ships with the core. */
    public static Catalogue shipped() {
        return Shipped.INSTANCE;
    }

    /**
     * Reads a catalogue: one line per measure, with a header.
     *
     * @throws IllegalArgumentException naming every line that is wrong and why
     */
    public static Catalogue read(Reader csv) throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        Map<String, Measure> byCode = new LinkedHashMap<>();
        List<String> faults = new ArrayList<>();
        try (CSVParser parser = format.parse(csv)) {
            for (CSVRecord line : parser) {
                try {
                    Measure measure = measure(line);
                    if (byCode.putIfAbsent(measure.code(), measure) != null) {
                        throw new IllegalArgumentException("code " + measure.code() + " is there twice");
                    }
                } catch (IllegalArgumentException wrong) {
                    faults.add("line " + (line.getRecordNumber() + 1) + ": " + wrong.getMessage());
                }
            }
        }
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException("catalogue of measures: " + String.join("; ", faults));
        }
        return new Catalogue(byCode);
    }

    private static Measure measure(CSVRecord line) {
        List<Condition.Aspect> conditions = new ArrayList<>();
        for (String key : line.get("conditions").split(" ")) {
            if (!key.isEmpty()) {
                conditions.add(Condition.Aspect.named(key)
                        .orElseThrow(() -> new IllegalArgumentException("unknown condition " + key)));
            }
        }
        double low = Double.parseDouble(line.get("adult_low_cm"));
        double high = Double.parseDouble(line.get("adult_high_cm"));
        if (!(low < high)) {
            throw new IllegalArgumentException(line.get("code") + " has span " + low + " to " + high);
        }
        return new Measure(
                line.get("code"),
                line.get("name"),
                Kind.valueOf(line.get("kind").toUpperCase(Locale.ROOT)),
                line.get("region"),
                line.get("sides").equals("both"),
                line.get("path"),
                Double.parseDouble(line.get("sd_cm")),
                low,
                high,
                conditions);
    }

    public Optional<Measure> find(String code) {
        return Optional.ofNullable(byCode.get(code));
    }

    /** @throws IllegalArgumentException if there is no measure of that code */
    public Measure get(String code) {
        return find(code).orElseThrow(() -> new IllegalArgumentException("no measure has the code " + code));
    }

    public List<Measure> all() {
        return List.copyOf(byCode.values());
    }
}
