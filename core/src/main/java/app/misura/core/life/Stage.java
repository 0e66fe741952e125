package app.misura.core.life;

import java.util.Locale;

/** Where an order stands. */
public enum Stage {
    MEASURING,
    IN_REVIEW,
    MEASURED,
    CUTTING,
    MAKING,
    READY,
    HANDED_OVER,
    ON_HOLD,
    CALLED_OFF;

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Whether something waits to be done. */
    public boolean isOpen() {
        return ordinal() < HANDED_OVER.ordinal();
    }

    /** Whether the numbers are still taken and looked at. */
    public boolean isMeasuring() {
        return this == MEASURING || this == IN_REVIEW;
    }
}
