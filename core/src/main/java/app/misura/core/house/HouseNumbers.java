package app.misura.core.house;

import app.misura.core.measure.Play;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The numbers of its tables that a house sets itself.
 *
 * @param play what each play adds to a reading
 * @param movementMarginMm what a garment has over what the moved body needs
 */
public record HouseNumbers(Map<Play, Adds> play, double movementMarginMm) {
    /** A play takes so much off at most, and adds so much, mm. */
    public static final double LEAST_ADDED = -20;

    public static final double MOST_ADDED = 80;
    public static final double MOST_MARGIN = 60;

    /** What one play adds, mm, by where the tape lies. */
    public record Adds(double trunk, double limb, double loop) {
        List<Double> all() {
            return List.of(trunk, limb, loop);
        }
    }

    public HouseNumbers {
        Map<Play, Adds> copy = new EnumMap<>(Play.class);
        copy.putAll(play);
        play = Collections.unmodifiableMap(copy);
    }

    /** What cannot be so, one sentence each; empty if all can. */
    public List<String> faults() {
        List<String> faults = new ArrayList<>();
        for (Play each : Play.values()) {
            Adds adds = play.get(each);
            if (adds == null) {
                faults.add("Say what " + each.under() + " adds.");
            } else if (adds.all().stream().anyMatch(mm -> !(mm >= LEAST_ADDED && mm <= MOST_ADDED))) {
                faults.add("What " + each.under() + " adds lies between " + (int) LEAST_ADDED + " and "
                        + (int) MOST_ADDED + " mm.");
            }
        }
        if (!(movementMarginMm >= 0 && movementMarginMm <= MOST_MARGIN)) {
            faults.add("What a garment has over the moved body lies between 0 and " + (int) MOST_MARGIN + " mm.");
        }
        return faults;
    }
}
