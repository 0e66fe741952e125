package app.misura.core.format.json;

import app.misura.core.finding.Acceptance;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * A finding that a person took as it is.
 *
 * @param values what it rests on, in mm, by value id; absent: whatever the sheet says
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record AcceptedDoc(
        String rule,
        String about,
        String reason,
        @Nullable Map<String, Double> values,
        @Nullable String at,
        @Nullable String by) {

    static final double NM_A_MM = 1e6;

    /** {@link AcceptedJson#read} gives the acceptance back. */
    public static AcceptedDoc of(Acceptance accepted) {
        Map<String, Double> values = new TreeMap<>();
        accepted.values().forEach((id, nanometres) -> values.put(id, nanometres / NM_A_MM));
        return new AcceptedDoc(
                accepted.rule(),
                accepted.about(),
                accepted.reason(),
                values.isEmpty() ? null : values,
                accepted.at().toString(),
                accepted.by());
    }
}
