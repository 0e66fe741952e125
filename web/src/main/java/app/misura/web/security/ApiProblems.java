package app.misura.web.security;

import app.misura.core.format.json.JsonOut;
import app.misura.core.format.json.JsonText;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Writes problem documents (RFC 9457) where no controller is reached. */
final class ApiProblems {
    private ApiProblems() {}

    static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getOutputStream()
                .write(JsonText.write(JsonOut.object()
                                .put("type", "about:blank")
                                .put("title", title)
                                .put("status", status)
                                .put("detail", detail)
                                .put("errors", List.of(java.util.Map.of("path", "", "message", detail)))
                                .tree())
                        .getBytes(StandardCharsets.UTF_8));
    }
}
