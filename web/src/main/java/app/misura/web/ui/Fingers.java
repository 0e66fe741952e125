package app.misura.web.ui;

import jakarta.servlet.http.Cookie;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Whether a screen is worked with fingers: the page says so once, and ladders are then drawn with higher lines. */
public final class Fingers {
    private static final String COOKIE = "misura-fingers";

    private Fingers() {}

    public static boolean work(@Nullable RequestAttributes asked) {
        Cookie[] cookies = asked instanceof ServletRequestAttributes servlet
                ? servlet.getRequest().getCookies()
                : null;
        return cookies != null && Stream.of(cookies).anyMatch(c -> c.getName().equals(COOKIE));
    }
}
