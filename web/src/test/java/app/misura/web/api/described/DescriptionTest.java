package app.misura.web.api.described;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.format.json.JsonText;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** The description is read as a stranger's program would, and every example in it is tried. */
class DescriptionTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    private Api api;
    private JsonNode description;
    private String client;
    private String order;

    /** One call as it is described. */
    private record Call(String method, String path, JsonNode operation) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    @BeforeEach
    void read() {
        api = new Api(port, "measurer:demo-misura");
        description = api.get("/v3/api-docs").json();
        client = api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Described Person\"}")
                .json()
                .get("id")
                .stringValue();
        order = api.post(
                        "/api/v1/orders",
                        "{\"misura\":\"order/1\",\"client\":\"" + client + "\",\"form\":\"trousers-tailored\"}")
                .json()
                .get("id")
                .stringValue();
    }

    private List<Call> calls() {
        List<Call> calls = new ArrayList<>();
        description
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(op -> calls.add(new Call(op.getKey(), path.getKey(), op.getValue()))));
        return calls;
    }

    @Test
    void everyCallThatIsAnsweredIsDescribedAndNoOther() {
        Set<String> answered = new TreeSet<>();
        mappings.getHandlerMethods()
                .forEach((info, handler) -> info.getPatternValues().stream()
                        .filter(p -> p.startsWith("/api/"))
                        .forEach(p -> info.getMethodsCondition()
                                .getMethods()
                                .forEach(m -> answered.add(m.name().toLowerCase(java.util.Locale.ROOT) + " " + p))));
        assertThat(calls().stream().map(Call::toString)).containsExactlyInAnyOrderElementsOf(answered);
    }

    @Test
    void everyDocumentIsCalledByItsKindAndHasASchema() {
        Set<String> kinds = new TreeSet<>();
        description.get("components").get("schemas").properties().forEach(s -> {
            assertThat(s.getValue().get("type")).as(s.getKey()).isNotNull();
            kinds.add(s.getValue().get("title").stringValue());
        });
        assertThat(kinds)
                .contains(
                        "network/1",
                        "adjustment/1",
                        "forms/1",
                        "form/1",
                        "measures/1",
                        "sheet/1",
                        "proof/1",
                        "cut/1",
                        "export/1",
                        "client/1",
                        "clients/1",
                        "order/1",
                        "orders/1",
                        "readings/1");
    }

    private String addressed(Call call) {
        String id = call.path().startsWith("/api/v1/forms")
                ? "trousers-tailored"
                : call.path().startsWith("/api/v1/clients") ? client : order;
        return call.path().replace("{id}", id).replace("{format}", "json");
    }

    private Api.Answer asked(Call call) {
        if (call.method().equals("get")) {
            boolean owners = call.path().endsWith("/backup");
            return (owners ? new Api(port, "owner:demo-misura") : api).get(addressed(call));
        }
        JsonNode example = call.operation()
                .get("requestBody")
                .get("content")
                .get("application/json")
                .get("example");
        String text = JsonText.write(example);
        JsonNode named = example.get("client");
        return api.post(
                addressed(call), named != null && named.isString() ? text.replace(named.stringValue(), client) : text);
    }

    @Test
    void everyExampleIsTakenAndItsAnswerHasTheShapeThatIsPromised() {
        for (Call call : calls()) {
            Api.Answer answer = asked(call);
            JsonNode promised = call.operation().get("responses").get(String.valueOf(answer.status()));
            assertThat(answer.status()).as(call + ": " + answer.body()).isIn(200, 201);
            assertThat(promised).as(call + " " + answer.status()).isNotNull();
            JsonNode content = promised.get("content");
            if (!content.has("application/json")) {
                assertThat(content.has(answer.header("Content-Type")))
                        .as(call + " is a file")
                        .isTrue();
                continue;
            }
            JsonNode schema = content.get("application/json").get("schema");
            assertThat(JsonShape.faults(answer.json(), schema, description))
                    .as(call.toString())
                    .isEmpty();
            assertThat(promised.has("headers")).as(call + " says where it is").isEqualTo(answer.status() == 201);
        }
    }

    @Test
    void everyExampleHasItsOwnShape() {
        for (Call call : calls()) {
            if (call.operation().has("requestBody")) {
                JsonNode body =
                        call.operation().get("requestBody").get("content").get("application/json");
                assertThat(JsonShape.faults(body.get("example"), body.get("schema"), description))
                        .as(call + " as it is sent")
                        .isEmpty();
            }
            call.operation()
                    .get("responses")
                    .properties()
                    .forEach(answer -> answer.getValue()
                            .get("content")
                            .properties()
                            .forEach(content -> {
                                if (content.getValue().has("example")) {
                                    assertThat(JsonShape.faults(
                                                    content.getValue().get("example"),
                                                    content.getValue().get("schema"),
                                                    description))
                                            .as(call + " " + answer.getKey())
                                            .isEmpty();
                                }
                            }));
        }
    }

    /** What goes wrong with a call is among what is described of it, and looks so. */
    @Test
    void everyErrorThatCanBeProvokedIsDescribed() {
        for (Call call : calls()) {
            provoked(call).forEach((why, answer) -> {
                JsonNode promised = call.operation().get("responses").get(String.valueOf(answer.status()));
                assertThat(promised)
                        .as(call + ", " + why + ": " + answer.status())
                        .isNotNull();
                assertThat(JsonShape.faults(
                                answer.json(),
                                promised.get("content")
                                        .get("application/problem+json")
                                        .get("schema"),
                                description))
                        .as(call + ", " + why)
                        .isEmpty();
            });
        }
    }

    private Map<String, Api.Answer> provoked(Call call) {
        Map<String, Api.Answer> answers = new java.util.LinkedHashMap<>();
        String at = addressed(call);
        boolean get = call.method().equals("get");
        answers.put("nobody", get ? new Api(port, "").get(at) : new Api(port, "").post(at, "{}"));
        if (call.path().contains("{id}")) {
            String none = call.path().replace("{id}", "nothing-here");
            answers.put("an unknown id", get ? api.get(none) : api.post(none, "{\"misura\":\"readings/1\"}"));
        }
        if (get && call.operation().has("parameters") && call.path().endsWith("s")) {
            if (!call.path().endsWith("readings")) {
                answers.put("a page of nought", api.get(at + "?size=0"));
                answers.put("a page that is none", api.get(at + "?page=x"));
            }
        }
        if (!get) {
            answers.put("no JSON", api.post(at, "{"));
            answers.put("another kind", api.post(at, "{\"misura\":\"moon/1\"}"));
            answers.put("too large", api.post(at, "{\"x\":\"" + "x".repeat(1_100_000) + "\"}"));
            answers.put("a text", api.post(at, "x".getBytes(java.nio.charset.StandardCharsets.UTF_8), "text/plain"));
            boolean stores = List.of("clients", "orders", "readings").stream().anyMatch(call.path()::endsWith);
            if (stores) {
                answers.put("a viewer", new Api(port, "viewer:demo-misura").post(at, "{}"));
            }
        }
        if (call.path().endsWith("{format}")) {
            answers.put(
                    "a format to come",
                    api.post(
                            at.replace("json", "dxf"),
                            JsonText.write(call.operation()
                                    .get("requestBody")
                                    .get("content")
                                    .get("application/json")
                                    .get("example"))));
            answers.put("no format", api.post(at.replace("json", "doc"), "{}"));
        }
        answers.forEach((why, answer) ->
                assertThat(answer.status()).as(call + ", " + why).isGreaterThanOrEqualTo(400));
        return answers;
    }
}
