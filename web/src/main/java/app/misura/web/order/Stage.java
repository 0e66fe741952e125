package app.misura.web.order;

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

    public boolean isOpen() {
        return ordinal() < HANDED_OVER.ordinal();
    }
}
