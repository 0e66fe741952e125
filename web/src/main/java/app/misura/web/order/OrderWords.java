package app.misura.web.order;

import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** An order as it stands in the list of changes. */
final class OrderWords {
    private OrderWords() {}

    static Map<String, String> of(OrderEntity order) {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("Title", order.title);
        words.put("Form", order.form + " " + order.formVersion);
        words.put("Unit", order.unit);
        words.put("Stage", order.stage.word());
        words.put("Needed on", order.neededOn == null ? "" : order.neededOn.toString());
        words.put("Note", order.notes);
        words.put("Steps besides", order.added);
        words.put("House tables", order.tables == null ? "" : order.tables.toString());
        all("Question", order.options, words);
        all("Cut", order.choices, words);
        words.remove("Cut: misura");
        return words;
    }

    private static void all(String before, String json, Map<String, String> words) {
        if (!json.isEmpty()) {
            try {
                flat(before + ": ", JsonText.parse(json.getBytes(StandardCharsets.UTF_8)), words);
            } catch (JsonRefused e) {
                throw new IllegalStateException("what is stored of an order is unreadable", e);
            }
        }
    }

    private static void flat(String name, JsonNode node, Map<String, String> words) {
        node.propertyStream().forEach(each -> {
            if (each.getValue().isObject()) {
                flat(each.getKey().equals("choices") ? name : name + each.getKey() + " ", each.getValue(), words);
            } else {
                words.put(name + each.getKey(), each.getValue().asString());
            }
        });
    }
}
