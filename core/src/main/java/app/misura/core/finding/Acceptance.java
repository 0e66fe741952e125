package app.misura.core.finding;

import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * That a person took a finding as it is, with a reason. It stands as long as every value it rests on stays what it was.
 *
 * @param rule of the finding
 * @param about what of the form the finding is about
 * @param values what it rests on, in nanometres, by value id; empty for whatever stands on the sheet it came with
 * @param by whoever answers for it
 */
public record Acceptance(String rule, String about, Map<String, Long> values, String reason, String by, Instant at) {
    /** A reason is at most so long. */
    public static final int LONGEST_REASON = 200;

    public Acceptance {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    /** Whether it is about this finding and stands. @param now the values of the sheet in nanometres, by value id */
    public boolean stands(Finding finding, Map<String, Long> now) {
        return stands(finding.rule(), finding.about(), finding.values(), now);
    }

    /** The same of a finding that is not made yet. */
    public boolean stands(String otherRule, String otherAbout, List<String> ids, Map<String, Long> now) {
        return rule.equals(otherRule)
                && about.equals(otherAbout)
                && (values.isEmpty() || values.equals(resting(ids, now)));
    }

    /** Those of some values that have a length now. */
    public static Map<String, Long> resting(List<String> ids, Map<String, Long> now) {
        Map<String, Long> resting = new LinkedHashMap<>();
        for (String id : ids) {
            Long length = now.get(id);
            if (length != null) {
                resting.put(id, length);
            }
        }
        return resting;
    }
}
