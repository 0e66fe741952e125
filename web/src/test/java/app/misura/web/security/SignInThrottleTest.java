package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
    private static final String HOME = "10.0.0.1";
    private final AtomicLong nanos = new AtomicLong(-5);
    private final SignInThrottle throttle = new SignInThrottle(nanos::get);

    private void at(long seconds) {
        nanos.set(Duration.ofSeconds(seconds).toNanos() - 5);
    }

    private boolean admits(String name) {
        return throttle.admits(name, HOME);
    }

    @Test
    void tenFailuresInFiveMinutesHoldUpTheName() {
        for (int i = 0; i < 9; i++) {
            at(i);
            assertThat(admits("a")).isTrue();
        }
        assertThat(throttle.heldUp("a", HOME)).isEmpty();
        at(10);
        assertThat(admits("a")).isTrue();
        assertThat(throttle.heldUp("a", HOME)).contains(Duration.ofSeconds(290));
        assertThat(throttle.heldUp("b", HOME)).isEmpty();
        at(301);
        assertThat(throttle.heldUp("a", HOME)).isEmpty();
    }

    @Test
    void whoIsHeldUpIsNotAdmittedAndDoesNotWaitLongerForTrying() {
        at(0);
        for (int i = 0; i < SignInThrottle.MOST; i++) {
            admits("a");
        }
        at(100);
        assertThat(admits("a")).isFalse();
        assertThat(throttle.heldUp("a", HOME)).contains(Duration.ofSeconds(200));
    }

    @Test
    void aRightSignInTakesBackItsOwnCountAndNoOther() {
        at(0);
        for (int i = 0; i < 9; i++) {
            admits("a");
        }
        assertThat(admits("a")).isTrue();
        throttle.giveBack("a", HOME);
        assertThat(throttle.heldUp("a", HOME)).isEmpty();
        assertThat(admits("a")).isTrue();
        assertThat(throttle.heldUp("a", HOME)).isPresent();
    }

    @Test
    void whoGuessesFarAwayLocksNobodyOutAtHome() {
        at(0);
        admits("owner");
        throttle.giveBack("owner", HOME);
        int guessed = 0;
        for (int i = 0; i < 500; i++) {
            guessed += throttle.admits("owner", "203.0.113." + i % 40) ? 1 : 0;
        }
        assertThat(guessed).isEqualTo(SignInThrottle.MOST_ANYWHERE);
        assertThat(throttle.heldUp("owner", "203.0.113.99")).isPresent();
        assertThat(throttle.heldUp("owner", HOME)).isEmpty();
        assertThat(throttle.admits("owner", HOME)).isTrue();
    }

    @Test
    void longNamesAreNobodysAndAreNotRemembered() {
        assertThat(throttle.admits("x".repeat(61), HOME)).isFalse();
        assertThat(throttle.heldUp("x".repeat(61), HOME)).isEmpty();
    }
}
