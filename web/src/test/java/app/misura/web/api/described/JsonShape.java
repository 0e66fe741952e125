package app.misura.web.api.described;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import tools.jackson.databind.JsonNode;

/** Looks whether a document has the shape that a description promises: types, words, keys that must and may be there. */
final class JsonShape {
    private final JsonNode schemas;
    private final List<String> faults = new ArrayList<>();

    private JsonShape(JsonNode description) {
        this.schemas = description.get("components").get("schemas");
    }

    /** What is not as it was promised, by its place. */
    static List<String> faults(JsonNode document, JsonNode schema, JsonNode description) {
        JsonShape shape = new JsonShape(description);
        shape.look(document, schema, "");
        return shape.faults;
    }

    private void look(JsonNode value, JsonNode schema, String at) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").stringValue().replaceAll(".*/", "");
            look(value, Objects.requireNonNull(schemas.get(name), "no schema " + name), at);
            return;
        }
        if (schema.has("anyOf")) {
            boolean any = false;
            for (JsonNode each : schema.get("anyOf")) {
                any |= faults(value, each).isEmpty();
            }
            if (!any) {
                faults.add(at + " is none of those that it may be");
            }
            return;
        }
        if (schema.has("type") && !isOf(value, schema.get("type"))) {
            faults.add(at + " is " + value.getNodeType() + ", not " + schema.get("type"));
            return;
        }
        if (schema.has("enum")) {
            boolean known = false;
            for (JsonNode word : schema.get("enum")) {
                known |= word.equals(value);
            }
            if (!known) {
                faults.add(at + " is " + value + ", none of " + schema.get("enum"));
            }
        }
        inside(value, schema, at);
    }

    private void inside(JsonNode value, JsonNode schema, String at) {
        if (value.isArray() && schema.has("items")) {
            for (int i = 0; i < value.size(); i++) {
                look(value.get(i), schema.get("items"), at + "/" + i);
            }
        }
        if (value.isObject() && schema.has("additionalProperties")) {
            value.properties()
                    .forEach(e -> look(e.getValue(), schema.get("additionalProperties"), at + "/" + e.getKey()));
        }
        if (value.isObject() && schema.has("properties")) {
            JsonNode known = schema.get("properties");
            value.properties().forEach(e -> {
                if (known.has(e.getKey())) {
                    look(e.getValue(), known.get(e.getKey()), at + "/" + e.getKey());
                } else {
                    faults.add(at + "/" + e.getKey() + " is not described");
                }
            });
            schema.get("required").forEach(key -> {
                if (!value.has(key.stringValue())) {
                    faults.add(at + "/" + key.stringValue() + " is missing");
                }
            });
        }
    }

    private List<String> faults(JsonNode value, JsonNode schema) {
        List<String> before = List.copyOf(faults);
        faults.clear();
        look(value, schema, "");
        List<String> own = List.copyOf(faults);
        faults.clear();
        faults.addAll(before);
        return own;
    }

    private static boolean isOf(JsonNode value, JsonNode type) {
        if (type.isArray()) {
            for (JsonNode each : type) {
                if (isOf(value, each)) {
                    return true;
                }
            }
            return false;
        }
        return switch (type.stringValue()) {
            case "string" -> value.isString();
            case "number" -> value.isNumber();
            case "integer" -> value.isIntegralNumber();
            case "boolean" -> value.isBoolean();
            case "array" -> value.isArray();
            case "object" -> value.isObject();
            case "null" -> value.isNull();
            default -> throw new AssertionError(type);
        };
    }
}
