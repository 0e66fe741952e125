package app.misura.core.format.json;

import app.misura.core.garment.ChoiceDef;
import app.misura.core.garment.ChoiceSheet;
import app.misura.core.garment.Choices;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** The choices of a cut in documents: each under the key its definition names, within the bounds its definition has. */
public final class ChoicesJson {
    private ChoicesJson() {}

    /** The {@code choices} of a document; what it leaves out is as usual. Faults are collected in the document. */
    static Choices read(JsonIn in, ChoiceSheet sheet, Choices usual) {
        Map<String, String> words = new LinkedHashMap<>(usual.words());
        Map<String, Double> numbers = new LinkedHashMap<>(usual.numbers());
        Map<String, JsonIn> inner = new LinkedHashMap<>();
        for (ChoiceDef def : sheet.defs()) {
            String key = def.json().substring(def.json().lastIndexOf('.') + 1);
            JsonIn at = holder(def.json(), in, inner);
            if (!at.has(key)) {
                continue;
            }
            if (def.isPick()) {
                String word = at.word(key);
                def.fault(word).ifPresentOrElse(why -> at.fault(key, why), () -> words.put(def.id(), word));
            } else {
                Double number = at.number(key);
                if (number != null) {
                    def.fault(number).ifPresentOrElse(why -> at.fault(key, why), () -> numbers.put(def.id(), number));
                }
            }
        }
        inner.values().forEach(JsonIn::close);
        in.close();
        return new Choices(sheet, words, numbers);
    }

    /** The object that a key lies in: {@code cloth.hang.grams} in {@code hang} in {@code cloth}. */
    private static JsonIn holder(String path, JsonIn in, Map<String, JsonIn> inner) {
        int dot = path.lastIndexOf('.');
        if (dot < 0) {
            return in;
        }
        String outer = path.substring(0, dot);
        JsonIn known = inner.get(outer);
        if (known == null) {
            known = holder(outer, in, inner).object(outer.substring(outer.lastIndexOf('.') + 1));
            inner.put(outer, known);
        }
        return known;
    }

    /**
     * Stored choices. Whatever an earlier release kept that is no choice any more is as usual again; nothing stored makes
     * an order unreadable.
     */
    public static Choices stored(String json, ChoiceSheet sheet, Choices usual) {
        if (json.isEmpty()) {
            return usual;
        }
        try {
            JsonNode root = JsonText.parse(json);
            Choices choices = usual;
            for (ChoiceDef def : sheet.defs()) {
                choices = with(choices, def, node(root.path("choices"), def.json()));
            }
            return choices;
        } catch (JsonRefused e) {
            return usual;
        }
    }

    private static Choices with(Choices choices, ChoiceDef def, @Nullable JsonNode node) {
        if (node == null || node.isNull() || node.isMissingNode()) {
            return choices;
        }
        if (def.isPick()) {
            String word = JsonIn.plainWord(node);
            return def.fault(word).isEmpty() ? choices.with(def.id(), word) : choices;
        }
        return node.isNumber() && def.fault(node.doubleValue()).isEmpty()
                ? choices.with(def.id(), node.doubleValue())
                : choices;
    }

    private static JsonNode node(JsonNode choices, String path) {
        JsonNode at = choices;
        for (String key : path.split("\\.")) {
            at = at.path(key);
        }
        return at;
    }

    /** Choices as they are stored. */
    private record Stored(String misura, Map<String, @Nullable Object> choices) {}

    /** Choices as a text; {@link #stored} gives them back. */
    public static String write(Choices choices) {
        return JsonText.write(new Stored("choices/1", tree(choices)));
    }

    /** The {@code choices} of a document. */
    public static Map<String, @Nullable Object> tree(Choices choices) {
        Map<String, @Nullable Object> tree = new LinkedHashMap<>();
        for (ChoiceDef def : choices.sheet().defs()) {
            Object value = def.isPick()
                    ? value(def, choices.word(def.id()))
                    : choices.numbers().get(def.id());
            put(tree, def.json(), value);
        }
        return tree;
    }

    /** A word that counts something is written as a number. */
    private static Object value(ChoiceDef def, String word) {
        return def.words().stream().allMatch(w -> w.matches("\\d+")) ? (Object) Integer.valueOf(word) : word;
    }

    private static void put(Map<String, @Nullable Object> tree, String path, @Nullable Object value) {
        int dot = path.indexOf('.');
        if (dot < 0) {
            tree.put(path, value);
            return;
        }
        @SuppressWarnings("unchecked")
        Map<String, @Nullable Object> inner = (Map<String, @Nullable Object>)
                tree.computeIfAbsent(path.substring(0, dot), k -> new LinkedHashMap<String, @Nullable Object>());
        put(java.util.Objects.requireNonNull(inner), path.substring(dot + 1), value);
    }
}
