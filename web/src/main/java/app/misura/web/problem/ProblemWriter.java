package app.misura.web.problem;

import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProblemDoc;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Writes problem documents (RFC 9457): as a controller's answer, or where no controller is reached. */
public final class ProblemWriter {
    private static final MediaType TYPE = MediaType.APPLICATION_PROBLEM_JSON;

    private ProblemWriter() {}

    public static ResponseEntity<byte[]> answer(ProblemDoc problem) {
        return ResponseEntity.status(problem.status()).contentType(TYPE).body(bytes(problem));
    }

    public static void write(HttpServletResponse response, int status, String title, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(TYPE.toString());
        response.getOutputStream().write(bytes(ProblemDoc.of(status, title, detail)));
    }

    private static byte[] bytes(ProblemDoc problem) {
        return JsonText.write(problem).getBytes(StandardCharsets.UTF_8);
    }
}
