package app.misura.core.format.json;

import app.misura.core.adjust.Network;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads a {@link NetworkDoc}, with every fault of it. */
public final class NetworkJson {
    /** More than any body or form has, and little enough to be solved at once. */
    private static final int LARGEST = 120;

    private NetworkJson() {}

    private static final int MOST_REMOVALS = 4;
    /** No body and no sum of one is larger than this in any unit. */
    private static final double LARGEST_NUMBER = 1e6;

    /** @throws JsonRefused with every fault of the document */
    public static Network read(JsonNode root) throws JsonRefused {
        if (root.path("measures").size() > LARGEST || root.path("closures").size() > LARGEST) {
            throw new JsonRefused(
                    JsonRefused.Why.WRONG,
                    List.of(new JsonFault(
                            root.path("measures").size() > LARGEST ? "/measures" : "/closures",
                            "at most " + LARGEST + " measures and " + LARGEST + " closures are solved")));
        }
        JsonIn in = JsonIn.document(root, "network/1");
        String unit = in.choice("unit", List.of("cm", "in"), "cm");
        Network.Settings settings = settings(in.object("settings"));
        Set<String> ids = new HashSet<>();
        List<Network.Measure> measures = in.list("measures", m -> measure(m, ids));
        Set<String> names = new HashSet<>();
        List<Network.Closure> closures = in.list("closures", c -> closure(c, ids, names, unit));
        in.finish();
        return new Network(settings, measures, closures);
    }

    private static Network.Settings settings(JsonIn in) {
        Network.Settings usual = Network.Settings.USUAL;
        double alpha = in.number("alpha", 1e-9, 0.999999, usual.alpha());
        String gate = in.choice("gate", List.of("suspect", "global"), "suspect");
        double parallel = in.number("parallel", 0.01, 1, usual.parallel());
        Integer removals = in.whole("maxRemovals");
        if (removals != null && (removals < 0 || removals > MOST_REMOVALS)) {
            in.fault("maxRemovals", "must lie between 0 and " + MOST_REMOVALS);
            removals = null;
        }
        in.close();
        return new Network.Settings(
                alpha,
                gate.equals("global") ? Network.Gate.GLOBAL : Network.Gate.SUSPECT,
                parallel,
                removals == null ? usual.maxRemovals() : removals);
    }

    private static Network.Measure measure(JsonIn in, Set<String> ids) {
        String id = in.text("id");
        if (!ids.add(id)) {
            in.fault("id", "is there twice");
        }
        Double value = bounded(in, "value");
        Double sd = bounded(in, "sd");
        double increment = in.number("increment", 0, 1e6, 0);
        if (sd == null || !(sd > 0)) {
            in.fault("sd", "must be a number above 0");
            sd = 1.0;
        }
        in.close();
        return new Network.Measure(id, value, sd, increment);
    }

    private static @Nullable Double bounded(JsonIn in, String key) {
        Double number = in.number(key);
        if (number != null && Math.abs(number) > LARGEST_NUMBER) {
            in.fault(key, "must lie between -" + (long) LARGEST_NUMBER + " and " + (long) LARGEST_NUMBER);
        }
        return number;
    }

    private static Network.Closure closure(JsonIn in, Set<String> ids, Set<String> names, String unit) {
        String id = in.text("id");
        if (!names.add(id)) {
            in.fault("id", "is there twice");
        }
        Map<String, Double> terms = in.numbers("terms");
        if (terms.isEmpty()) {
            in.fault("terms", "must name at least one measure");
        }
        Map<String, Double> kept = new LinkedHashMap<>(terms);
        for (String term : terms.keySet()) {
            if (!ids.contains(term)) {
                in.fault("terms", "names " + term + ", which is no measure here");
                kept.remove(term);
            }
        }
        Double constant = bounded(in, "constant");
        kept.replaceAll((term, factor) -> {
            if (Math.abs(factor) > LARGEST_NUMBER) {
                in.fault("terms", "has a factor of " + term + " beyond " + (long) LARGEST_NUMBER);
            }
            return factor;
        });
        double usual = unit.equals("in") ? 0.5 : 1;
        double tolerance = in.number("tolerance", 0, 1e6, usual);
        if (in.has("tolerance") && in.has("looseness")) {
            in.fault("looseness", "stands beside tolerance; say one of them");
        }
        double looseness = in.number("looseness", 0, 1e6, tolerance / 2);
        in.close();
        return new Network.Closure(id, kept, constant == null ? 0 : constant, looseness);
    }
}
