package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

class SessionGateTest {
    private static final Instant BEGAN = Instant.parse("2026-05-13T09:00:00Z");

    private final Accounts accounts = mock(Accounts.class);
    private final Clock clock = mock(Clock.class);
    private final SessionGate gate = new SessionGate(accounts, clock);
    private final MockHttpSession session = new MockHttpSession();

    @BeforeEach
    void signedIn() {
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated("noor", null, List.of()));
        SessionGate.begins(session, BEGAN);
        noor(false, false, null);
    }

    @AfterEach
    void out() {
        SecurityContextHolder.clearContext();
    }

    private void noor(boolean locked, boolean mustChange, Instant ended) {
        when(accounts.find("noor"))
                .thenReturn(Optional.of(new Account("noor", "Noor", Role.CUTTER, locked, mustChange, ended, false)));
    }

    /** Asks for a page so long after the sign-in. @return whether they are signed in still */
    private boolean asks(String path, Duration after) throws Exception {
        when(clock.instant()).thenReturn(BEGAN.plus(after));
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setSession(session);
        gate.doFilter(request, new MockHttpServletResponse(), new MockFilterChain());
        return !session.isInvalid();
    }

    @Test
    void whoDoesNothingForAnHourIsSignedOutAndAPageThatOnlyLooksDoesNothing() throws Exception {
        assertThat(asks("/clients", Duration.ofMinutes(30))).isTrue();
        for (int minute = 31; minute <= 90; minute++) {
            assertThat(asks("/orders/o1/measure/ladder", Duration.ofMinutes(minute)))
                    .isTrue();
        }
        assertThat(asks("/orders/o1/measure/ladder", Duration.ofMinutes(91))).isFalse();
        assertThat(SecurityContextHolder.getContext().getAuthentication()).isNull();
    }

    @Test
    void whoWorksAllDayIsSignedOutInTheEvening() throws Exception {
        for (int minute = 0; minute <= 12 * 60; minute += 30) {
            assertThat(asks("/clients", Duration.ofMinutes(minute)))
                    .as("minute %d", minute)
                    .isTrue();
        }
        assertThat(asks("/clients", Duration.ofMinutes(12 * 60 + 1))).isFalse();
    }

    @Test
    void whoIsLockedOrEndedIsOutWithTheNextRequest() throws Exception {
        noor(false, false, BEGAN.minusSeconds(1));
        assertThat(asks("/clients", Duration.ofMinutes(1)))
                .as("ended before they came in")
                .isTrue();
        noor(true, false, null);
        assertThat(asks("/clients", Duration.ofMinutes(2))).isFalse();
    }

    @Test
    void whoSignedInBeforeTheyWereEndedIsOut() throws Exception {
        noor(false, false, BEGAN.plusSeconds(1));
        assertThat(asks("/clients", Duration.ofMinutes(1))).isFalse();
    }

    @Test
    void whoMustChooseAPasswordGetsNoOtherPage() throws Exception {
        noor(false, true, null);
        when(clock.instant()).thenReturn(BEGAN);
        for (String path : List.of("/clients", "/account")) {
            MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
            request.setSession(session);
            MockHttpServletResponse response = new MockHttpServletResponse();
            gate.doFilter(request, response, new MockFilterChain());
            assertThat(response.getRedirectedUrl()).isEqualTo(path.equals("/account") ? null : "/account");
        }
    }
}
