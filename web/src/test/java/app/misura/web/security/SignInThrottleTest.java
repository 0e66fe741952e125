package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
    private final Clock clock = mock(Clock.class);
    private final SignInThrottle throttle = new SignInThrottle(clock);

    private void at(long seconds) {
        when(clock.instant()).thenReturn(Instant.EPOCH.plusSeconds(seconds));
    }

    @Test
    void tenFailuresInFiveMinutesHoldUpTheName() {
        for (int i = 0; i < 9; i++) {
            at(i);
            assertThat(throttle.admits("a")).isTrue();
        }
        assertThat(throttle.heldUp("a")).isEmpty();
        at(10);
        assertThat(throttle.admits("a")).isTrue();
        assertThat(throttle.heldUp("a")).contains(Duration.ofSeconds(290));
        assertThat(throttle.heldUp("b")).isEmpty();
        at(301);
        assertThat(throttle.heldUp("a")).isEmpty();
    }

    @Test
    void whoIsHeldUpIsNotAdmittedAndDoesNotWaitLongerForTrying() {
        at(0);
        for (int i = 0; i < SignInThrottle.MOST; i++) {
            throttle.admits("a");
        }
        at(100);
        assertThat(throttle.admits("a")).isFalse();
        assertThat(throttle.heldUp("a")).contains(Duration.ofSeconds(200));
    }

    @Test
    void aRightSignInTakesBackItsOwnCountAndNoOther() {
        at(0);
        for (int i = 0; i < 9; i++) {
            throttle.admits("a");
        }
        assertThat(throttle.admits("a")).isTrue();
        throttle.giveBack("a");
        assertThat(throttle.heldUp("a")).isEmpty();
        assertThat(throttle.admits("a")).isTrue();
        assertThat(throttle.heldUp("a")).isPresent();
    }
}
