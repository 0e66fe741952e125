package app.misura.core.block.tube;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Entry;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/**
 * A made-up limb on one of the three forms of limbs, read to half a centimetre with half a centimetre of noise: children,
 * very thin and very large ones, limbs that end early, edges that slant.
 */
final class RandomLimb {
    private static final List<String> FORMS = List.of("limb-cover", "leg-warmer", "long-glove");
    /** Steps of the leg that lie at one level, from the foot up. */
    private static final List<List<String>> LEVELS =
            List.of(List.of("D1", "D2", "D3"), List.of("D4", "D5"), List.of("D6", "D7"), List.of("D8", "D9"));

    final long seed;
    final String form;
    final boolean child;
    /** So many of the lowest levels are not there. */
    final int gone;

    private final Random random;
    private final Map<String, Double> cm = new LinkedHashMap<>();

    RandomLimb(long seed) {
        this.seed = seed;
        this.random = new Random(seed * 7919);
        this.form = FORMS.get((int) (seed % 3));
        this.child = random.nextDouble() < 0.2;
        this.gone = form.equals("limb-cover") && random.nextDouble() < 0.3 ? 1 + random.nextInt(4) : 0;
        if (form.equals("long-glove")) {
            arm();
        } else {
            leg();
        }
    }

    private double about(double mean, double sd) {
        return mean + sd * Math.max(-2.5, Math.min(2.5, random.nextGaussian()));
    }

    private void leg() {
        double knee = about(child ? 33 : 47, child ? 4 : 3);
        double round = about(child ? 28 : 38, child ? 2.5 : 4.5);
        double calf = about(0.97 * round, 1.4);
        cm.put("D1", about(0.53 * knee, 0.8));
        cm.put("D2", about(0.42 * calf + 6.7, 0.9));
        cm.put("D3", 0.19 * knee);
        cm.put("D4", calf);
        cm.put("D5", 0.64 * knee);
        cm.put("D6", about(0.92 * round, 0.6));
        cm.put("D7", 0.89 * knee);
        cm.put("D8", round);
        cm.put("D9", knee);
        cm.put("D10", about(round + 3, 0.8));
        cm.put("D11", 1.15 * knee);
        double second = 1.36 * knee;
        cm.put("D12", about(1.2 * round, 1.0));
        cm.put("D13", second);
        cm.put("D14", about(1.3 * round, 1.0));
        cm.put("D15", second + 7);
        cm.put("D16", second + 7 - about(0, 1.5));
        cm.put("W1", random.nextBoolean() ? about(0.7 * knee, 3) : 0);
    }

    private void arm() {
        double upper = about(child ? 21 : 29, child ? 2 : 4);
        double forearm = about(0.65 * upper + 6.8, 0.8);
        double wrist = about(0.45 * forearm + 4.8, 0.6);
        double above = about(child ? 24 : 34, 2);
        double below = about(0.75 * above, 1);
        cm.put("A1", above + below);
        cm.put("A2", above);
        cm.put("A3", below);
        cm.put("A4", upper);
        cm.put("A5", about(0.65 * upper + 7.2, 0.8));
        cm.put("A6", forearm);
        cm.put("A7", wrist);
        cm.put("A8", about(1.22 * wrist, 0.6));
        cm.put("W1", 0.0);
    }

    double cm(String step) {
        return cm.getOrDefault(step, 0.0);
    }

    /** The sheet as it is read: rounded, with noise; what is not there is left out. */
    Sheet sheet() {
        OrderForm asked = OrderForms.shipped().get(form).asAsked(Map.of("sides", side().word()));
        List<String> missing =
                LEVELS.subList(0, gone).stream().flatMap(List::stream).toList();
        List<Reading> readings = new ArrayList<>();
        List<LeftOut> leftOut = new ArrayList<>();
        for (Step step : asked.steps()) {
            if (!step.takesReadings()) {
                continue;
            }
            if (missing.contains(step.label())) {
                leftOut.add(new LeftOut(ValueId.of(step.label()), LeftOut.Why.NOT_THERE, ""));
            } else {
                readings.add(reading(step, asked));
            }
        }
        Wearer wearer = new Wearer(Side.RIGHT, child ? AgeGroup.CHILD : AgeGroup.ADULT);
        return new Sheet(asked, wearer, Map.of("sides", side().word()), readings, leftOut);
    }

    Side side() {
        return seed % 2 == 0 ? Side.LEFT : Side.RIGHT;
    }

    private Reading reading(Step step, OrderForm asked) {
        double value = cm(step.label());
        double noise = value == 0 ? 0 : about(0, 0.5);
        String text = value == 0 ? "0" : String.format(Locale.ROOT, "%.1f", Math.round((value + noise) * 2) / 2.0);
        return new Reading(
                step.label(),
                side(),
                text,
                Entry.parse(text, asked.unit()).asLength().orElse(null),
                step.play(),
                Instant.EPOCH,
                "tester",
                null,
                null);
    }
}
