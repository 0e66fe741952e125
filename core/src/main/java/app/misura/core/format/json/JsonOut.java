package app.misura.core.format.json;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Builds a JSON object whose keys stand in the order in which they were put. */
public final class JsonOut {
    private final Map<String, @Nullable Object> tree = new LinkedHashMap<>();

    private JsonOut() {}

    public static JsonOut object() {
        return new JsonOut();
    }

    /** A document of a kind such as {@code proof/1}. */
    public static JsonOut document(String kind) {
        return object().put("misura", kind);
    }

    public JsonOut put(String key, @Nullable Object value) {
        tree.put(key, value instanceof JsonOut out ? out.tree : value);
        return this;
    }

    public Map<String, @Nullable Object> tree() {
        return tree;
    }
}
