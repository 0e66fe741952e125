package app.misura.web.security;

import app.misura.web.account.Tokens;
import app.misura.web.problem.ProblemWriter;
import jakarta.servlet.DispatcherType;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;
import org.springframework.security.web.util.matcher.RequestHeaderRequestMatcher;

/**
 * Who may what, by address: pages with a session, the interface with its own sign-in and no session at all. Both ask {@link
 * SignInCheck}, which stands alone behind the application's authentication manager.
 */
@Configuration
class SecurityConfiguration {
    static final String POLICY = "default-src 'self'; img-src 'self' data:; style-src 'self'; script-src 'self';"
            + " font-src 'self'; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'";

    private static final String[] WRITERS = {"OWNER", "CUTTER", "MEASURER"};

    /** Nobody reads observations of each filter; without them a request is noticeably cheaper. */
    @Bean
    SecurityObservationSettings observations() {
        return SecurityObservationSettings.noObservations();
    }

    /** How long a name that was held up just now waits at most, seconds. */
    private static final long WAIT_SECONDS = SignInThrottle.WINDOW.toSeconds();

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, SignInThrottle throttle, Tokens tokens) throws Exception {
        AuthenticationEntryPoint unknown = (request, response, e) -> {
            if (e instanceof LockedException) {
                ApiGate.heldUp(response, Duration.ofSeconds(WAIT_SECONDS));
                return;
            }
            response.setHeader("WWW-Authenticate", "Basic realm=\"Misura\", charset=\"UTF-8\"");
            ProblemWriter.write(
                    response,
                    401,
                    "Not signed in",
                    "Sign in with an account's name and password (HTTP Basic), or with a token.");
        };
        AccessDeniedHandler denied = (request, response, e) ->
                ProblemWriter.write(response, 403, "Not allowed", "This account may read, and may not store anything.");
        http.securityMatcher("/api/**", "/v3/api-docs/**")
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(c -> c.disable())
                .httpBasic(b -> b.authenticationEntryPoint(unknown))
                .addFilterBefore(new ApiGate(throttle), BasicAuthenticationFilter.class)
                .addFilterBefore(new TokenGate(tokens), BasicAuthenticationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint(unknown).accessDeniedHandler(denied))
                .authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(
                                HttpMethod.POST, "/api/v1/adjust", "/api/v1/proof", "/api/v1/cut", "/api/v1/export/*")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, "/api/**")
                        .hasAnyRole(WRITERS)
                        .anyRequest()
                        .authenticated());
        headers(http);
        return http.build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        AuthenticationFailureHandler failed = (request, response, e) -> {
            if (e instanceof LockedException) {
                response.setStatus(429);
                response.setHeader("Retry-After", String.valueOf(WAIT_SECONDS));
                request.getRequestDispatcher("/signin/held").forward(request, response);
            } else {
                response.sendRedirect(request.getContextPath() + "/signin?wrong");
            }
        };
        http.authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ERROR)
                        .permitAll()
                        .requestMatchers(
                                "/signin", "/signin/held", "/first", "/assets/**", "/webjars/**", "/actuator/health")
                        .permitAll()
                        .requestMatchers("/house", "/house/**")
                        .hasRole("OWNER")
                        .requestMatchers("/orders/*/cut/choices")
                        .hasAnyRole("OWNER", "CUTTER")
                        .requestMatchers(HttpMethod.POST, "/clients/*/delete")
                        .hasRole("OWNER")
                        .requestMatchers(HttpMethod.GET, "/clients/new", "/orders/new", "/clients/*/edit")
                        .hasAnyRole(WRITERS)
                        .requestMatchers("/denied", "/signout")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, "/**")
                        .hasAnyRole(WRITERS)
                        .anyRequest()
                        .authenticated())
                .formLogin(f -> f.loginPage("/signin")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .defaultSuccessUrl("/")
                        .failureHandler(failed)
                        .permitAll())
                .logout(l -> l.logoutUrl("/signout").logoutSuccessUrl("/signin?out"))
                .exceptionHandling(e -> e.accessDeniedPage("/denied")
                        .defaultAuthenticationEntryPointFor(
                                new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED),
                                new RequestHeaderRequestMatcher("HX-Request"))
                        .defaultAuthenticationEntryPointFor(
                                new LoginUrlAuthenticationEntryPoint("/signin"), AnyRequestMatcher.INSTANCE));
        headers(http);
        return http.build();
    }

    private static void headers(HttpSecurity http) throws Exception {
        http.headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(POLICY))
                .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)));
    }
}
