package app.misura.core.form;

import app.misura.core.length.Increment;
import app.misura.core.length.Unit;
import java.util.List;

/**
 * What stands above the steps of a form.
 *
 * @param unit the unit the form is shipped in; {@link OrderForm#in} gives its other version
 * @param waist the level of the body at which the form's waist mark lies: band, navel, waist
 * @param sigmaFactor how much wider a reading scatters than a careful measurer's (1.5 with untrained people)
 * @param cuts whether a garment may be cut from it
 */
public record Heading(
        String id,
        int version,
        String title,
        Unit unit,
        Increment increment,
        String waist,
        double sigmaFactor,
        boolean cuts) {
    /** Where nothing is said the band marks the waist. */
    public static final String BAND = "band";

    static final List<String> WAISTS = List.of(BAND, "navel", "waist");

    /** The same in the other unit, with the increment that corresponds. */
    Heading in(Unit wanted) {
        return new Heading(id, version, title, wanted, increment.in(wanted), waist, sigmaFactor, cuts);
    }
}
