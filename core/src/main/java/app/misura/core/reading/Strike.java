package app.misura.core.reading;

import java.time.Instant;

/** A reading crossed out: it stays visible and never counts. */
public record Strike(String reason, Instant at, String by) {}
