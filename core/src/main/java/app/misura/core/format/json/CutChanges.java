package app.misura.core.format.json;

import app.misura.core.cut.CutSpec;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** What would be cut otherwise now than a kept {@code cut/1} says. */
public final class CutChanges {
    /** A finished measure is the same as long as a tape could not tell, mm. */
    private static final double SAME_MM = 0.5;

    private CutChanges() {}

    /**
     * The lines of the chain whose finished measure changed, in the order of the table: {@code seat 109.0 → 111.0 cm}; of a
     * document of another garment, that it is.
     *
     * @param kept the document as it was kept
     * @param now the cut as it is now
     * @param unit in which the lengths are said
     * @throws JsonRefused if the document cannot be read
     */
    public static List<String> of(String kept, CutSpec now, Unit unit) throws JsonRefused {
        JsonNode document = JsonText.parse(kept);
        String garment = document.path("garment").asString("");
        if (!garment.isEmpty() && !garment.equals(now.garment().id())) {
            return List.of("it is of another garment of this sheet");
        }
        Map<String, Double> before = new LinkedHashMap<>();
        for (JsonNode line : document.path("chain")) {
            before.put(line.path("line").stringValue(), line.path("finished").doubleValue());
        }
        List<String> changes = new ArrayList<>();
        for (CutSpec.Entry entry : CutJson.written(now)) {
            Double was = before.remove(entry.id());
            double is = entry.line().finished();
            String title = entry.line().line().title().toLowerCase(Locale.ROOT)
                    + entry.scope().suffix().replace('-', ' ');
            if (was == null) {
                changes.add(title + " " + said(is, unit) + ", new");
            } else if (Math.abs(was - is) > SAME_MM) {
                changes.add(title + " " + said(was, unit) + " → " + said(is, unit) + " " + unit.symbol());
            }
        }
        before.keySet().forEach(gone -> changes.add(gone.replace('-', ' ') + ", gone"));
        return changes;
    }

    private static String said(double mm, Unit unit) {
        return LengthText.column(Increment.said(Length.fromMm(mm), unit), unit);
    }
}
