package app.misura.core.form;

import app.misura.core.measure.Side;
import java.util.List;
import java.util.Locale;

/** Which side of the body a step takes. The client's handedness resolves dominant and other. */
public enum StepSide {
    NONE,
    LEFT,
    RIGHT,
    /** Both sides of one body. */
    BOTH,
    /** Both sides as two bodies, never compared, never averaged. */
    EACH,
    DOMINANT,
    OTHER,
    MARKED,
    /** Whichever the order is for: left, right, or each of them; see {@link OrderForm#asAsked}. */
    ASKED;

    public String word() {
        return this == EACH ? BOTH.word() : name().toLowerCase(Locale.ROOT);
    }

    /** Whether a step has two values, one for each side. */
    public boolean isTwo() {
        return this == BOTH || this == EACH;
    }

    /** The sides to read, in the order in which they are taken; empty where the measure has none. */
    public List<Side> sides(Side dominant) {
        return switch (this) {
            case NONE -> List.of();
            case LEFT -> List.of(Side.LEFT);
            case RIGHT, MARKED, ASKED -> List.of(Side.RIGHT);
            case BOTH, EACH -> List.of(Side.LEFT, Side.RIGHT);
            case DOMINANT -> List.of(dominant);
            case OTHER -> List.of(dominant.other());
        };
    }
}
