package app.misura.core.norm;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * The 300 people of {@code bodies/measured.csv}, of the 507 that G. Heinz, L. J. Peterson, R. W. Johnson and C. J. Kerk published
 * in Exploring Relationships in Body Dimensions, Journal of Statistics Education 11(2), 2003; and shapes fitted to some of them.
 */
public final class MeasuredPeople {
    private static final List<String> MEASURES = List.of(
            "height",
            "chest-girth",
            "waist-narrow-girth",
            "navel-girth",
            "seat-girth",
            "thigh-below-girth",
            "upper-arm-girth[tensed]",
            "forearm-girth",
            "knee-girth",
            "calf-girth",
            "ankle-girth",
            "wrist-girth");

    /** One of them. @param cm by key; of women the chest is the upper chest, as it was taken */
    public record Person(boolean isMan, Map<String, Double> cm) {}

    private MeasuredPeople() {}

    /** All of them, as they stand. */
    public static List<Person> all() {
        try (Reader in = new InputStreamReader(
                Objects.requireNonNull(MeasuredPeople.class.getResourceAsStream("/bodies/measured.csv")),
                StandardCharsets.UTF_8)) {
            List<Person> people = new ArrayList<>();
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get();
            for (CSVRecord row : format.parse(in)) {
                boolean man = row.get("sex").equals("m");
                Map<String, Double> cm = new LinkedHashMap<>();
                MEASURES.forEach(code -> cm.put(key(code, man), Double.parseDouble(row.get(code))));
                people.add(new Person(man, cm));
            }
            return people;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String key(String code, boolean man) {
        return code.equals("chest-girth") && !man ? "upper-chest-girth" : code;
    }

    /** The shapes of some people: each kind's own middle; spreads half its own, half common to both. */
    public static List<Shape> shapes(List<Person> people) {
        double[][] common = new double[MEASURES.size()][MEASURES.size()];
        List<double[][]> own = new ArrayList<>();
        List<double[]> means = new ArrayList<>();
        for (boolean man : new boolean[] {true, false}) {
            List<double[]> logs = people.stream()
                    .filter(p -> p.isMan() == man)
                    .map(p -> logs(p))
                    .toList();
            double[] mean = new double[MEASURES.size()];
            logs.forEach(x -> add(mean, x, 1.0 / logs.size()));
            double[][] squares = new double[mean.length][mean.length];
            for (double[] x : logs) {
                for (int i = 0; i < mean.length; i++) {
                    for (int j = 0; j < mean.length; j++) {
                        squares[i][j] += (x[i] - mean[i]) * (x[j] - mean[j]) / (logs.size() - 1);
                        common[i][j] += (x[i] - mean[i]) * (x[j] - mean[j]) / (people.size() - 2);
                    }
                }
            }
            own.add(squares);
            means.add(mean);
        }
        List<Shape> shapes = new ArrayList<>();
        for (int s = 0; s < 2; s++) {
            boolean man = s == 0;
            double[][] both = own.get(s);
            for (int i = 0; i < both.length; i++) {
                for (int j = 0; j < both.length; j++) {
                    both[i][j] = (both[i][j] + common[i][j]) / 2;
                }
            }
            shapes.add(new Shape(
                    man ? "men" : "women",
                    0.5,
                    MEASURES.stream().map(code -> key(code, man)).toList(),
                    means.get(s),
                    both));
        }
        return shapes;
    }

    private static double[] logs(Person person) {
        return person.cm().values().stream().mapToDouble(Math::log).toArray();
    }

    private static void add(double[] to, double[] what, double times) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * what[i];
        }
    }
}
