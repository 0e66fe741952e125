package app.misura.web.security;

import app.misura.web.account.Accounts;
import app.misura.web.account.Tokens;
import app.misura.web.door.Door;
import app.misura.web.problem.ProblemWriter;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
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
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
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

    /** Where somebody wanted to go who has to sign in first, in a cookie; the request itself is never made up from it. */
    private static final CookieRequestCache WANTED = new CookieRequestCache() {
        @Override
        public @Nullable HttpServletRequest getMatchingRequest(
                HttpServletRequest request, HttpServletResponse response) {
            return null;
        }
    };

    /** How long a name that was held up just now waits at most, seconds. */
    private static final long WAIT_SECONDS = SignInThrottle.WINDOW.toSeconds();

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, SignInThrottle throttle, Tokens tokens, Door door) throws Exception {
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
        AccessDeniedHandler denied = (request, response, e) -> {
            door.note(
                    Door.Kind.DENIED,
                    who(request),
                    Address.of(request),
                    request.getMethod() + " " + request.getRequestURI());
            ProblemWriter.write(response, 403, "Not allowed", "This account may not do this.");
        };
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
                        .requestMatchers("/api/v1/backup")
                        .hasRole("OWNER")
                        .requestMatchers(HttpMethod.POST, "/api/**")
                        .hasAnyRole(WRITERS)
                        .anyRequest()
                        .authenticated());
        headers(http);
        return http.build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http, Accounts accounts, Door door, Clock clock) throws Exception {
        AuthenticationFailureHandler failed = (request, response, e) -> {
            String name = String.valueOf(request.getParameter("name"));
            boolean held = e instanceof LockedException;
            door.note(held ? Door.Kind.HELD_UP : Door.Kind.FAILED, name, Address.of(request), "");
            if (held) {
                response.setStatus(429);
                response.setHeader("Retry-After", String.valueOf(WAIT_SECONDS));
                request.getRequestDispatcher("/signin/held").forward(request, response);
            } else {
                response.sendRedirect(request.getContextPath() + "/signin?wrong");
            }
        };
        SavedRequestAwareAuthenticationSuccessHandler in = new SavedRequestAwareAuthenticationSuccessHandler();
        in.setRequestCache(WANTED);
        AuthenticationSuccessHandler came = (request, response, who) -> {
            SessionGate.begins(request.getSession(), clock.instant());
            door.note(Door.Kind.CAME_IN, who.getName(), Address.of(request), "");
            in.onAuthenticationSuccess(request, response, who);
            WANTED.removeRequest(request, response);
        };
        AccessDeniedHandler denied = (request, response, e) -> {
            door.note(
                    Door.Kind.DENIED,
                    who(request),
                    Address.of(request),
                    request.getMethod() + " " + request.getRequestURI());
            request.getRequestDispatcher("/denied").forward(request, response);
        };
        http.authorizeHttpRequests(a -> a.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers(
                                "/signin", "/signin/held", "/first", "/assets/**", "/webjars/**", "/actuator/health")
                        .permitAll()
                        .requestMatchers("/house", "/house/**")
                        .hasRole("OWNER")
                        .requestMatchers("/orders/*/cut/*")
                        .hasAnyRole("OWNER", "CUTTER")
                        .requestMatchers(HttpMethod.POST, "/clients/*/delete")
                        .hasRole("OWNER")
                        .requestMatchers(
                                HttpMethod.GET,
                                "/clients/new",
                                "/orders/new",
                                "/clients/*/edit",
                                "/orders/*/edit",
                                "/orders/*/tape",
                                "/orders/*/photographs",
                                "/orders/*/photographs/*")
                        .hasAnyRole(WRITERS)
                        .requestMatchers("/denied", "/signout", "/account", "/account/**")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, "/**")
                        .hasAnyRole(WRITERS)
                        .anyRequest()
                        .authenticated())
                .formLogin(f -> f.loginPage("/signin")
                        .usernameParameter("name")
                        .passwordParameter("password")
                        .successHandler(came)
                        .failureHandler(failed)
                        .permitAll())
                .logout(l -> l.logoutUrl("/signout").logoutSuccessUrl("/signin?out"))
                .exceptionHandling(e -> e.accessDeniedHandler(denied)
                        .defaultAuthenticationEntryPointFor(
                                new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED),
                                new RequestHeaderRequestMatcher("HX-Request"))
                        .defaultAuthenticationEntryPointFor(
                                new LoginUrlAuthenticationEntryPoint("/signin"), AnyRequestMatcher.INSTANCE));
        http.requestCache(c -> c.requestCache(WANTED))
                .csrf(c -> c.csrfTokenRepository(tokenInACookie()))
                .sessionManagement(m -> m.sessionCreationPolicy(SessionCreationPolicy.IF_REQUIRED))
                .addFilterAfter(new SessionGate(accounts, clock), SecurityContextHolderFilter.class);
        headers(http);
        return http.build();
    }

    /** Strangers have no session: the token of their forms lies in a cookie that no script reads. */
    private static CookieCsrfTokenRepository tokenInACookie() {
        CookieCsrfTokenRepository repository = new CookieCsrfTokenRepository();
        repository.setCookieCustomizer(c -> c.httpOnly(true).sameSite("Lax"));
        return repository;
    }

    private static String who(HttpServletRequest request) {
        return request.getUserPrincipal() == null
                ? ""
                : request.getUserPrincipal().getName();
    }

    private static void headers(HttpSecurity http) throws Exception {
        http.headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(POLICY))
                .referrerPolicy(r -> r.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)));
    }
}
