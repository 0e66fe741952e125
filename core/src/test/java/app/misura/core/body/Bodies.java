package app.misura.core.body;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Bodies to draw, small and large. */
public final class Bodies {
    /** Chest, waist and seat as shares of stature, slim to very large. */
    public static final double[][] BUILDS = {
        {.46, .37, .48},
        {.52, .42, .55},
        {.62, .60, .65},
        {.80, .88, .80},
        {.70, .50, .56},
        {.50, .48, .72},
        {.95, 1.0, .95}
    };

    /** @param build chest, waist and seat as shares of stature */
    public static Body built(double stature, double age, double[] build) {
        return Body.of(BodyNumbers.of(stature, age)
                .withGirths(Map.of(
                        "chest-girth",
                        build[0] * stature,
                        "trouser-waist-girth",
                        build[1] * stature,
                        "seat-girth",
                        build[2] * stature)));
    }

    private Bodies() {}

    /** From a child of three to the very large. */
    public static Stream<Body> all() {
        List<Body> bodies = new ArrayList<>();
        double[][] statures = {{95, 3}, {128, 8}, {150, 30}, {170, 30}, {190, 30}, {205, 30}};
        for (double[] stature : statures) {
            for (double[] build : BUILDS) {
                bodies.add(built(stature[0], stature[1], build));
            }
        }
        return bodies.stream();
    }
}
