package app.misura.web.security;

import app.misura.web.account.Account;
import app.misura.web.account.Tokens;
import app.misura.web.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs an interface call in by its token; a call without one is left to the name and the password. */
final class TokenGate extends OncePerRequestFilter {
    private static final String SCHEME = "Bearer ";

    private final Tokens tokens;

    TokenGate(Tokens tokens) {
        this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader("Authorization");
        if (header == null || !header.regionMatches(true, 0, SCHEME, 0, SCHEME.length())) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Account> account =
                tokens.account(header.substring(SCHEME.length()).strip());
        if (account.isEmpty()) {
            response.setHeader("WWW-Authenticate", "Bearer error=\"invalid_token\"");
            ProblemWriter.write(response, 401, "Not signed in", "This token is not known here, or was withdrawn.");
            return;
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                account.get().name(),
                null,
                List.of(new SimpleGrantedAuthority(
                        "ROLE_" + account.get().role().name()))));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }
}
