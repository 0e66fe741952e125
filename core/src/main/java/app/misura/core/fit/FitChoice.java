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

    /** @throws IllegalArgumentException naming the words there are */
    public static FitChoice named(String word) {
        return switch (word) {
            case "close" -> CLOSE;
            case "regular" -> REGULAR;
            case "easy" -> EASY;
            default -> throw new IllegalArgumentException("fit must be close, regular or easy, not " + word);
        };
    }
}
