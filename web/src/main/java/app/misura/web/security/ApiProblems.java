package app.misura.web.security;

import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProblemDoc;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Writes problem documents (RFC 9457) where no controller is reached. */
final class ApiProblems {
    private ApiProblems() {}

    static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getOutputStream()
                .write(JsonText.write(ProblemDoc.of(status, title, detail)).getBytes(StandardCharsets.UTF_8));
    }
}
