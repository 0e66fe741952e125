package app.misura.core.fit;

/**
 * What the cloth does, as shares of its length: shrinks by, comfortably stretches by; across and along the warp.
 */
public record Cloth(double shrinkAcross, double shrinkAlong, double stretchAcross, double stretchAlong) {
    public static final Cloth STILL = new Cloth(0, 0, 0, 0);
    /** Cloth that shrinks more than this is shrunk before it is cut. */
    public static final double MOST_SHRINK = 0.15;

    public static final double MOST_STRETCH = 1.0;

    public Cloth {
        require(shrinkAcross, MOST_SHRINK, "shrinkAcross");
        require(shrinkAlong, MOST_SHRINK, "shrinkAlong");
        require(stretchAcross, MOST_STRETCH, "stretchAcross");
        require(stretchAlong, MOST_STRETCH, "stretchAlong");
    }

    private static void require(double value, double most, String name) {
        if (!(value >= 0 && value <= most)) {
            throw new IllegalArgumentException(name + " must lie between 0 and " + most + ", not " + value);
        }
    }

    /** The length to cut across the warp for a finished one. */
    public double across(double finished) {
        return finished / (1 - shrinkAcross);
    }

    /** The length to cut along the warp for a finished one. */
    public double along(double finished) {
        return finished / (1 - shrinkAlong);
    }
}
