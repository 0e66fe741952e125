package app.misura.web.security;

import app.misura.web.account.Passwords;
import app.misura.web.id.Digest;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Checks a name and a password. A password that was right once is recognised by a digest for the life of the process, so
 * that a program which signs every request does not pay for the slow hash each time; a wrong one always pays.
 */
@Component
class SignInCheck implements AuthenticationProvider {
    private static final int REMEMBERED = 1000;

    private final UserDetailsService accounts;
    private final PasswordEncoder encoder;
    private final SignInThrottle throttle;
    private final Semaphore hashing = new Semaphore(2, true);
    private final Map<String, String> right = new ConcurrentHashMap<>();
    private @org.jspecify.annotations.Nullable String nobody;

    SignInCheck(UserDetailsService accounts, PasswordEncoder encoder, SignInThrottle throttle) {
        this.accounts = accounts;
        this.encoder = encoder;
        this.throttle = throttle;
    }

    @Override
    public Authentication authenticate(Authentication asked) {
        String name = asked.getName();
        String password = String.valueOf(asked.getCredentials());
        if (name.length() > SignInThrottle.LONGEST_NAME) {
            throw new BadCredentialsException("name and password do not match");
        }
        if (throttle.heldUp(name, Address.here()).isPresent()) {
            throw new LockedException("too many failed sign-ins");
        }
        UserDetails found = find(name);
        UserDetails account =
                found != null && isRemembered(found, password) ? found : checkSlowly(name, found, password);
        if (!account.isAccountNonLocked()) {
            throw new BadCredentialsException("name and password do not match");
        }
        return UsernamePasswordAuthenticationToken.authenticated(account, null, account.getAuthorities());
    }

    private @org.jspecify.annotations.Nullable UserDetails find(String name) {
        try {
            return accounts.loadUserByUsername(name);
        } catch (UsernameNotFoundException e) {
            return null;
        }
    }

    /** What a name that is not there is held against: as slow as any, and made when the first such name comes. */
    private synchronized String nobody() {
        String known = nobody;
        if (known == null) {
            known = Objects.requireNonNull(encoder.encode("nobody has this password"));
            nobody = known;
        }
        return known;
    }

    private boolean isRemembered(UserDetails account, String password) {
        return Digest.of(account.getPassword() + "\n" + password).equals(right.get(account.getUsername()));
    }

    /** Counts first and hashes then: many wrong ones at once are held up like many one after the other. */
    private UserDetails checkSlowly(
            String name, @org.jspecify.annotations.Nullable UserDetails account, String password) {
        if (!throttle.admits(name, Address.here())) {
            throw new LockedException("too many failed sign-ins");
        }
        String stored = account == null ? nobody() : Objects.requireNonNull(account.getPassword());
        if (!matches(password, stored) || account == null || !account.isAccountNonLocked()) {
            throw new BadCredentialsException("name and password do not match");
        }
        throttle.giveBack(name, Address.here());
        if (right.size() < REMEMBERED) {
            right.put(name, Digest.of(stored + "\n" + password));
        }
        return account;
    }

    /** Two are hashed at a time: whoever guesses does not take the house's work away. Too long ones are no password. */
    private boolean matches(String password, String stored) {
        hashing.acquireUninterruptibly();
        try {
            boolean whole = password.getBytes(StandardCharsets.UTF_8).length <= Passwords.LONGEST_BYTES;
            return encoder.matches(whole ? password : "", stored) && whole;
        } finally {
            hashing.release();
        }
    }

    @Override
    public boolean supports(Class<?> kind) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(kind);
    }
}
