package app.misura.web.reading;

import java.time.Instant;

/** What is noted at a step, by whom. */
public record StepNote(String text, Instant at, String by) {}
