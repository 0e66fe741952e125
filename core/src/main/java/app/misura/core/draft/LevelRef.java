package app.misura.core.draft;

/** A level of a piece, by name. */
public record LevelRef(String piece, String level) {}
