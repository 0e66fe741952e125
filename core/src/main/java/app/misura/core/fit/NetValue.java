package app.misura.core.fit;

/**
 * A length of the body without the tape's play, mm.
 *
 * @param estimated whether it was not read
 */
record NetValue(double mm, Source source, boolean estimated) {}
