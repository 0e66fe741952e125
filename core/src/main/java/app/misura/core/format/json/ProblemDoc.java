package app.misura.core.format.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A problem document (RFC 9457) that lists every fault.
 *
 * @param inputs those that fight each other, where that is the problem
 */
public record ProblemDoc(
        @OneOf({"about:blank", "/problems/inputs-fight", "/problems/choice"})
        String type,

        String title,
        int status,
        String detail,
        List<JsonFault> errors,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable List<Input> inputs) {

    public record Input(String step, @Nullable String measure) {}

    public static ProblemDoc of(int status, String title, String detail, List<JsonFault> errors) {
        return new ProblemDoc("about:blank", title, status, detail, errors, null);
    }

    /** A problem of the call as a whole. */
    public static ProblemDoc of(int status, String title, String detail) {
        return of(status, title, detail, List.of(new JsonFault("", detail)));
    }
}
