package app.misura.core.figure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Where on the body a mark is set. */
public enum Spot {
    /** Round the trunk, where the band lies. */
    BAND,
    /** The middle of the kneecap, on the body's right. */
    KNEE;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Spot> named(String word) {
        return Arrays.stream(values()).filter(s -> s.word().equals(word)).findFirst();
    }

    /** Whether it is seen from there. */
    public boolean isSeenFrom(View view) {
        return this == BAND || view == View.FRONT || view == View.SIDE;
    }
}
