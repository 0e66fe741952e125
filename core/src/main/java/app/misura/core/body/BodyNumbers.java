package app.misura.core.body;

import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Settled;
import java.util.HashMap;
import java.util.Map;

/**
 * What is known of a body. Everything else follows from stature.
 *
 * @param statureCm from floor to crown
 * @param age in years
 * @param girths by code, cm, as they are on the skin
 * @param sideGirths of one leg where the sides differ
 * @param heights of levels above the floor, by level name, cm
 * @param drop how much lower a shoulder sits, cm
 */
public record BodyNumbers(
        double statureCm,
        double age,
        Map<String, Double> girths,
        Map<Side, Map<String, Double>> sideGirths,
        Map<String, Double> heights,
        Map<Side, Double> drop) {
    /** Stature of the teaching figure. */
    public static final double NEUTRAL = 170;

    private static final double CHILD_AGE = 8;
    private static final double YOUNG_AGE = 16;
    private static final double GROWN_AGE = 30;

    public static BodyNumbers of(double statureCm, double age) {
        return new BodyNumbers(statureCm, age, Map.of(), Map.of(), Map.of(), Map.of());
    }

    public static BodyNumbers neutral() {
        return of(NEUTRAL, GROWN_AGE);
    }

    public BodyNumbers withGirths(Map<String, Double> known) {
        return new BodyNumbers(statureCm, age, known, sideGirths, heights, drop);
    }

    /** The body that a sheet tells of. A value under suspicion is left out: the figure shows the body, not the slip. */
    public static BodyNumbers of(Proof proof) {
        AgeGroup group = proof.sheet().wearer().age();
        double age = group == AgeGroup.CHILD ? CHILD_AGE : group == AgeGroup.YOUNG ? YOUNG_AGE : GROWN_AGE;
        Map<String, Double> lengths = new HashMap<>();
        Map<String, Double> girths = new HashMap<>();
        Map<Side, Map<String, Double>> sides = new HashMap<>();
        for (Settled settled : proof.settled().values()) {
            Length length = settled.length();
            boolean moved = !settled.step()
                            .condition()
                            .get(app.misura.core.measure.Condition.Aspect.POSTURE)
                            .equals("standing")
                    || !settled.step()
                            .condition()
                            .get(app.misura.core.measure.Condition.Aspect.JOINT)
                            .equals("straight");
            if (length == null || moved || proof.suspected().contains(settled.id())) {
                continue;
            }
            String code = settled.step().taken().code();
            double net = length.toCm()
                    - HouseTables.shipped()
                                    .playMm(settled.play(), settled.step().taken())
                            / 10;
            if (settled.id().side() != null && settled.side() != null) {
                sides.computeIfAbsent(settled.side(), s -> new HashMap<>()).put(code, net);
            }
            (settled.step().taken().kind().hasPlay() ? girths : lengths).put(code, net);
        }
        double stature = plausible(lengths, group);
        return new BodyNumbers(stature, age, girths, sides, heights(lengths, stature), Map.of());
    }

    private static double plausible(Map<String, Double> lengths, AgeGroup group) {
        Double height = lengths.get("height");
        if (height != null && height > 70 && height < 240) {
            return height;
        }
        Double outside = lengths.get("outside-leg");
        if (outside != null && outside > 40 && outside < 150) {
            return outside / 0.605;
        }
        return group == AgeGroup.CHILD ? 130 : NEUTRAL;
    }

    /** Which length gives which level; a level that would leave its place by more than bodies do is not believed. */
    private static Map<String, Double> heights(Map<String, Double> lengths, double stature) {
        Map<String, Double> heights = new HashMap<>();
        Double outside = lengths.get("outside-leg");
        put(heights, "crotch", lengths.get("inside-leg"), 0.39 * stature, 0.53 * stature);
        put(heights, "band", outside, 0.53 * stature, 0.66 * stature);
        put(heights, "knee", lengths.get("knee-to-floor"), 0.22 * stature, 0.33 * stature);
        if (outside != null && lengths.get("waist-to-seat") != null && heights.containsKey("band")) {
            put(heights, "seat", outside - lengths.get("waist-to-seat"), 0.43 * stature, 0.56 * stature);
        }
        if (heights.getOrDefault("seat", 1e9) <= heights.getOrDefault("crotch", 0.0) + 0.01 * stature) {
            heights.remove("seat");
        }
        return heights;
    }

    private static void put(
            Map<String, Double> heights,
            String level,
            @org.jspecify.annotations.Nullable Double value,
            double low,
            double high) {
        if (value != null && value > low && value < high) {
            heights.put(level, value);
        }
    }
}
