package app.misura.web.api;

import app.misura.core.cut.Cutting;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonOut;
import app.misura.core.format.json.JsonText;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Problem documents (RFC 9457) that list every fault. */
final class Problem {
    private static final MediaType TYPE = MediaType.parseMediaType("application/problem+json");

    private Problem() {}

    static ResponseEntity<byte[]> of(int status, String title, String detail, List<JsonFault> faults) {
        return answer(status, document("about:blank", status, title, detail, faults));
    }

    static ResponseEntity<byte[]> of(int status, String title, String detail) {
        return of(status, title, detail, List.of(new JsonFault("", detail)));
    }

    static ResponseEntity<byte[]> inputsFight(Cutting.Refused refused) {
        JsonOut out = document(
                "/problems/inputs-fight",
                422,
                "Two inputs fight each other",
                refused.sentence(),
                List.of(new JsonFault("/readings", refused.sentence())));
        out.put(
                "inputs",
                refused.inputs().stream()
                        .map(i -> JsonOut.object()
                                .put("step", i.step())
                                .put("measure", i.measure())
                                .tree())
                        .toList());
        return answer(422, out);
    }

    /** Choices that this body cannot be cut to. */
    static ResponseEntity<byte[]> choice(Cutting.NotSo notSo) {
        List<JsonFault> faults = notSo.choices().stream()
                .map(d -> new JsonFault("/choices/" + d.json().replace('.', '/'), notSo.sentence()))
                .toList();
        return answer(422, document("/problems/choice", 422, "This choice cannot be cut", notSo.sentence(), faults));
    }

    private static JsonOut document(String type, int status, String title, String detail, List<JsonFault> faults) {
        List<Map<String, String>> errors = faults.stream()
                .map(f -> Map.of("path", f.path(), "message", f.message()))
                .toList();
        return JsonOut.object()
                .put("type", type)
                .put("title", title)
                .put("status", status)
                .put("detail", detail)
                .put("errors", errors);
    }

    private static ResponseEntity<byte[]> answer(int status, JsonOut out) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(TYPE);
        return ResponseEntity.status(status)
                .headers(headers)
                .body(JsonText.write(out.tree()).getBytes(StandardCharsets.UTF_8));
    }
}
