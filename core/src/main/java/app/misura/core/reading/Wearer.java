package app.misura.core.reading;

import app.misura.core.measure.Side;
import java.util.Set;

/**
 * What of a client decides how a sheet is read.
 *
 * @param dominant the hand that is used more
 * @param differs what is not asked of this body
 */
public record Wearer(Side dominant, AgeGroup age, Set<Differs> differs) {
    public static final Wearer USUAL = new Wearer(Side.RIGHT, AgeGroup.ADULT);

    public Wearer {
        differs = Set.copyOf(differs);
    }

    /** Of whom everything is asked. */
    public Wearer(Side dominant, AgeGroup age) {
        this(dominant, age, Set.of());
    }
}
