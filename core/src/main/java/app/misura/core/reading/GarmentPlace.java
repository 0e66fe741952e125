package app.misura.core.reading;

import app.misura.core.length.Length;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where a garment that fits is measured. What is read flat, from edge to edge, is said doubled: round. A garment's length is
 * never a body's: the tailor's ease is in it.
 */
public enum GarmentPlace {
    COLLAR("collar, button to buttonhole", false),
    SHOULDER("shoulder, seam to seam", false),
    CHEST("chest, armhole to armhole", true),
    WAIST("waist", true),
    SEAT("seat", true),
    HEM("hem", true),
    BACK_LENGTH("back, collar seam to hem", false),
    SLEEVE("sleeve, shoulder seam to edge", false),
    UPPER_SLEEVE("sleeve's width at the top", true),
    CUFF("cuff", true),
    INSIDE_LEG("inside leg, crotch to hem", false),
    OUTSIDE_LEG("outside leg, top of the band to hem", false),
    THIGH("thigh, at the crotch", true),
    KNEE("knee", true),
    LEG_HEM("hem of a leg", true);

    private final String said;
    private final boolean flat;

    GarmentPlace(String said, boolean flat) {
        this.said = said;
        this.flat = flat;
    }

    public String said() {
        return said;
    }

    /** Whether it is read flat and goes round. */
    public boolean isFlat() {
        return flat;
    }

    /** What the garment has there: round where it was read flat. */
    public Length of(Length read) {
        return flat ? read.times(2) : read;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<GarmentPlace> named(String word) {
        return Stream.of(values()).filter(p -> p.word().equals(word)).findFirst();
    }
}
