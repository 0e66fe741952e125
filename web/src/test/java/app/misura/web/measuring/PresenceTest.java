package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.web.TestOrders;
import java.time.Clock;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PresenceTest {
    private final Clock clock = mock(Clock.class);
    private final Presence presence = new Presence(clock, new Live());

    @BeforeEach
    void now() {
        at(Duration.ZERO);
    }

    private void at(Duration later) {
        when(clock.instant()).thenReturn(TestOrders.NOW.plus(later));
    }

    @Test
    void othersAreSeenWhereTheyAreLast() {
        presence.note("o1", "dewi", "D1");
        presence.note("o1", "dewi", "D2");
        presence.note("o1", "noor", "D1");
        presence.note("o2", "arun", "S1");
        assertThat(presence.others("o1", "noor"))
                .hasSize(1)
                .hasEntrySatisfying("dewi", s -> assertThat(s.step()).isEqualTo("D2"));
        assertThat(presence.others("o1", "arun")).containsOnlyKeys("dewi", "noor");
        assertThat(presence.others("o3", "arun")).isEmpty();
    }

    @Test
    void whoFollowsWhomStaysUntilTheySayOtherwise() {
        presence.note("o1", "dewi", "D1");
        presence.stillThere("o1", "dewi", "D1", "noor");
        presence.note("o1", "dewi", "D2");
        assertThat(presence.others("o1", "noor"))
                .hasEntrySatisfying("dewi", s -> assertThat(s.follows()).isEqualTo("noor"));
        presence.stillThere("o1", "dewi", "D2", "");
        assertThat(presence.others("o1", "noor"))
                .hasEntrySatisfying("dewi", s -> assertThat(s.follows()).isEmpty());
    }

    /** Two pages of one account ask from two steps: where they went last is where they are. */
    @Test
    void askingIsNotGoing() {
        presence.note("o1", "dewi", "D1");
        presence.note("o1", "dewi", "D2");
        presence.stillThere("o1", "dewi", "D1", "");
        assertThat(presence.others("o1", "noor"))
                .hasEntrySatisfying("dewi", s -> assertThat(s.step()).isEqualTo("D2"));
    }

    @Test
    void whoIsNotHeardOfIsGone() {
        presence.note("o1", "dewi", "D1");
        at(Presence.FADES);
        assertThat(presence.others("o1", "noor")).containsKey("dewi");
        at(Presence.FADES.plusMillis(1));
        assertThat(presence.others("o1", "noor")).isEmpty();
        presence.note("o2", "arun", "S1");
        at(Duration.ZERO);
        assertThat(presence.others("o1", "noor")).as("forgotten for good").isEmpty();
    }
}
