package app.misura.core.draft;

/** An edge of a piece, by name. */
public record EdgeRef(PieceId piece, String edge) {
    public static EdgeRef of(String piece, String edge) {
        return new EdgeRef(PieceId.of(piece), edge);
    }
}
