package app.misura.core.judging;

import app.misura.core.finding.Severity;
import app.misura.core.resource.Shipped;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One kind of check, as a declaration: what it asks, why, on whose word.
 *
 * @param id stable; the rule of its findings
 * @param asked when
 * @param may how much it may weigh here, the usual weight first
 * @param tolerance what of it a house may set; null where nothing is
 */
public record Check(
        String id,
        String name,
        String says,
        String reason,
        String source,
        String asked,
        List<Severity> may,
        @Nullable Tolerance tolerance) {

    private static final String WITH_EVERY_READING = "with every reading";

    /** A number that a house may choose between two ends. @param unit what it is in; empty for a plain number */
    public record Tolerance(String name, String unit, double usual, double low, double high) {}

    record Doc(List<CheckDoc> checks) {}

    record CheckDoc(
            String id,
            String name,
            String says,
            String reason,
            String source,
            @Nullable String asked,
            List<String> may,
            @Nullable Tolerance tolerance) {}

    private static final class All {
        static final Map<String, Check> BY_ID = read();

        static Map<String, Check> read() {
            Map<String, Check> checks = new LinkedHashMap<>();
            for (CheckDoc doc : Shipped.yaml("house/checks.yaml", Doc.class).checks()) {
                List<Severity> may = doc.may().stream()
                        .map(word -> Severity.valueOf(word.toUpperCase(Locale.ROOT)))
                        .toList();
                checks.put(
                        doc.id(),
                        new Check(
                                doc.id(),
                                doc.name(),
                                doc.says(),
                                doc.reason(),
                                doc.source(),
                                doc.asked() == null ? WITH_EVERY_READING : doc.asked(),
                                may,
                                doc.tolerance()));
            }
            return checks;
        }
    }

    public Check {
        may = List.copyOf(may);
    }

    /** Every kind, in the order in which they are asked. */
    public static List<Check> all() {
        return List.copyOf(All.BY_ID.values());
    }

    /** @throws IllegalArgumentException if there is none of that id */
    public static Check named(String id) {
        Check check = All.BY_ID.get(id);
        if (check == null) {
            throw new IllegalArgumentException("no check is called " + id);
        }
        return check;
    }

    /** What it weighs where the house set nothing. */
    public Severity usual() {
        return may.get(0);
    }

    /** Whether a house can choose anything of it. */
    public boolean isOpen() {
        return may.size() > 1 || tolerance != null;
    }
}
