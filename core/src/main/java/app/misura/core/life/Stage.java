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

    /** Whether it is over: nothing is written on such a sheet until somebody moves it back. */
    public boolean isEnded() {
        return this == HANDED_OVER || this == CALLED_OFF;
    }

    /** Whether the sheet may be of another body, or of none: nothing is known of a body from it. */
    public boolean isVoid() {
        return this == CALLED_OFF;
    }

    /** Whether the numbers are still taken and looked at. */
    public boolean isMeasuring() {
        return this == MEASURING || this == IN_REVIEW;
    }
}
