package app.misura.web.reading;

import app.misura.core.reading.Reading;
import org.jspecify.annotations.Nullable;

/** A reading to be kept. @param key what its sender calls it: the same key again keeps nothing new */
public record NewReading(Reading reading, @Nullable String key) {}
