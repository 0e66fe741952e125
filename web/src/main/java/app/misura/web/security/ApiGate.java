package app.misura.web.security;

import app.misura.web.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import org.springframework.web.filter.OncePerRequestFilter;

/** Before an interface call is signed in: a name that failed too often waits. */
final class ApiGate extends OncePerRequestFilter {
    private final SignInThrottle throttle;

    ApiGate(SignInThrottle throttle) {
        this.throttle = throttle;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Duration> left =
                name(request.getHeader("Authorization")).flatMap(name -> throttle.heldUp(name, Address.of(request)));
        if (left.isPresent()) {
            heldUp(response, left.get());
            return;
        }
        chain.doFilter(request, response);
    }

    /** Says that a name failed too often, and how long it waits. */
    static void heldUp(HttpServletResponse response, Duration left) throws IOException {
        response.setHeader("Retry-After", String.valueOf(left.toSeconds() + 1));
        ProblemWriter.write(response, 429, "Too many failed sign-ins", "This name failed to sign in ten times; wait.");
    }

    private static Optional<String> name(@org.jspecify.annotations.Nullable String header) {
        if (header == null || !header.regionMatches(true, 0, "Basic ", 0, 6)) {
            return Optional.empty();
        }
        try {
            String pair =
                    new String(Base64.getDecoder().decode(header.substring(6).trim()), StandardCharsets.UTF_8);
            return Optional.of(pair.contains(":") ? pair.substring(0, pair.indexOf(':')) : pair);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
