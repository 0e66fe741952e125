package app.misura.core.format.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Reads one JSON object key by key. Nothing throws while reading: what is missing, unknown or of the wrong type is
 * collected with its place, and {@link #finish} refuses the document with all of it at once.
 *
 * <p>Use: ask for every key the object may have, then {@link #close} it, which names the keys nobody asked for.
 */
public final class JsonIn {
    private final JsonNode node;
    private final String path;
    private final List<JsonFault> faults;
    /** More than this is wrong with no document that somebody means to mend. */
    private static final int MOST_FAULTS = 10_000;

    private final Set<String> known = new LinkedHashSet<>();

    private JsonIn(JsonNode node, String path, List<JsonFault> faults) {
        this.node = node;
        this.path = path;
        this.faults = faults;
        if (!node.isObject()) {
            fault("must be an object");
        }
    }

    /** The whole document, which must say that it is of that kind. */
    public static JsonIn document(JsonNode root, String kind) {
        JsonIn in = new JsonIn(root, "", new ArrayList<>());
        if (root.isObject()) {
            String said = in.text("misura", null);
            if (said != null && !said.equals(kind)) {
                in.fault("misura", "this is \"" + clip(said) + "\"; here \"" + kind + "\" is taken");
            }
        }
        return in;
    }

    public List<JsonFault> faults() {
        return faults;
    }

    public void fault(String key, String message) {
        add(new JsonFault(path + "/" + escaped(key), message));
    }

    public void fault(String message) {
        add(new JsonFault(path, message));
    }

    private void add(JsonFault fault) {
        if (faults.size() < MOST_FAULTS) {
            faults.add(fault);
        }
    }

    private static String escaped(String key) {
        return clip(key).replace("~", "~0").replace("/", "~1");
    }

    private static String clip(String text) {
        return text.length() > 60 ? text.substring(0, 60) + "…" : text;
    }

    /** A list or an object that is there and is null is none. */
    private @Nullable JsonNode within(String key) {
        if (node.isObject() && node.has(key) && node.get(key).isNull()) {
            fault(key, "must not be null; leave it out");
        }
        return get(key);
    }

    private @Nullable JsonNode get(String key) {
        known.add(key);
        JsonNode value = node.isObject() ? node.get(key) : null;
        return value == null || value.isNull() ? null : value;
    }

    public boolean has(String key) {
        return get(key) != null;
    }

    /** A text; absent: the fallback, or a fault if that is null. */
    public @Nullable String text(String key, @Nullable String fallback) {
        JsonNode value = get(key);
        if (value == null) {
            if (fallback == null && node.isObject()) {
                fault(key, "is missing");
            }
            return fallback;
        }
        if (!value.isString()) {
            fault(key, "must be a text");
            return fallback;
        }
        return value.stringValue();
    }

    /** A text that must be there; "" where it is not, which is a fault already. */
    public String text(String key) {
        String text = text(key, null);
        return text == null ? "" : text;
    }

    public @Nullable String textOrNull(String key) {
        return has(key) ? text(key, null) : null;
    }

    /** One of some texts; the fallback where it is absent or (a fault) another. */
    public String choice(String key, List<String> choices, String fallback) {
        String text = text(key, fallback);
        if (text == null || !choices.contains(text)) {
            fault(key, "must be one of " + choices + ", not \"" + clip(String.valueOf(text)) + "\"");
            return fallback;
        }
        return text;
    }

    /** A text, or a whole number as it is written; "" and a fault where it is neither. */
    public String word(String key) {
        JsonNode value = get(key);
        if (value == null || !value.isString() && !value.isNumber()) {
            fault(key, "must be a text or a number");
            return "";
        }
        return plainWord(value);
    }

    static String plainWord(JsonNode value) {
        return value.isString() ? value.stringValue() : value.isNumber() ? plain(value.doubleValue()) : "";
    }

    public @Nullable Double number(String key) {
        JsonNode value = get(key);
        if (value == null) {
            return null;
        }
        if (!value.isNumber()) {
            fault(key, "must be a number");
            return null;
        }
        return value.doubleValue();
    }

    /** A number within bounds, both inclusive; the fallback where it is absent or (a fault) outside. */
    public double number(String key, double low, double high, double fallback) {
        Double value = number(key);
        if (value == null) {
            return fallback;
        }
        if (!(value >= low && value <= high)) {
            fault(key, "must lie between " + plain(low) + " and " + plain(high) + ", not " + plain(value));
            return fallback;
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? String.valueOf((long) value)
                : String.valueOf(value);
    }

    /** Whether it says true; false where nothing is said. */
    public boolean yes(String key) {
        JsonNode value = get(key);
        if (value != null && !value.isBoolean()) {
            fault(key, "must be true or false");
        }
        return value != null && value.isBoolean() && value.booleanValue();
    }

    public @Nullable Integer whole(String key) {
        Double value = number(key);
        if (value == null) {
            return null;
        }
        if (value != Math.rint(value) || Math.abs(value) > 1e9) {
            fault(key, "must be a whole number");
            return null;
        }
        return value.intValue();
    }

    /** An object, or an empty one where it is absent. */
    public JsonIn object(String key) {
        JsonNode value = get(key);
        if (value == null) {
            return new JsonIn(
                    tools.jackson.databind.node.JsonNodeFactory.instance.objectNode(), path + "/" + key, faults);
        }
        return new JsonIn(value, path + "/" + escaped(key), faults);
    }

    /** The objects of a list; empty where it is absent. */
    public <T> List<T> list(String key, Function<JsonIn, T> each) {
        JsonNode value = within(key);
        List<T> items = new ArrayList<>();
        if (value == null) {
            return items;
        }
        if (!value.isArray()) {
            fault(key, "must be a list");
            return items;
        }
        for (int i = 0; i < value.size(); i++) {
            items.add(each.apply(new JsonIn(value.get(i), path + "/" + escaped(key) + "/" + i, faults)));
        }
        return items;
    }

    public Map<String, Double> numbers(String key) {
        return entries(key, JsonNode::isNumber, JsonNode::doubleValue, "must be a number");
    }

    public Map<String, String> texts(String key) {
        return entries(key, JsonNode::isString, JsonNode::stringValue, "must be a text");
    }

    private <T> Map<String, T> entries(
            String key, java.util.function.Predicate<JsonNode> is, Function<JsonNode, T> get, String message) {
        JsonNode value = get(key);
        Map<String, T> entries = new LinkedHashMap<>();
        if (value == null) {
            return entries;
        }
        if (!value.isObject()) {
            fault(key, "must be an object");
            return entries;
        }
        value.propertyStream().forEach(entry -> {
            if (is.test(entry.getValue())) {
                entries.put(entry.getKey(), get.apply(entry.getValue()));
            } else {
                add(new JsonFault(path + "/" + escaped(key) + "/" + escaped(entry.getKey()), message));
            }
        });
        return entries;
    }

    /** Names every key that nobody asked for. */
    public void close() {
        if (node.isObject()) {
            for (String key : node.propertyNames()) {
                if (!known.contains(key)) {
                    fault(key, "is not known here; known are " + known);
                }
            }
        }
    }

    /** @throws JsonRefused with every fault, if there was one anywhere in the document */
    public void finish() throws JsonRefused {
        close();
        refuseFaults();
    }

    /** @throws JsonRefused with every fault, if there was one anywhere in the document */
    public void refuseFaults() throws JsonRefused {
        if (!faults.isEmpty()) {
            throw new JsonRefused(JsonRefused.Why.WRONG, faults);
        }
    }
}
