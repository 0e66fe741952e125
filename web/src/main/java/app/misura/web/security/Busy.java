package app.misura.web.security;

import app.misura.web.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Cuts, prints and adjustments take the whole of a processor and much memory each: two are made at a time, others wait a
 * while, and are asked to come again.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class Busy extends OncePerRequestFilter {
    private static final int AT_A_TIME = 2;
    private static final int PATIENCE_SECONDS = 10;
    private static final Pattern HEAVY = Pattern.compile(
            "/api/v1/(cut|export/[a-z]+|adjust)|/orders/[a-z0-9]+/print/.*|/house/backup|/api/v1/backup");

    private final Semaphore places = new Semaphore(AT_A_TIME, true);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !HEAVY.matcher(request.getRequestURI()
                        .substring(request.getContextPath().length()))
                .matches();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hasPlace()) {
            response.setHeader("Retry-After", "5");
            if (request.getRequestURI().contains("/api/")) {
                ProblemWriter.write(response, 503, "Busy", "The house is cutting and printing for others; come again.");
            } else {
                response.sendError(503);
            }
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            places.release();
        }
    }

    private boolean hasPlace() {
        try {
            return places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
