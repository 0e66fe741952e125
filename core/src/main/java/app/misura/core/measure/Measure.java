package app.misura.core.measure;

import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where the tape goes: from which landmark, by which way, to which.
 *
 * @param code the catalogue's code, such as {@code waist-to-knee}
 * @param region the part of the body it lies on
 * @param bothSides whether the body has one on each side
 * @param path the way of the tape in words
 * @param sdCm the standard deviation of a careful measurer's reading
 * @param adultLowCm lower end of what nearly all adults have (about the middle 99 %, padded)
 * @param adultHighCm upper end of the same span
 * @param conditions the aspects of a condition that change it
 */
public record Measure(
        String code,
        String name,
        Kind kind,
        String region,
        boolean bothSides,
        String path,
        double sdCm,
        double adultLowCm,
        double adultHighCm,
        List<Condition.Aspect> conditions) {
    /** Share of the span's low end under which, and of its high end over which, a number is no such measure at all. */
    private static final double HARD_LOW = 0.7;

    private static final double HARD_HIGH = 1.3;

    /** How a length compares with what bodies have, their spans scaled (1 for an adult). */
    public enum Fit {
        USUAL,
        SMALL,
        LARGE,
        IMPOSSIBLY_SMALL,
        IMPOSSIBLY_LARGE;

        public boolean isImpossible() {
            return this == IMPOSSIBLY_SMALL || this == IMPOSSIBLY_LARGE;
        }
    }

    public Measure {
        conditions = List.copyOf(conditions);
    }

    /** What is asked and only said. @param code of its own, in no catalogue */
    public static Measure word(String code, String name) {
        return new Measure(code, name, Kind.WORD, "body", false, "said, not measured", 1, 1, 1, List.of());
    }

    public Fit fit(Length length, double scale) {
        double cm = length.toCm();
        double low = adultLowCm * scale;
        double high = adultHighCm * scale;
        if (cm < HARD_LOW * low) {
            return Fit.IMPOSSIBLY_SMALL;
        }
        if (cm > HARD_HIGH * high) {
            return Fit.IMPOSSIBLY_LARGE;
        }
        return cm < low ? Fit.SMALL : cm > high ? Fit.LARGE : Fit.USUAL;
    }

    /** The same measure with a span that is wider by a share of each of its ends. */
    public Measure widened(double by) {
        return new Measure(
                code,
                name,
                kind,
                region,
                bothSides,
                path,
                sdCm,
                adultLowCm * (1 - by),
                adultHighCm * (1 + by),
                conditions);
    }

    /** The other unit, if the number would be a usual one there and is an impossible one here; else null. */
    public @Nullable Unit likelierUnit(Length length, Unit written, double scale) {
        if (!fit(length, scale).isImpossible()) {
            return null;
        }
        Length other = Length.from(length.to(written), written.other());
        return fit(other, scale) == Fit.USUAL ? written.other() : null;
    }

    /** Whether it is a flat width, of which the girth is twice as much. */
    public boolean isFlatWidth() {
        return kind == Kind.WISH && path.startsWith("flat width");
    }
}
