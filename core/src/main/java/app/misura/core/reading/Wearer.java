package app.misura.core.reading;

import app.misura.core.measure.Side;

/** What of a client decides how a sheet is read. @param dominant the hand that is used more */
public record Wearer(Side dominant, AgeGroup age) {
    public static final Wearer USUAL = new Wearer(Side.RIGHT, AgeGroup.ADULT);
}
