package app.misura.core.draft;

/** An edge of a piece, by name. */
public record EdgeRef(String piece, String edge) {}
