package app.misura.web.reading;

import app.misura.core.finding.Acceptance;

/** An acceptance that nobody took back, whether it still stands or not. @param sentence what was accepted, as it was said then */
public record StoredAcceptance(String id, Acceptance acceptance, String sentence) {}
