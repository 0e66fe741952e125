package app.misura.web.api.described;

import app.misura.core.form.OrderForms;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.ProblemDoc;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The interface describes itself; made when it is first asked for. */
@RestController
class DescriptionController {
    private static final String BASE = "/api/v1";
    private static final String PROBLEM = "application/problem+json";

    private final OrderForms forms;
    private byte @Nullable [] made;

    DescriptionController(OrderForms forms) {
        this.forms = forms;
    }

    @GetMapping("/v3/api-docs")
    ResponseEntity<byte[]> description() {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(written());
    }

    private synchronized byte[] written() {
        byte[] known = made;
        if (known == null) {
            known = JsonText.write(document()).getBytes(StandardCharsets.UTF_8);
            made = known;
        }
        return known;
    }

    private DescriptionDoc document() {
        Schemas schemas = new Schemas();
        Map<String, Map<String, DescriptionDoc.OperationDoc>> paths = new LinkedHashMap<>();
        for (Operation operation : new Operations(forms).all()) {
            paths.computeIfAbsent(BASE + operation.path(), p -> new LinkedHashMap<>())
                    .put(operation.method(), described(operation, schemas));
        }
        return new DescriptionDoc(
                "3.1.0",
                new DescriptionDoc.Info(
                        "Misura",
                        "1",
                        "Readings in, proofs and cut specifications out. Every document begins with its kind; every error is"
                                + " a problem document that lists all faults."),
                List.of(Map.of("basic", List.of()), Map.of("token", List.of())),
                paths,
                new DescriptionDoc.Components(
                        schemas.components(),
                        Map.of(
                                "basic", Map.of("type", "http", "scheme", "basic"),
                                "token", Map.of("type", "http", "scheme", "bearer"))));
    }

    private static DescriptionDoc.OperationDoc described(Operation operation, Schemas schemas) {
        List<DescriptionDoc.Parameter> parameters = new ArrayList<>();
        for (Operation.Parameter p : operation.parameters()) {
            SchemaDoc schema = p.words().isEmpty() ? SchemaDoc.of(p.type()) : SchemaDoc.oneOf(List.copyOf(p.words()));
            parameters.add(
                    new DescriptionDoc.Parameter(p.name(), p.place(), p.place().equals("path"), schema, p.example()));
        }
        Operation.Example body = operation.body();
        return new DescriptionDoc.OperationDoc(
                operation.method() + operation.path().replaceAll("[/{}]+", "-").replaceAll("-$", ""),
                operation.summary(),
                parameters.isEmpty() ? null : parameters,
                body == null
                        ? null
                        : new DescriptionDoc.Body(
                                true,
                                Map.of(
                                        "application/json",
                                        new DescriptionDoc.Content(schemas.of(body.document()), body.example()))),
                responses(operation, schemas));
    }

    private static Map<String, DescriptionDoc.Answer> responses(Operation operation, Schemas schemas) {
        Map<String, DescriptionDoc.Answer> responses = new LinkedHashMap<>();
        for (Operation.Answer answer : operation.answers()) {
            String status = String.valueOf(answer.status());
            DescriptionDoc.Answer before = responses.get(status);
            Map<String, DescriptionDoc.Content> content = new LinkedHashMap<>();
            if (before != null && before.content() != null) {
                content.putAll(before.content());
            }
            Class<?> document = answer.document();
            content.put(
                    answer.type(),
                    new DescriptionDoc.Content(
                            document == null ? SchemaDoc.of("string") : schemas.of(document), answer.example()));
            Map<String, DescriptionDoc.Header> headers = answer.status() == 201
                    ? Map.of("Location", new DescriptionDoc.Header("Where it is now", SchemaDoc.of("string")))
                    : null;
            responses.put(
                    status,
                    new DescriptionDoc.Answer(
                            before == null ? answer.description() : before.description(), headers, content));
        }
        operation.errors().forEach(status -> responses.put(String.valueOf(status), error(status, schemas)));
        return responses;
    }

    private static DescriptionDoc.Answer error(int status, Schemas schemas) {
        String said = HttpStatus.valueOf(status).getReasonPhrase();
        Map<String, DescriptionDoc.Header> headers = switch (status) {
            case 401 ->
                Map.of(
                        "WWW-Authenticate",
                        new DescriptionDoc.Header("How an account is shown", SchemaDoc.of("string")));
            case 429 -> Map.of("Retry-After", new DescriptionDoc.Header("Seconds to wait", SchemaDoc.of("integer")));
            default -> null;
        };
        return new DescriptionDoc.Answer(
                said,
                headers,
                Map.of(
                        PROBLEM,
                        new DescriptionDoc.Content(
                                schemas.of(ProblemDoc.class), ProblemDoc.of(status, said, said + "."))));
    }
}
