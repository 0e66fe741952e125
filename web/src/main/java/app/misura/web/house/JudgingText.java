package app.misura.web.house;

import app.misura.core.finding.Severity;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.judging.Judging;
import app.misura.core.judging.Proportion;
import app.misura.core.judging.Proportions;
import app.misura.core.judging.Scatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** How a house judges, as a text that is kept. Proportions that ship are not written: a later version's stand then. */
final class JudgingText {
    private JudgingText() {}

    private record SettingDoc(String severity, double tolerance) {}

    private record RuleDoc(String of, Map<String, Double> factors, double constant, double spread, String about) {}

    private record ProportionsDoc(String source, List<RuleDoc> rules) {}

    private record Doc(
            Map<String, SettingDoc> settings, @Nullable ProportionsDoc proportions, Map<String, Double> scatter) {}

    static String write(Judging judging) {
        Map<String, SettingDoc> settings = new TreeMap<>();
        judging.settings()
                .forEach((id, s) -> settings.put(id, new SettingDoc(s.severity().word(), s.tolerance())));
        return JsonText.write(new Doc(
                settings,
                judging.proportions().equals(Proportions.shipped()) ? null : doc(judging.proportions()),
                new TreeMap<>(judging.scatter().sdCm())));
    }

    private static ProportionsDoc doc(Proportions proportions) {
        return new ProportionsDoc(
                proportions.source(),
                proportions.rules().stream()
                        .map(r -> new RuleDoc(
                                r.of(),
                                r.factors(),
                                r.constant(),
                                r.spread(),
                                r.about().name()))
                        .toList());
    }

    static Judging read(String json) {
        try {
            JsonNode root = JsonText.parse(json);
            Map<String, Judging.Setting> settings = new LinkedHashMap<>();
            root.path("settings")
                    .properties()
                    .forEach(e -> settings.put(
                            e.getKey(),
                            new Judging.Setting(
                                    Severity.valueOf(e.getValue()
                                            .path("severity")
                                            .asString()
                                            .toUpperCase(java.util.Locale.ROOT)),
                                    e.getValue().path("tolerance").asDouble())));
            Map<String, Double> scatter = new LinkedHashMap<>();
            root.path("scatter")
                    .properties()
                    .forEach(e -> scatter.put(e.getKey(), e.getValue().asDouble()));
            JsonNode proportions = root.path("proportions");
            return Judging.usual()
                    .with(settings)
                    .with(proportions.isObject() ? proportions(proportions) : Proportions.shipped())
                    .with(new Scatter(scatter));
        } catch (JsonRefused e) {
            throw new IllegalStateException("what the house judges by is unreadable", e);
        }
    }

    private static Proportions proportions(JsonNode doc) {
        List<Proportion> rules = new ArrayList<>();
        for (JsonNode rule : doc.path("rules")) {
            Map<String, Double> factors = new LinkedHashMap<>();
            rule.path("factors")
                    .properties()
                    .forEach(e -> factors.put(e.getKey(), e.getValue().asDouble()));
            rules.add(new Proportion(
                    rule.path("of").asString(),
                    factors,
                    rule.path("constant").asDouble(),
                    rule.path("spread").asDouble(),
                    Proportion.Region.valueOf(rule.path("about").asString())));
        }
        return new Proportions(doc.path("source").asString(), rules);
    }
}
