package app.misura.web.client;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.core.reading.Wearer;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A person who is dressed.
 *
 * @param about what is written of them
 * @param seenOn the day on which they were measured last; null if never
 * @param bodyChangedAt when they last said that their body has changed; null if never
 * @param version for the next change: a change of an older one is refused
 */
public record Client(
        String id,
        About about,
        @Nullable LocalDate seenOn,
        @Nullable Instant bodyChangedAt,
        Instant createdAt,
        long version) {
    /**
     * What is written of a client.
     *
     * @param notes what the next person who measures should know
     * @param healthNote for those who measure alone
     * @param differs what is not asked of this body; for those who measure alone
     * @param consentedOn the day on which they agreed to what is kept of them; null if that was not written down
     */
    public record About(
            String name,
            Side handedness,
            AgeGroup ageGroup,
            String notes,
            String healthNote,
            Set<Differs> differs,
            @Nullable LocalDate consentedOn) {
        /** Of whose body everything is asked. */
        public About(
                String name,
                Side handedness,
                AgeGroup ageGroup,
                String notes,
                String healthNote,
                @Nullable LocalDate consentedOn) {
            this(name, handedness, ageGroup, notes, healthNote, Set.of(), consentedOn);
        }

        /** With nothing noted. */
        public static About of(String name, Side handedness, AgeGroup ageGroup) {
            return new About(name, handedness, ageGroup, "", "", null);
        }
    }

    public String name() {
        return about.name();
    }

    public Side handedness() {
        return about.handedness();
    }

    public AgeGroup ageGroup() {
        return about.ageGroup();
    }

    public String notes() {
        return about.notes();
    }

    public Wearer wearer() {
        return new Wearer(about.handedness(), about.ageGroup(), about.differs());
    }
}
