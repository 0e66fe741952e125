package app.misura.core.format.json;

import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * What is chosen for the cuts of one order: which garment of its form is looked at, and the choices of each, as stored
 * texts. Nothing stored makes an order unreadable: what is not understood is as usual.
 *
 * @param garment id of the one that is looked at
 * @param texts by garment; none for one of which nothing was chosen
 */
public record KeptChoices(String garment, Map<String, String> texts) {
    public KeptChoices {
        texts = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(texts));
    }

    /** A document that is stored. */
    private record Stored(String misura, String garment, Map<String, String> of) {}

    /**
     * Reads what is kept of an order. A text of choices alone is of the form's first garment.
     *
     * @param json empty where nothing was chosen yet
     * @param garments that are cut from the order's form, at least one
     */
    public static KeptChoices read(String json, List<Garment> garments) {
        String first = garments.get(0).id();
        if (json.isEmpty()) {
            return new KeptChoices(first, Map.of());
        }
        try {
            JsonNode root = JsonText.parse(json);
            if (!root.has("of")) {
                return new KeptChoices(first, Map.of(first, json));
            }
            Map<String, String> texts = new LinkedHashMap<>();
            garments.forEach(g -> Optional.ofNullable(root.path("of").get(g.id()))
                    .ifPresent(node -> texts.put(g.id(), node.asString(""))));
            String now = root.path("garment").asString("");
            boolean known = garments.stream().anyMatch(g -> g.id().equals(now));
            return new KeptChoices(known ? now : first, texts);
        } catch (JsonRefused e) {
            return new KeptChoices(first, Map.of());
        }
    }

    /** The choices of the garment that is looked at. */
    public Choices choices(Garment of, Choices usual) {
        return ChoicesJson.stored(texts.getOrDefault(of.id(), ""), of.choices(), usual);
    }

    /** With these choices for the garment that is looked at. */
    public KeptChoices with(Choices chosen) {
        Map<String, String> more = new LinkedHashMap<>(texts);
        more.put(garment, ChoicesJson.write(chosen));
        return new KeptChoices(garment, more);
    }

    /** Looking at another garment; what was chosen for each stays with it. */
    public KeptChoices turnedTo(String other) {
        return new KeptChoices(other, texts);
    }

    /** As a text; {@link #read} gives it back. @param garments that are cut from the order's form */
    public String write(List<Garment> garments) {
        return garments.size() == 1
                ? texts.getOrDefault(garment, "")
                : JsonText.write(new Stored("choices/2", garment, texts));
    }
}
