package app.misura.web.api.described;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One call of the interface.
 *
 * @param body what is sent; null where nothing is
 * @param answers what comes where it goes well
 * @param errors the statuses that can come besides, each with a problem document
 */
record Operation(
        String method,
        String path,
        String summary,
        List<Parameter> parameters,
        @Nullable Example body,
        List<Answer> answers,
        List<Integer> errors) {

    /** What may come of any call: no account, not this media type, too many tries, our fault, the data out of reach. */
    private static final List<Integer> ALWAYS = List.of(401, 406, 429, 500, 503);

    /** What may come of any call with a document. */
    private static final List<Integer> OF_A_BODY = List.of(400, 413, 415, 422);

    /** @param place {@code path} or {@code query} @param words those it may be; empty for any */
    record Parameter(String name, String place, String type, List<String> words, Object example) {}

    /** A document of a record, with a made-up one. */
    record Example(Class<?> document, Object example) {}

    /** @param type media type @param example null where there is only a file */
    record Answer(
            int status,
            String description,
            String type,
            @Nullable Class<?> document,
            @Nullable Object example) {}

    static Operation get(String path, String summary, Object answer) {
        return new Operation("get", path, summary, List.of(), null, List.of(json(200, summary, answer)), ALWAYS);
    }

    static Operation getFile(String path, String summary, String type) {
        return new Operation("get", path, summary, List.of(), null, List.of(file(summary, type)), ALWAYS);
    }

    static Operation post(String path, String summary, Object sent, Answer... answers) {
        List<Integer> errors = new ArrayList<>(ALWAYS);
        errors.addAll(OF_A_BODY);
        Example body = new Example(sent.getClass(), sent);
        return new Operation("post", path, summary, List.of(), body, List.of(answers), errors);
    }

    static Answer json(int status, String description, Object document) {
        return new Answer(status, description, "application/json", document.getClass(), document);
    }

    static Answer file(String description, String type) {
        return new Answer(200, description, type, null, null);
    }

    Operation with(Parameter... more) {
        List<Parameter> all = new ArrayList<>(parameters);
        all.addAll(List.of(more));
        return new Operation(method, path, summary, all, body, answers, errors);
    }

    Operation or(Integer... statuses) {
        List<Integer> all = new ArrayList<>(errors);
        all.addAll(List.of(statuses));
        return new Operation(
                method,
                path,
                summary,
                parameters,
                body,
                answers,
                all.stream().distinct().sorted().toList());
    }

    /** What may come of an address with an id in it. */
    Operation ofOne(String example) {
        return with(new Parameter("id", "path", "string", List.of(), example)).or(404);
    }
}
