package app.misura.web.security;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** From where the request of this thread comes; of a request that a proxy passes on, what the server is told to believe. */
final class Address {
    private Address() {}

    static String here() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes web
                ? of(web.getRequest())
                : "";
    }

    static String of(HttpServletRequest request) {
        return String.valueOf(request.getRemoteAddr());
    }
}
