package app.misura.core.practice;

import app.misura.core.form.Settle;
import app.misura.core.judging.Scatter;
import app.misura.core.length.Length;
import app.misura.core.measure.Measure;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How much the tries of one measure by one person scatter, from the first two tries of a visit wherever there are two. Where a
 * step looks for the widest or the narrowest place its tries are of several places, and do not count.
 */
public final class Repeats {
    /** From so many pairs on a house goes by its own. */
    public static final int LEAST = 20;

    /** Two tries of one visit. */
    private static final Duration VISIT = Duration.ofMinutes(20);

    /** Further apart than so many standard deviations, one of them is a slip. */
    private static final double SLIP = 6;

    /** Tries of one visit are more alike than those of two: no less than this share of the catalogue's. House default. */
    private static final double LEAST_SHARE = 0.5;

    private final Map<String, Pairs> pairs = new TreeMap<>();

    /** @param sdCm one try's standard deviation that would be used, cm @param usualCm the catalogue's */
    public record Known(String measurer, Measure measure, int pairs, double sdCm, double usualCm) {
        public boolean isEnough() {
            return pairs >= LEAST;
        }
    }

    private static final class Pairs {
        private final String measurer;
        private final Measure measure;
        private final List<Double> apartCm = new ArrayList<>();
        private double rounding;

        Pairs(String measurer, Measure measure) {
            this.measurer = measurer;
            this.measure = measure;
        }
    }

    private Repeats() {}

    /** What sheets tell, each with what was taken for it alone. */
    public static Repeats of(List<Sheet> sheets) {
        Repeats repeats = new Repeats();
        sheets.forEach(repeats::add);
        return repeats;
    }

    private void add(Sheet sheet) {
        for (Sheet.Slot slot : sheet.slots()) {
            Settle settle = slot.step().settle();
            if (settle == Settle.SINGLE || settle == Settle.TWO_AGREE) {
                add(sheet, slot);
            }
        }
    }

    private void add(Sheet sheet, Sheet.Slot slot) {
        List<Reading> tries = sheet.tries(slot).stream()
                .filter(r -> r.length() != null && !r.isSimulated())
                .toList();
        if (tries.size() < 2) {
            return;
        }
        Reading first = tries.get(0);
        Reading second = tries.get(1);
        Length a = first.length();
        Length b = second.length();
        Measure measure = slot.step().taken();
        if (a == null
                || b == null
                || first.round() != second.round()
                || !first.by().equals(second.by())
                || first.play() != second.play()
                || Duration.between(first.at(), second.at()).abs().compareTo(VISIT) > 0) {
            return;
        }
        double apart = a.minus(b).abs().toCm();
        if (apart <= SLIP * measure.sdCm()) {
            Pairs own = pairs.computeIfAbsent(
                    Scatter.key(first.by(), measure.code()), key -> new Pairs(first.by(), measure));
            own.apartCm.add(apart);
            double step = sheet.form().increment().step().toCm();
            own.rounding += step * step / 12;
        }
    }

    /** Everything that was repeated, the most often repeated first. */
    public List<Known> all() {
        return pairs.values().stream()
                .map(Repeats::known)
                .sorted(Comparator.comparingInt(Known::pairs)
                        .reversed()
                        .thenComparing(Known::measurer)
                        .thenComparing(k -> k.measure().name()))
                .toList();
    }

    /**
     * Half of the mean square of two tries' distance is one try's variance; what rounding adds to it is taken off.
     *
     * <p>Example: tries 1 cm apart, read to 0.5 cm, give sqrt(0.5 - 0.02) = 0.69 cm.
     */
    private static Known known(Pairs pairs) {
        int n = pairs.apartCm.size();
        double square = pairs.apartCm.stream().mapToDouble(d -> d * d).average().orElseThrow() / 2 - pairs.rounding / n;
        double least = LEAST_SHARE * pairs.measure.sdCm();
        return new Known(
                pairs.measurer,
                pairs.measure,
                n,
                Math.max(least, Math.sqrt(Math.max(0, square))),
                pairs.measure.sdCm());
    }

    /** What is known well enough to go by. */
    public Scatter scatter() {
        Map<String, Double> sd = new TreeMap<>();
        all().stream()
                .filter(Known::isEnough)
                .forEach(k -> sd.put(Scatter.key(k.measurer(), k.measure().code()), k.sdCm()));
        return new Scatter(sd);
    }
}
