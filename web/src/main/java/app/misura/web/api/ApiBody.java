package app.misura.web.api;

import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import tools.jackson.databind.JsonNode;

/** Reads the body of a call: JSON, and not more of it than a sheet can need. */
final class ApiBody {
    static final int MOST_BYTES = 1_048_576;

    private ApiBody() {}

    static JsonNode read(HttpServletRequest request)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        requireJson(request.getContentType());
        if (request.getContentLengthLong() > MOST_BYTES) {
            throw tooLarge();
        }
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (body.length > MOST_BYTES) {
            throw tooLarge();
        }
        return JsonText.parse(body);
    }

    private static JsonRefused tooLarge() {
        return new JsonRefused(
                JsonRefused.Why.TOO_LARGE, List.of(new JsonFault("", "at most " + MOST_BYTES + " bytes are taken")));
    }

    private static void requireJson(@org.jspecify.annotations.Nullable String said)
            throws HttpMediaTypeNotSupportedException {
        try {
            MediaType type = said == null ? null : MediaType.parseMediaType(said);
            if (type != null
                    && type.getType().equals("application")
                    && (type.getSubtype().equals("json") || type.getSubtype().endsWith("+json"))) {
                return;
            }
        } catch (org.springframework.http.InvalidMediaTypeException e) {
            // falls through to the same answer
        }
        throw new HttpMediaTypeNotSupportedException("JSON is taken here");
    }
}
