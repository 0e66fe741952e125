package app.misura.core.house;

/**
 * How measures of one kind become cloth.
 *
 * @param words what it is
 * @param across whether it is cut across the warp; else along it
 * @param layers how often a layer beneath adds its thickness: {@code 2 pi} round a girth
 * @param thickness how often the sheet adds its own, bent round the body
 * @param growMm growth in six months
 * @param apartMm from where on left and right are drafted apart
 * @param strain which strain it takes in a cloth that gives
 */
public record MeasureClass(
        String words, boolean across, double layers, double thickness, double growMm, double apartMm, Strain strain) {
    /** Which of a cloth's two strains a measure takes. */
    public enum Strain {
        GIRTH,
        LENGTH,
        NONE
    }
}
