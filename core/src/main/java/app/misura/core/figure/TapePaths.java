package app.misura.core.figure;

import app.misura.core.measure.Condition;
import app.misura.core.measure.Measure;
import app.misura.core.measure.Place;
import app.misura.core.measure.Side;
import app.misura.core.resource.Shipped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The paths that ship: for each measure how it is shown, from where and where the tape lies. */
public final class TapePaths {
    private static final Map<String, Shown> PATHS = read();

    private TapePaths() {}

    /** How one measure is shown: from where, and the tape's path. */
    public record Shown(View view, TapePath path) {
        /**
         * The path on one side, seen from there. A profile is always seen from the right; from the front and the back the
         * tape lies on the side that is asked for.
         */
        public TapePath on(@Nullable Side side, View from) {
            return side == Side.LEFT && !from.isProfile() ? path.mirrored() : path;
        }
    }

    private static Map<String, Shown> read() {
        Map<String, Shown> paths = new LinkedHashMap<>();
        for (String line : Shipped.text("tape-paths.txt").lines().toList()) {
            if (!line.isBlank() && !line.startsWith("#")) {
                String[] parts = line.split("\\|", 3);
                paths.put(parts[0], new Shown(View.named(parts[1]).orElseThrow(), TapePath.parse(parts[2])));
            }
        }
        return paths;
    }

    /**
     * How a measure is shown under a condition, at its place; empty where it has no picture yet.
     *
     * @param waist the level at which the form's waist mark lies
     */
    public static Optional<Shown> of(Measure measure, Condition condition, Place at, String waist) {
        Shown there = at.isOnly() ? null : PATHS.get(measure.code() + "@" + at.word());
        return Optional.ofNullable(there)
                .or(() -> of(measure, condition))
                .map(s -> new Shown(s.view(), s.path().atWaist(waist)));
    }

    private static Optional<Shown> of(Measure measure, Condition condition) {
        String posture = condition.get(Condition.Aspect.POSTURE);
        String joint = condition.get(Condition.Aspect.JOINT);
        Shown special = PATHS.get(measure.code() + ":" + (joint.equals("bent") ? "bent" : posture));
        return Optional.ofNullable(special != null ? special : PATHS.get(measure.code()));
    }

    /** Codes (with a condition behind a colon, or a place behind an at, where it has a picture of its own) that have a picture. */
    public static List<String> codes() {
        return List.copyOf(PATHS.keySet());
    }

    public static Shown of(String code) {
        return Objects.requireNonNull(PATHS.get(code), code);
    }
}
