package app.misura.core.house;

/**
 * A kind of cloth and what a house does with it.
 *
 * @param byStrain whether garments of it are cut smaller than the body; else ease is added
 * @param thicknessMm of the sheet, where it counts
 * @param strainGirth the usual wearing strain of girths, {@code strainLength} of lengths
 * @param tested how far it is usually pulled comfortably, share of its length
 * @param pull its tension per width for a strain of one, N/m, while nobody hung it
 * @param mostGirth the largest strain that is worn, and {@code mostLength}
 */
public record ClothKind(
        String id,
        boolean byStrain,
        double thicknessMm,
        double seamMm,
        double hemMm,
        double strainGirth,
        double strainLength,
        double tested,
        double pull,
        double mostGirth,
        double mostLength) {}
