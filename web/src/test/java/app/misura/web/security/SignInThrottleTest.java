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
            throttle.failed("a");
        }
        assertThat(throttle.heldUp("a")).isEmpty();
        at(10);
        throttle.failed("a");
        assertThat(throttle.heldUp("a")).contains(Duration.ofSeconds(290));
        assertThat(throttle.heldUp("b")).isEmpty();
        at(301);
        assertThat(throttle.heldUp("a")).isEmpty();
    }

    @Test
    void aRightSignInForgetsTheWrongOnes() {
        at(0);
        for (int i = 0; i < 9; i++) {
            throttle.failed("a");
        }
        throttle.succeeded("a");
        throttle.failed("a");
        assertThat(throttle.heldUp("a")).isEmpty();
    }
}
