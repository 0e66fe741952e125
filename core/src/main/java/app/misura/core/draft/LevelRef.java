package app.misura.core.draft;

/** A level of a piece, by name. */
public record LevelRef(PieceId piece, String level) {
    public static LevelRef of(String piece, String level) {
        return new LevelRef(PieceId.of(piece), level);
    }
}
