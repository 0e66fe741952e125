package app.misura.web.reading;

import app.misura.core.reading.Reading;
import org.jspecify.annotations.Nullable;

/** A reading as it is kept. @param key what its sender called it; null if nothing */
public record StoredReading(
        String id, Reading reading, @Nullable String key) {}
