package app.misura.core.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MarksTest {
    private static final Instant MORNING = Instant.parse("2026-03-02T08:00:00Z");
    private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");

    @Test
    void aMarkThatIsSetOnceHasNotMoved() {
        Marks once = Marks.NONE.with("P1", MORNING);
        assertThat(once.isSet("P1")).isTrue();
        assertThat(once.isSet("P2")).isFalse();
        assertThat(once.movedAt("P1")).isEmpty();
        assertThat(once.movedAt("P2")).isEmpty();
    }

    @Test
    void aMarkThatIsSetAgainHasMovedThen() {
        Marks twice = Marks.NONE.with("P1", MORNING).with("P1", NOON);
        assertThat(twice.movedAt("P1")).contains(NOON);
    }

    @Test
    void theMomentsCountNotTheOrderTheyAreToldIn() {
        Marks told = new Marks(Map.of("P1", List.of(NOON, MORNING)));
        assertThat(told.movedAt("P1")).contains(NOON);
        assertThat(told).isEqualTo(Marks.NONE.with("P1", MORNING).with("P1", NOON));
    }

    @Test
    void settingAddsAndLeavesWhatWas() {
        Marks before = Marks.NONE.with("P1", MORNING);
        before.with("P1", NOON);
        assertThat(before.movedAt("P1")).isEmpty();
        assertThat(Marks.NONE.settings()).isEmpty();
    }
}
