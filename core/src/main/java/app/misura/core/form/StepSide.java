package app.misura.core.form;

import app.misura.core.measure.Side;
import java.util.List;
import java.util.Locale;

/** Which side of the body a step takes. The client's handedness resolves dominant and other. */
public enum StepSide {
    NONE,
    LEFT,
    RIGHT,
    BOTH,
    DOMINANT,
    OTHER,
    MARKED;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The sides to read, in the order in which they are taken; empty where the measure has none. */
    public List<Side> sides(Side dominant) {
        return switch (this) {
            case NONE -> List.of();
            case LEFT -> List.of(Side.LEFT);
            case RIGHT, MARKED -> List.of(Side.RIGHT);
            case BOTH -> List.of(Side.LEFT, Side.RIGHT);
            case DOMINANT -> List.of(dominant);
            case OTHER -> List.of(dominant.other());
        };
    }
}
