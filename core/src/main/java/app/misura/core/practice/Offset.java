package app.misura.core.practice;

import app.misura.core.adjust.Adjustment;
import app.misura.core.length.Length;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A measure that one person reads too short time and again, by about the same. One sheet cannot tell it from chance, many can: a
 * ruler's blank end that nobody adds does that. Only of what is read up from a floor or a seat, where a ruler stands on its end.
 *
 * @param sheets on how many it was read
 * @param cm how much too short it is on the average, over 0
 * @param seCm how surely that is known: one standard error
 */
public record Offset(String measurer, Measure measure, int sheets, double cm, double seCm) {
    /** From so many sheets on. */
    private static final int LEAST = 20;

    /** Less than this is no blank end, and more is none either, cm. */
    private static final double LEAST_CM = 0.3;

    private static final double MOST_CM = 3;

    /** So many standard errors from none at all. */
    private static final double SURE = 4;

    /** The measure for which a ruler stands on a seat. */
    private static final String FROM_A_SEAT = "body-rise";

    private record Seen(String measurer, Measure measure, List<Double> errors) {}

    /** What sheets tell, the surest first. @param proofs those with no fault of a sum, by one house */
    public static List<Offset> of(List<Proof> proofs) {
        Map<String, Seen> all = new TreeMap<>();
        for (Proof proof : proofs) {
            for (Settled settled : proof.settled().values()) {
                Adjustment.Correction judged =
                        proof.adjustment().judged().get(settled.id().toString());
                if (judged != null && isFromAnEnd(settled.step().taken()) && isPlain(settled)) {
                    String by = settled.made().get(0).by();
                    Measure measure = settled.step().taken();
                    all.computeIfAbsent(by + " " + measure.code(), k -> new Seen(by, measure, new ArrayList<>()))
                            .errors()
                            .add(Length.from(judged.error(), proof.sheet().unit())
                                    .toCm());
                }
            }
        }
        return all.values().stream()
                .filter(seen -> seen.errors().size() >= LEAST)
                .map(Offset::of)
                .filter(o -> o.cm >= LEAST_CM && o.cm <= MOST_CM && o.cm > SURE * o.seCm)
                .sorted(Comparator.comparingDouble((Offset o) -> o.seCm / o.cm))
                .toList();
    }

    private static boolean isFromAnEnd(Measure measure) {
        return measure.kind() == Kind.HEIGHT || measure.code().equals(FROM_A_SEAT);
    }

    /** Not a sum such as 19+0.8, to which a blank end was added already. */
    private static boolean isPlain(Settled settled) {
        return settled.made().stream().map(Reading::text).noneMatch(text -> text.contains("+"));
    }

    private static Offset of(Seen seen) {
        double[] errors = seen.errors().stream().mapToDouble(e -> e).sorted().toArray();
        int n = errors.length;
        double middle = (errors[(n - 1) / 2] + errors[n / 2]) / 2;
        double square = 0;
        for (double error : errors) {
            square += (error - middle) * (error - middle);
        }
        // the middle of n numbers is known to 1.25 sd / sqrt(n)
        return new Offset(seen.measurer(), seen.measure(), n, -middle, 1.25 * Math.sqrt(square / n / n));
    }
}
