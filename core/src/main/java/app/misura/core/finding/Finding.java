package app.misura.core.finding;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What one rule found, as a value that can be compared with yesterday's.
 *
 * @param rule the rule's stable id, such as {@code closure-gap}
 * @param steps the steps it is about, by the form's own labels, in form order
 * @param evidence the numbers it rests on, by name, in the unit the sheet is written in
 * @param sentence one plain sentence
 * @param action what to do now
 */
public record Finding(
        String rule,
        Severity severity,
        List<String> steps,
        Map<String, Object> evidence,
        String sentence,
        String action) {
    public Finding {
        steps = List.copyOf(steps);
        evidence = Collections.unmodifiableMap(new LinkedHashMap<>(evidence));
    }

    public boolean isFault() {
        return severity == Severity.FAULT;
    }
}
