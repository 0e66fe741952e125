package app.misura.core.figure;

import app.misura.core.resource.Shipped;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What is held level to the body while the tape is read: a ruler between the legs, a hand on the crown.
 *
 * @param place the landmark that it touches
 * @param above whether it lies on it, else under it
 * @param across how wide it is seen from the front, and {@code along} from the side, cm at a stature of 170
 * @param thick cm at a stature of 170
 */
public record Aid(String place, boolean above, double across, double along, double thick) {
    private static final Map<String, Aid> AIDS = read();

    /** What helps with a measure. */
    public static Optional<Aid> of(String code) {
        return Optional.ofNullable(AIDS.get(code));
    }

    private static Map<String, Aid> read() {
        Map<String, Aid> aids = new LinkedHashMap<>();
        for (String line : Shipped.text("aids.txt").lines().toList()) {
            if (!line.isBlank() && !line.startsWith("#")) {
                String[] w = line.trim().split("\\s+");
                aids.put(w[0], new Aid(w[1], w[2].equals("above"), number(w[3]), number(w[4]), number(w[5])));
            }
        }
        return aids;
    }

    private static double number(String text) {
        return Double.parseDouble(text);
    }
}
