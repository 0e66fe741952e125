package app.misura.web.client;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Wearer;
import java.time.Instant;

/** A person who is dressed. @param version for the next change: a change of an older one is refused */
public record Client(
        String id, String name, Side handedness, AgeGroup ageGroup, String notes, Instant createdAt, long version) {
    public Wearer wearer() {
        return new Wearer(handedness, ageGroup);
    }
}
