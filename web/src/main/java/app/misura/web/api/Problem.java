package app.misura.web.api;

import app.misura.core.cut.Cutting;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.ProblemDoc;
import app.misura.web.problem.ProblemWriter;
import java.util.List;
import org.springframework.http.ResponseEntity;

/** Answers that are problem documents. */
final class Problem {
    private Problem() {}

    static ResponseEntity<byte[]> of(int status, String title, String detail, List<JsonFault> faults) {
        return ProblemWriter.answer(ProblemDoc.of(status, title, detail, faults));
    }

    static ResponseEntity<byte[]> of(int status, String title, String detail) {
        return ProblemWriter.answer(ProblemDoc.of(status, title, detail));
    }

    static ResponseEntity<byte[]> inputsFight(Cutting.Refused refused) {
        return ProblemWriter.answer(new ProblemDoc(
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
        return ProblemWriter.answer(
                new ProblemDoc("/problems/choice", "This choice cannot be cut", 422, notSo.sentence(), faults, null));
    }
}
