package app.misura.core.fit;

import java.util.Locale;

/** How close a garment is worn. */
public enum FitChoice {
    CLOSE,
    REGULAR,
    EASY;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static FitChoice named(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
