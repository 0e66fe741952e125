package app.misura.core.known;

import app.misura.core.reading.AgeGroup;
import java.time.LocalDate;

/**
 * How old a value of a body may be.
 *
 * @param months for the grown
 * @param weeks for whoever still grows
 */
public record Fresh(int months, int weeks) {
    /** Half a year, and six weeks. */
    public static final Fresh USUAL = new Fresh(6, 6);

    /** The first day of which a value may still be. */
    public LocalDate since(AgeGroup age, LocalDate today) {
        return age == AgeGroup.ADULT ? today.minusMonths(months) : today.minusWeeks(weeks);
    }
}
