package app.misura.web.api.described;

import app.misura.core.format.json.OneOf;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Makes schemas of records: a component that may be null may be null or absent, one that has only some words has those. A
 * document is called by its kind, {@code proof-1}; a part of one by its class.
 */
final class Schemas {
    private final Map<String, SchemaDoc> components = new LinkedHashMap<>();

    /** Every record that was asked for, and those in it, by name. */
    Map<String, SchemaDoc> components() {
        return Collections.unmodifiableMap(components);
    }

    /** @throws IllegalArgumentException for a type that no document has */
    SchemaDoc of(Type type) {
        if (type instanceof ParameterizedType generic) {
            boolean map = Map.class.isAssignableFrom((Class<?>) generic.getRawType());
            SchemaDoc values = of(generic.getActualTypeArguments()[map ? 1 : 0]);
            return map ? SchemaDoc.map(values) : SchemaDoc.list(values);
        }
        Class<?> plain = (Class<?>) type;
        if (plain.isArray()) {
            return SchemaDoc.list(of(plain.getComponentType()));
        }
        if (plain.isRecord()) {
            return SchemaDoc.ref(named(plain));
        }
        return simple(plain);
    }

    private static SchemaDoc simple(Class<?> plain) {
        if (plain == Object.class) {
            return SchemaDoc.ANY;
        }
        if (plain == String.class) {
            return SchemaDoc.of("string");
        }
        if (plain == boolean.class || plain == Boolean.class) {
            return SchemaDoc.of("boolean");
        }
        if (plain == int.class || plain == Integer.class || plain == long.class) {
            return SchemaDoc.of("integer");
        }
        if (plain == double.class || plain == Double.class) {
            return SchemaDoc.of("number");
        }
        throw new IllegalArgumentException("no schema for " + plain.getName());
    }

    private String named(Class<?> document) {
        String kind = kind(document);
        String name = kind == null
                ? document.getName()
                        .replaceAll(".*\\.", "")
                        .replaceAll("(Doc)?\\$", ".")
                        .replaceAll("Doc$", "")
                : kind.replace('/', '-');
        if (!components.containsKey(name)) {
            components.put(name, SchemaDoc.ANY);
            components.put(name, object(kind == null ? name : kind, document));
        }
        return name;
    }

    /** The kind a document says it is; null for a part of one. */
    private static @Nullable String kind(Class<?> document) {
        RecordComponent first = document.getRecordComponents()[0];
        OneOf words = first.getAnnotation(OneOf.class);
        return first.getName().equals("misura") && words != null ? words.value()[0] : null;
    }

    private SchemaDoc object(String title, Class<?> document) {
        Map<String, SchemaDoc> properties = new LinkedHashMap<>();
        List<String> required = new ArrayList<>();
        for (RecordComponent component : document.getRecordComponents()) {
            boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
            JsonProperty other = component.getAccessor().getAnnotation(JsonProperty.class);
            String key = other == null ? component.getName() : other.value();
            properties.put(key, component(component, nullable));
            if (!nullable) {
                required.add(key);
            }
        }
        return SchemaDoc.object(title, properties, required);
    }

    private SchemaDoc component(RecordComponent component, boolean nullable) {
        OneOf only = component.getAnnotation(OneOf.class);
        if (only != null) {
            List<@Nullable String> words = new ArrayList<>(List.of(only.value()));
            if (nullable) {
                words.add(null);
            }
            return SchemaDoc.oneOf(words);
        }
        SchemaDoc schema = of(component.getGenericType());
        return nullable ? schema.orNull() : schema;
    }
}
