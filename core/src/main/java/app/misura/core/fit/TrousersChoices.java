package app.misura.core.fit;

import app.misura.core.draft.block.TrousersInput;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is chosen for one pair of trousers. All lengths in mm.
 *
 * @param hemGirth finished; null leaves it to the form's wish, else to the knee
 * @param hemAboveFloor taken off both legs
 * @param seatShape -1 flat, 0 regular, 1 prominent
 * @param layers thickness of what is worn beneath and was not worn while measuring
 * @param growthMonths room to grow, for the young: 0, 6 or 12
 */
public record TrousersChoices(
        FitChoice fit,
        TrousersInput.Front front,
        @Nullable Double hemGirth,
        double waistband,
        double hemAboveFloor,
        int seatShape,
        Cloth cloth,
        double layers,
        int growthMonths,
        double seamAllowance,
        double hemAllowance) {

    /** Half a hand: what a house cuts where nothing else is said. */
    public static final double BAND = 40;

    public static final double SEAM = 10;
    public static final double HEM = 40;

    /** The choices that a form's answers make, the house's own for the rest. */
    public static TrousersChoices of(Map<String, String> answers) {
        return new TrousersChoices(
                FitChoice.named(answers.getOrDefault("fit", "regular")),
                front(answers.getOrDefault("front", "flat")),
                null,
                BAND,
                0,
                seatShape(answers.getOrDefault("seat-shape", "regular")),
                Cloth.STILL,
                0,
                0,
                SEAM,
                HEM);
    }

    public static TrousersInput.Front front(String word) {
        return switch (word) {
            case "flat" -> TrousersInput.Front.FLAT;
            case "one-pleat" -> TrousersInput.Front.ONE_PLEAT;
            case "two-pleats" -> TrousersInput.Front.TWO_PLEATS;
            default -> throw new IllegalArgumentException("front must be flat, one-pleat or two-pleats, not " + word);
        };
    }

    public static int seatShape(String word) {
        return switch (word) {
            case "flat" -> -1;
            case "regular" -> 0;
            case "prominent" -> 1;
            default -> throw new IllegalArgumentException("seat shape must be flat, regular or prominent, not " + word);
        };
    }

    public TrousersChoices withFit(FitChoice other) {
        return new TrousersChoices(
                other,
                front,
                hemGirth,
                waistband,
                hemAboveFloor,
                seatShape,
                cloth,
                layers,
                growthMonths,
                seamAllowance,
                hemAllowance);
    }
}
