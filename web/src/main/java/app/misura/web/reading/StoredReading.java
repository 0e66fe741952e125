package app.misura.web.reading;

import app.misura.core.reading.Reading;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A reading as it is kept. @param key what its sender called it; null if nothing @param from where it was known from; empty where it was taken here */
public record StoredReading(
        String id, Reading reading, @Nullable String key, Optional<Origin> from) {}
