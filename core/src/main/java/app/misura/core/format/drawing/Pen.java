package app.misura.core.format.drawing;

import java.util.Locale;

/** The role of a line. @see #widthMm */
public enum Pen {
    /** Where the shears go. */
    CUT(0.5),
    /** Where the seam is sewn. */
    SEW(0.35),
    /** Warp direction. */
    GRAIN(0.3),
    /** Widths measured again. */
    LEVEL(0.2),
    /** Pressed or folded. */
    FOLD(0.2),
    DART(0.3),
    NOTCH(0.5),
    /** Test square, tile map, edges of paper. */
    FRAME(0.2);

    private final double widthMm;

    Pen(double widthMm) {
        this.widthMm = widthMm;
    }

    public double widthMm() {
        return widthMm;
    }

    /** On and off, mm; empty for an unbroken line. */
    public double[] dashMm() {
        return switch (this) {
            case LEVEL -> new double[] {4, 3};
            case FOLD -> new double[] {9, 3, 1.5, 3};
            default -> new double[0];
        };
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
