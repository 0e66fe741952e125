package app.misura.web.api.described;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A JSON Schema, as much of it as records need. @param type one word, or a word and {@code null} */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SchemaDoc(
        @JsonProperty("$ref") @Nullable String ref,
        @Nullable String title,
        @Nullable Object type,
        @JsonProperty("enum") @Nullable List<@Nullable String> words,
        @Nullable Map<String, SchemaDoc> properties,
        @Nullable List<String> required,
        @Nullable SchemaDoc items,
        @Nullable Object additionalProperties,
        @Nullable List<SchemaDoc> anyOf) {

    /** Anything at all. */
    static final SchemaDoc ANY = of(null);

    static SchemaDoc of(@Nullable Object type) {
        return new SchemaDoc(null, null, type, null, null, null, null, null, null);
    }

    static SchemaDoc ref(String name) {
        return new SchemaDoc("#/components/schemas/" + name, null, null, null, null, null, null, null, null);
    }

    static SchemaDoc list(SchemaDoc items) {
        return new SchemaDoc(null, null, "array", null, null, null, items, null, null);
    }

    /** An object of any keys, with values of one kind. */
    static SchemaDoc map(SchemaDoc values) {
        return new SchemaDoc(null, null, "object", null, null, null, null, values, null);
    }

    static SchemaDoc oneOf(List<@Nullable String> words) {
        return new SchemaDoc(
                null,
                null,
                words.stream().anyMatch(Objects::isNull) ? List.of("string", "null") : "string",
                words,
                null,
                null,
                null,
                null,
                null);
    }

    static SchemaDoc object(String title, Map<String, SchemaDoc> properties, List<String> required) {
        return new SchemaDoc(null, title, "object", null, properties, required, null, null, null);
    }

    /** The same, or null. */
    SchemaDoc orNull() {
        if (type instanceof String word) {
            return new SchemaDoc(
                    null, title, List.of(word, "null"), words, properties, required, items, additionalProperties, null);
        }
        return ref == null
                ? this
                : new SchemaDoc(null, null, null, null, null, null, null, null, List.of(this, of("null")));
    }
}
