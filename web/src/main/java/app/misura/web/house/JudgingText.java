package app.misura.web.house;

import app.misura.core.finding.Severity;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.judging.Judging;
import app.misura.core.judging.Scatter;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Region;
import app.misura.core.norm.Rule;
import app.misura.core.norm.Shape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** How a house judges, as a text that is kept. Norms that ship are not written: a later version's stand then. */
final class JudgingText {
    private JudgingText() {}

    private record SettingDoc(String severity, double tolerance) {}

    private record RuleDoc(String of, Map<String, Double> factors, double constant, double spread, String about) {}

    private record ShapeDoc(String like, double share, List<String> of, double[] mean, double[][] covariance) {}

    private record NormsDoc(String source, List<ShapeDoc> shapes, List<RuleDoc> rules) {}

    private record Doc(
            Map<String, SettingDoc> settings, @Nullable NormsDoc norms, Map<String, Double> scatter) {}

    static String write(Judging judging) {
        Map<String, SettingDoc> settings = new TreeMap<>();
        judging.settings()
                .forEach((id, s) -> settings.put(id, new SettingDoc(s.severity().word(), s.tolerance())));
        return JsonText.write(new Doc(
                settings,
                judging.norms().equals(Norms.shipped()) ? null : doc(judging.norms()),
                new TreeMap<>(judging.scatter().sdCm())));
    }

    private static NormsDoc doc(Norms norms) {
        return new NormsDoc(
                norms.source(),
                norms.shapes().stream()
                        .map(s -> new ShapeDoc(s.like(), s.share(), s.of(), s.mean(), s.covariance()))
                        .toList(),
                norms.rules().stream()
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
            JsonNode norms = root.path("norms");
            return Judging.usual()
                    .with(settings)
                    .with(norms.isObject() ? norms(norms) : Norms.shipped())
                    .with(new Scatter(scatter));
        } catch (JsonRefused e) {
            throw new IllegalStateException("what the house judges by is unreadable", e);
        }
    }

    /**
     * What a house fitted. What one kept before people were measured (under {@code proportions}) was fitted to rules that are no
     * more: it goes by what ships until it fits anew.
     */
    private static Norms norms(JsonNode doc) {
        List<Shape> shapes = new ArrayList<>();
        for (JsonNode shape : doc.path("shapes")) {
            List<String> of = new ArrayList<>();
            shape.path("of").forEach(key -> of.add(key.asString()));
            double[][] covariance = new double[of.size()][];
            for (int i = 0; i < of.size(); i++) {
                covariance[i] = numbers(shape.path("covariance").path(i));
            }
            shapes.add(new Shape(
                    shape.path("like").asString(),
                    shape.path("share").asDouble(),
                    of,
                    numbers(shape.path("mean")),
                    covariance));
        }
        List<Rule> rules = new ArrayList<>();
        for (JsonNode rule : doc.path("rules")) {
            Map<String, Double> factors = new LinkedHashMap<>();
            rule.path("factors")
                    .properties()
                    .forEach(e -> factors.put(e.getKey(), e.getValue().asDouble()));
            rules.add(new Rule(
                    rule.path("of").asString(),
                    factors,
                    rule.path("constant").asDouble(),
                    rule.path("spread").asDouble(),
                    Region.valueOf(rule.path("about").asString())));
        }
        return Norms.shipped().with(doc.path("source").asString(), shapes, rules);
    }

    private static double[] numbers(JsonNode list) {
        double[] numbers = new double[list.size()];
        for (int i = 0; i < numbers.length; i++) {
            numbers[i] = list.path(i).asDouble();
        }
        return numbers;
    }
}
