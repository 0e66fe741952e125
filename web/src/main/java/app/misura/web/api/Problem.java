package app.misura.web.api;

import app.misura.core.cut.Cutting;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProblemDoc;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers that are problem documents. */
final class Problem {
    private static final MediaType TYPE = MediaType.parseMediaType("application/problem+json");

    private Problem() {}

    static ResponseEntity<byte[]> of(int status, String title, String detail, List<JsonFault> faults) {
        return answer(ProblemDoc.of(status, title, detail, faults));
    }

    static ResponseEntity<byte[]> of(int status, String title, String detail) {
        return answer(ProblemDoc.of(status, title, detail));
    }

    static ResponseEntity<byte[]> inputsFight(Cutting.Refused refused) {
        return answer(new ProblemDoc(
                "/problems/inputs-fight",
                "Two inputs fight each other",
                422,
                refused.sentence(),
                List.of(new JsonFault("/readings", refused.sentence())),
                refused.inputs().stream()
                        .map(i -> new ProblemDoc.Input(i.step(), i.measure()))
                        .toList()));
    }

    /** Choices that this body cannot be cut to. */
    static ResponseEntity<byte[]> choice(Cutting.NotSo notSo) {
        List<JsonFault> faults = notSo.choices().stream()
                .map(d -> new JsonFault("/choices/" + d.json().replace('.', '/'), notSo.sentence()))
                .toList();
        return answer(
                new ProblemDoc("/problems/choice", "This choice cannot be cut", 422, notSo.sentence(), faults, null));
    }

    private static ResponseEntity<byte[]> answer(ProblemDoc problem) {
        return ResponseEntity.status(problem.status())
                .contentType(TYPE)
                .body(JsonText.write(problem).getBytes(StandardCharsets.UTF_8));
    }
}
