package app.misura.web.api.described;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** An OpenAPI 3.1 document, as much of it as this interface needs. */
record DescriptionDoc(
        String openapi,
        Info info,
        List<Map<String, List<String>>> security,
        Map<String, Map<String, OperationDoc>> paths,
        Components components) {

    record Info(String title, String version, String description) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record OperationDoc(
            String operationId,
            String summary,
            @Nullable List<Parameter> parameters,
            @Nullable Body requestBody,
            Map<String, Answer> responses) {}

    record Parameter(
            String name, @JsonProperty("in") String place, boolean required, SchemaDoc schema, Object example) {}

    record Body(boolean required, Map<String, Content> content) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Answer(
            String description,
            @Nullable Map<String, Header> headers,
            @Nullable Map<String, Content> content) {}

    record Header(String description, SchemaDoc schema) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Content(SchemaDoc schema, @Nullable Object example) {}

    record Components(Map<String, SchemaDoc> schemas, Map<String, Map<String, String>> securitySchemes) {}
}
