package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** How often the judged rule is right on simulated sheets of the trousers form; prints its table. */
class ProofStudyTest {
    private static final long SEED = 2718;
    private static final int SHEETS = 3000;
    /** A careful tape's sd as the form assumes it, cm: the catalogue's, 1.3 times wider where the client holds it. */
    private static final Map<String, Double> SD = Map.ofEntries(
            Map.entry("D1", .7),
            Map.entry("D2", .6),
            Map.entry("D3", .5),
            Map.entry("D9-left", .8),
            Map.entry("D9-right", .8),
            Map.entry("S1", 1.04),
            Map.entry("S2", .91),
            Map.entry("S3", 1.17),
            Map.entry("S4", .91),
            Map.entry("S5", 1.04),
            Map.entry("M1", .6));

    private static final List<String> SLIPPING = List.of("D1", "D2", "D3", "S1", "S2", "S3", "S4", "S5", "M1");

    private static Sheet sheet(Random random, String slipping, double slip) {
        double d3 = 45 + random.nextGaussian() * 2;
        double d1 = 103 + random.nextGaussian() * 4;
        double rise = 25.5 + random.nextGaussian();
        double loop = 2 * rise + 18.5;
        Map<String, Double> truth = new LinkedHashMap<>();
        truth.put("D1", d1);
        truth.put("D2", d1 - d3 + loose(random, .5));
        truth.put("D3", d3);
        truth.put("D9-left", 57.0);
        truth.put("D9-right", 57 + loose(random, .6));
        truth.put("S1", d1 - rise);
        truth.put("S2", d1 - rise - d3 + loose(random, .5));
        truth.put("S3", loop);
        truth.put("S4", .4 * loop);
        truth.put("S5", .6 * loop + loose(random, .5));
        truth.put("M1", rise + loose(random, .75));
        return Sheets.of(truth.entrySet().stream()
                .map(e -> e.getKey() + "="
                        + read(e.getKey(), e.getValue() + (e.getKey().equals(slipping) ? slip : 0), random))
                .collect(Collectors.joining(" ")));
    }

    private static double loose(Random random, double tau) {
        return random.nextGaussian() * tau;
    }

    private static String read(String id, double value, Random random) {
        double read = value + random.nextGaussian() * SD.get(id);
        return String.format(Locale.ROOT, "%.1f", Math.round(read * 2) / 2.0);
    }

    @Test
    void honestSheetsAreSeldomBlamedAndLargeSlipsAreFound() {
        Random random = new Random(SEED);
        int blamed = 0;
        for (int i = 0; i < SHEETS; i++) {
            blamed += Proof.of(sheet(random, "", 0)).adjustment().holds() ? 0 : 1;
        }
        System.out.printf(Locale.ROOT, "seed %d: honest sheets blamed %.2f %%%n", SEED, 100.0 * blamed / SHEETS);
        assertThat((double) blamed / SHEETS).isLessThanOrEqualTo(0.015);
        for (double slip : new double[] {4, 6, 10}) {
            int flagged = 0;
            int right = 0;
            for (int i = 0; i < SHEETS / 3; i++) {
                String id = SLIPPING.get(random.nextInt(SLIPPING.size()));
                Proof proof = Proof.of(sheet(random, id, random.nextBoolean() ? slip : -slip));
                if (!proof.adjustment().holds()) {
                    flagged++;
                    right += proof.adjustment().suspects().get(0).members().contains(id) ? 1 : 0;
                }
            }
            double share = (double) right / flagged;
            System.out.printf(
                    Locale.ROOT,
                    "one slip of %.0f cm: flagged %.0f %%, right group %.0f %%%n",
                    slip,
                    300.0 * flagged / SHEETS,
                    100 * share);
            if (slip >= 6) {
                assertThat(share)
                        .as("right group at %s cm, seed %d", slip, SEED)
                        .isGreaterThanOrEqualTo(0.95);
            }
        }
    }
}
