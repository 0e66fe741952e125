package app.misura.core.size;

import app.misura.core.measure.Measure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The size that comes nearest to a body. A garment is easily taken in and hardly let out: so each girth asks for the smallest
 * size that goes round it, and the largest size that is asked for is the nearest. Lengths decide nothing; they are altered.
 *
 * @param size its name
 * @param deciding the girths that ask for it
 * @param alterations what would be altered, in the order of the table's measures
 * @param madeToMeasure why no size can honestly be altered to this body; empty where one can
 * @param unknown measures of the table that are not known of the body
 */
public record NearestSize(
        String size,
        List<Measure> deciding,
        List<Alteration> alterations,
        List<String> madeToMeasure,
        List<Measure> unknown) {
    /** What lies in the seams of a ready garment can be let out: so much of a girth, mm. */
    private static final double IN_THE_SEAMS = 10;
    /** What is looser than this would be seen, mm; a length as much off too. */
    private static final double SEEN = 15;
    /** A girth that is tighter than this is let out, mm. */
    private static final double FELT = 5;
    /** What a hem gives at most, mm. */
    private static final double IN_THE_HEM = 30;
    /** Taken in by more than so many sizes, a garment's other lines lie in the wrong places. */
    private static final int SIZES_TAKEN_IN = 2;

    /** What would be altered. @param mm by how much */
    public record Alteration(Measure measure, Kind kind, double mm) {}

    /** How a garment is altered. */
    public enum Kind {
        TAKE_IN("take in"),
        LET_OUT("let out"),
        SHORTEN("shorten"),
        LENGTHEN("lengthen");

        private final String verb;

        Kind(String verb) {
            this.verb = verb;
        }

        public String verb() {
            return verb;
        }
    }

    public NearestSize {
        deciding = List.copyOf(deciding);
        alterations = List.copyOf(alterations);
        madeToMeasure = List.copyOf(madeToMeasure);
        unknown = List.copyOf(unknown);
    }

    /**
     * @param netMm of the body, mm, by the codes of measures: the tape's play taken off
     * @return empty where no girth of the table is known
     */
    public static Optional<NearestSize> of(SizeTable table, Map<String, Double> netMm) {
        return new Search(table, netMm).nearest();
    }

    private record Search(SizeTable table, Map<String, Double> netMm) {

        Optional<NearestSize> nearest() {
            List<Integer> girths = new ArrayList<>();
            List<Measure> unknown = new ArrayList<>();
            for (int m = 0; m < table.measures().size(); m++) {
                Measure measure = table.measures().get(m);
                if (!netMm.containsKey(measure.code())) {
                    unknown.add(measure);
                } else if (measure.kind().hasPlay()) {
                    girths.add(m);
                }
            }
            if (girths.isEmpty()) {
                return Optional.empty();
            }
            int size = Math.min(
                    girths.stream().mapToInt(this::asked).max().orElseThrow(),
                    table.sizes().size() - 1);
            return Optional.of(new NearestSize(
                    table.sizes().get(size).name(),
                    girths.stream()
                            .filter(m -> Math.min(asked(m), table.sizes().size() - 1) == size)
                            .map(table.measures()::get)
                            .toList(),
                    alterations(size),
                    reasons(size, girths),
                    unknown));
        }

        private double net(int measure) {
            return netMm.getOrDefault(table.measures().get(measure).code(), Double.NaN);
        }

        /** Round how much of a body a size goes, cloth and seams giving way. */
        private double goesRound(int size, int measure) {
            return table.mm(size, measure) * (1 + table.stretch()) + IN_THE_SEAMS;
        }

        /** The smallest size that goes round; one past the largest where none does. */
        private int asked(int measure) {
            int size = 0;
            while (size < table.sizes().size() && goesRound(size, measure) < net(measure)) {
                size++;
            }
            return size;
        }

        private List<Alteration> alterations(int size) {
            List<Alteration> alterations = new ArrayList<>();
            for (int m = 0; m < table.measures().size(); m++) {
                double over = net(m) - table.mm(size, m);
                Measure measure = table.measures().get(m);
                if (measure.kind().hasPlay()) {
                    double tight = net(m) - table.mm(size, m) * (1 + table.stretch());
                    if (tight > FELT) {
                        alterations.add(new Alteration(measure, Kind.LET_OUT, tight));
                    } else if (-over > SEEN) {
                        alterations.add(new Alteration(measure, Kind.TAKE_IN, -over));
                    }
                } else if (Math.abs(over) > SEEN) {
                    alterations.add(new Alteration(measure, over > 0 ? Kind.LENGTHEN : Kind.SHORTEN, Math.abs(over)));
                }
            }
            return alterations;
        }

        private List<String> reasons(int size, List<Integer> girths) {
            List<String> reasons = new ArrayList<>();
            for (int m : girths) {
                String name = table.measures().get(m).name();
                if (asked(m) == table.sizes().size()) {
                    reasons.add(name + " is more than the largest size goes round");
                } else if (size - asked(m) > SIZES_TAKEN_IN) {
                    reasons.add(name + " asks for size "
                            + table.sizes().get(asked(m)).name() + ", " + (size - asked(m)) + " sizes less");
                } else if (isFarUnder(m)) {
                    reasons.add(name + " is far under the smallest size");
                }
            }
            for (Alteration each : alterations(size)) {
                if (each.kind() == Kind.LENGTHEN && each.mm() > IN_THE_HEM) {
                    reasons.add(each.measure().name() + " is longer than a hem gives");
                }
            }
            return reasons;
        }

        /** Whether a size smaller than the smallest by as much as the first two differ would still be too large. */
        private boolean isFarUnder(int measure) {
            double grade = table.sizes().size() > 1 ? table.mm(1, measure) - table.mm(0, measure) : SEEN;
            return table.mm(0, measure) - SIZES_TAKEN_IN * Math.max(grade, SEEN) > net(measure);
        }
    }
}
