package app.misura.core.cut;

import app.misura.core.form.OrderForms;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

/**
 * A made-up body, slim to very large, men, women and children of eight, some of them uneven, and an honest tape over it.
 * Ratios and spreads are broad tailoring knowledge: waist/seat 0.82 (sd 0.06), thigh/seat 0.58 (0.015), seat depth/rise
 * 0.70 (0.02), loop = 2 rise + 0.172 seat (sd 1.2 cm). What is drawn is itself tested: consecutive seeds of a plain
 * generator begin alike, so each seed is scrambled first.
 */
public final class RandomBody {
    private final Random random;
    private final boolean child;
    private final boolean woman;
    private final boolean uneven;
    private final Map<String, Double> cm = new LinkedHashMap<>();

    public RandomBody(long seed) {
        SplittableRandom scramble = new SplittableRandom(seed);
        random = new Random(scramble.nextLong());
        child = random.nextInt(6) == 0;
        woman = random.nextBoolean();
        uneven = random.nextInt(8) == 0;
        double height = child ? 120 + 25 * random.nextDouble() : clamp(normal(woman ? 164 : 177, 7), 148, 204);
        double build = child ? 0.53 + 0.07 * random.nextDouble() : 0.52 + 0.24 * Math.pow(random.nextDouble(), 1.6);
        double seat = height * (build + (woman && !child ? 0.02 : 0));
        double usualWaist = child ? 0.86 : woman ? 0.79 : 0.85;
        double waist = seat * clamp(normal(usualWaist + (build > 0.66 ? 0.04 : 0), 0.05), 0.68, 1.04);
        double rise = clamp(normal(0.152, 0.006), 0.138, 0.168) * height + 0.03 * (seat - 0.58 * height);
        double outside = height * clamp(normal(0.605, 0.012), 0.575, 0.635);
        double inside = outside - rise;
        double knee = height * normal(0.272, 0.006);
        double loop = 2 * rise + 0.172 * seat + normal(0, 0.9);
        double front = loop * normal(0.40, 0.015);
        double straight = clamp(normal(0.30 * seat + 7.3, 0.9), child ? 20 : 24, 60);
        double thigh = seat * clamp(normal(0.58, 0.012), 0.55, 0.61);
        put("P3", height);
        put("D1", outside);
        put("D2", outside - knee);
        put("D3", knee);
        put("D4", rise * clamp(normal(0.70, 0.018), 0.64, 0.76));
        put("D8", straight);
        put("D9-left", thigh - (uneven ? 1.5 + 4 * random.nextDouble() : 0));
        put("D9-right", thigh + normal(0, 0.3));
        put("U1", seat + 1.5);
        put("U2", waist + 1.5);
        put("S1", inside);
        put("S2", inside - knee);
        put("S3", loop);
        put("S4", front);
        put("S5", loop - front);
        put("M1", rise);
        put("M2", straight + normal(3, 0.4));
    }

    private void put(String id, double value) {
        cm.put(id, value);
    }

    private double normal(double mean, double sd) {
        return mean + sd * random.nextGaussian();
    }

    private static double clamp(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }

    public boolean isChild() {
        return child;
    }

    public boolean isWoman() {
        return woman;
    }

    public boolean isUneven() {
        return uneven;
    }

    /** What it truly measures, cm, by value. */
    public double cm(String id) {
        return java.util.Objects.requireNonNull(cm.get(id));
    }

    /** The body as a tape with that much noise (sd, cm) finds it: on half centimetres, or as it is where there is none. */
    public Sheet sheet(double noiseCm) {
        String text = cm.entrySet().stream()
                .map(e -> e.getKey() + "=" + read(e.getValue(), noiseCm))
                .collect(Collectors.joining(" "));
        return Sheets.of(
                OrderForms.shipped().get("trousers-tailored"),
                new Wearer(Side.RIGHT, child ? AgeGroup.CHILD : AgeGroup.ADULT),
                text);
    }

    private String read(double value, double noiseCm) {
        return String.format(Locale.ROOT, "%.1f", Math.round(2 * (value + normal(0, noiseCm))) / 2.0);
    }
}
