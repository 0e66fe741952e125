package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;

class SignInCheckTest {
    private final UserDetailsService accounts = mock(UserDetailsService.class);
    private final PasswordEncoder encoder = mock(PasswordEncoder.class);
    private final SignInThrottle throttle = new SignInThrottle(() -> 0);
    private SignInCheck check;

    @BeforeEach
    void anAccount() {
        when(encoder.encode(anyString())).thenReturn("nobody's");
        when(encoder.matches("right", "stored")).thenReturn(true);
        when(accounts.loadUserByUsername("noor"))
                .thenReturn(User.withUsername("noor")
                        .password("stored")
                        .roles("OWNER")
                        .build());
        when(accounts.loadUserByUsername("nobody")).thenThrow(new UsernameNotFoundException("none"));
        check = new SignInCheck(accounts, encoder, throttle);
    }

    private Authentication signIn(String name, String password) {
        return check.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password));
    }

    @Test
    void theRightPasswordOpensWithItsRightsAndIsNotCarriedOn() {
        Authentication in = signIn("noor", "right");
        assertThat(in.isAuthenticated()).isTrue();
        assertThat(in.getAuthorities()).extracting("authority").containsExactly("ROLE_OWNER");
        assertThat(in.getCredentials()).isNull();
    }

    @Test
    void theSlowHashIsPaidOnceForTheRightAndEachTimeForTheWrong() {
        signIn("noor", "right");
        signIn("noor", "right");
        verify(encoder, times(1)).matches(eq("right"), any());
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(() -> signIn("noor", "wrong")).isInstanceOf(BadCredentialsException.class);
        }
        verify(encoder, times(3)).matches("wrong", "stored");
    }

    @Test
    void aNameThatIsNotThereCostsAsMuchAndSaysTheSame() {
        assertThatThrownBy(() -> signIn("nobody", "right"))
                .isInstanceOf(BadCredentialsException.class)
                .hasMessage("name and password do not match");
        verify(encoder).matches("right", "nobody's");
        assertThatThrownBy(() -> signIn("noor", "wrong")).hasMessage("name and password do not match");
    }

    @Test
    void tenWrongOnesHoldUpEvenTheRightOne() {
        for (int i = 0; i < SignInThrottle.MOST; i++) {
            assertThatThrownBy(() -> signIn("noor", "wrong")).isInstanceOf(BadCredentialsException.class);
        }
        assertThatThrownBy(() -> signIn("noor", "right")).isInstanceOf(LockedException.class);
        verify(encoder, never()).matches("right", "stored");
    }

    @Test
    void manyWrongOnesAtOnceAreHashedNoMoreThanTenTimes() throws Exception {
        when(encoder.matches(eq("wrong"), any())).thenAnswer(call -> {
            Thread.sleep(20);
            return false;
        });
        ExecutorService hands = Executors.newFixedThreadPool(40);
        try {
            List<Callable<Object>> tries = Collections.nCopies(
                    40,
                    () -> assertThatThrownBy(() -> signIn("noor", "wrong"))
                            .isInstanceOfAny(BadCredentialsException.class, LockedException.class));
            for (Future<Object> one : hands.invokeAll(tries)) {
                one.get();
            }
        } finally {
            hands.shutdownNow();
        }
        verify(encoder, times(SignInThrottle.MOST)).matches("wrong", "stored");
    }

    @Test
    void aProgramThatIsKnownCallsManyTimesAtOnce() {
        signIn("noor", "right");
        assertThat(IntStream.range(0, 200).parallel().mapToObj(i -> signIn("noor", "right")))
                .allMatch(Authentication::isAuthenticated);
    }

    @Test
    void aPasswordThatWasChangedIsNotRecognised() {
        signIn("noor", "right");
        when(accounts.loadUserByUsername("noor"))
                .thenReturn(User.withUsername("noor")
                        .password("another")
                        .roles("OWNER")
                        .build());
        assertThatThrownBy(() -> signIn("noor", "right")).isInstanceOf(BadCredentialsException.class);
    }

    @Test
    void whoIsLockedComesInWithNoPasswordAndIsToldNoMoreThanAStranger() {
        when(accounts.loadUserByUsername("noor"))
                .thenReturn(User.withUsername("noor")
                        .password("stored")
                        .roles("OWNER")
                        .accountLocked(true)
                        .build());
        assertThatThrownBy(() -> signIn("noor", "right"))
                .isInstanceOf(BadCredentialsException.class)
                .hasMessage("name and password do not match");
    }

    @Test
    void moreThanTheHashLooksAtIsNoPassword() {
        String long73 = "x".repeat(73);
        when(encoder.matches(eq(long73), any())).thenThrow(new IllegalArgumentException("too long"));
        when(encoder.matches(eq(""), any())).thenReturn(true);
        assertThatThrownBy(() -> signIn("noor", long73)).isInstanceOf(BadCredentialsException.class);
        assertThatThrownBy(() -> signIn("n".repeat(250_000), "x")).isInstanceOf(BadCredentialsException.class);
    }

    @Test
    void twoAreHashedAtATime() throws Exception {
        java.util.concurrent.atomic.AtomicInteger now = new java.util.concurrent.atomic.AtomicInteger();
        java.util.concurrent.atomic.AtomicInteger most = new java.util.concurrent.atomic.AtomicInteger();
        when(encoder.matches(eq("wrong"), any())).thenAnswer(call -> {
            most.accumulateAndGet(now.incrementAndGet(), Math::max);
            Thread.sleep(15);
            now.decrementAndGet();
            return false;
        });
        ExecutorService hands = Executors.newFixedThreadPool(12);
        try {
            hands.invokeAll(IntStream.range(0, 12)
                    .<Callable<Object>>mapToObj(i -> () -> {
                        try {
                            return signIn("somebody" + i, "wrong");
                        } catch (BadCredentialsException expected) {
                            return expected;
                        }
                    })
                    .toList());
        } finally {
            hands.shutdownNow();
        }
        assertThat(most.get()).isEqualTo(2);
    }
}
