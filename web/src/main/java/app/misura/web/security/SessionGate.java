package app.misura.web.security;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Looks at each request of somebody who is signed in: whether they still may be, whether they did anything lately, whether
 * they have to choose a password first. A page that only looks for what is new does nothing.
 */
final class SessionGate extends OncePerRequestFilter {
    static final Duration IDLE = Duration.ofHours(1);
    static final Duration LONGEST = Duration.ofHours(12);
    private static final String SINCE = "misura.since";
    private static final String ACTIVE = "misura.active";

    private final Accounts accounts;
    private final Clock clock;

    SessionGate(Accounts accounts, Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Notes when somebody signed in. */
    static void begins(HttpSession session, Instant now) {
        session.setAttribute(SINCE, now);
        session.setAttribute(ACTIVE, now);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (session == null || who == null || !(session.getAttribute(SINCE) instanceof Instant since)) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Account> account = accounts.find(who.getName()).filter(Account::mayEnter);
        Instant now = clock.instant();
        if (account.isEmpty() || account.get().isEnded(since) || isOver(session, since, now)) {
            session.invalidate();
            SecurityContextHolder.clearContext();
            chain.doFilter(request, response);
            return;
        }
        if (!isLook(request)) {
            session.setAttribute(ACTIVE, now);
        }
        if (account.get().mustChange() && !mayBefore(request)) {
            response.sendRedirect(request.getContextPath() + "/account");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean isOver(HttpSession session, Instant since, Instant now) {
        Instant active = active(session, since);
        return now.isAfter(since.plus(LONGEST)) || now.isAfter(active.plus(IDLE));
    }

    private static Instant active(HttpSession session, Instant since) {
        @Nullable Object active = session.getAttribute(ACTIVE);
        return active instanceof Instant known ? known : since;
    }

    /** What an open page asks by itself. */
    private static boolean isLook(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.endsWith("/measure/ladder") || path.endsWith("/measure/live");
    }

    /** What may be done before a password is chosen. */
    private static boolean mayBefore(HttpServletRequest request) {
        String path = request.getRequestURI().substring(request.getContextPath().length());
        return path.equals("/account")
                || path.equals("/signout")
                || path.startsWith("/assets/")
                || path.startsWith("/webjars/");
    }
}
