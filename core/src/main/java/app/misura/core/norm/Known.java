package app.misura.core.norm;

/**
 * A number that is known of a body.
 *
 * @param id of the value, unlike every other's
 * @param of what it is of, a key; two sides are of one
 * @param cm net
 * @param sdCm how widely the tape scatters
 * @param sideCm how much a side differs from the middle of both; 0 where the value stands for its measure
 */
public record Known(String id, String of, double cm, double sdCm, double sideCm) {
    public Known {
        if (!(cm > 0)) {
            throw new IllegalArgumentException(id + ": a length of a body is over 0, not " + cm);
        }
    }

    double log() {
        return Math.log(cm);
    }

    /** Its own variance, beside that of bodies, of its logarithm. */
    double ownVariance() {
        return (sdCm * sdCm + sideCm * sideCm) / (cm * cm);
    }
}
