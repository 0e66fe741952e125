package app.misura.core.draft;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Which piece: its word, and its side where the two sides are drafted apart. Written {@code front} or
 * {@code front-left}.
 */
public record PieceId(String word, Scope side) {
    public PieceId {
        if (side == Scope.EACH_SIDE) {
            throw new IllegalArgumentException("a piece is of one side or of none");
        }
    }

    public static PieceId of(String word) {
        return new PieceId(word, Scope.WHOLE);
    }

    public PieceId on(Scope other) {
        return new PieceId(word, other);
    }

    /** {@code left} or {@code right}; null where it serves both. */
    public @Nullable String sideWord() {
        return side == Scope.WHOLE ? null : side.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String toString() {
        return word + side.suffix();
    }
}
