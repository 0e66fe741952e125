package app.misura.core.finding;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What one rule found, as a value that can be compared with yesterday's.
 *
 * @param rule the rule's stable id, such as {@code closure-gap}
 * @param about what of the form it is about: a sum's or a check's id, a step, the values under suspicion
 * @param severity how much it weighs while nobody accepted it
 * @param steps the steps it is about, by the form's own labels, in form order
 * @param values the values it rests on; an acceptance falls with any of them
 * @param evidence the numbers it rests on, by name, in the unit the sheet is written in
 * @param sentence one plain sentence
 * @param action what to do now
 * @param accepted who took it as it is; null while it is open
 */
public record Finding(
        String rule,
        String about,
        Severity severity,
        List<String> steps,
        List<String> values,
        Map<String, Object> evidence,
        String sentence,
        String action,
        @Nullable Acceptance accepted) {
    public Finding {
        steps = List.copyOf(steps);
        values = List.copyOf(values);
        evidence = Collections.unmodifiableMap(new LinkedHashMap<>(evidence));
        sentence = Spoken.of(sentence);
        action = Spoken.of(action);
    }

    /** One that nobody has accepted. */
    public Finding(
            String rule,
            String about,
            Severity severity,
            List<String> steps,
            List<String> values,
            Map<String, Object> evidence,
            String sentence,
            String action) {
        this(rule, about, severity, steps, values, evidence, sentence, action, null);
    }

    public Finding accepted(Acceptance acceptance) {
        return new Finding(rule, about, severity, steps, values, evidence, sentence, action, acceptance);
    }

    public boolean isAccepted() {
        return accepted != null;
    }

    /** Whether it is a fault that nobody accepted. */
    public boolean isFault() {
        return severity == Severity.FAULT && !isAccepted();
    }

    /** Whether it is a warning that nobody accepted. */
    public boolean isWarning() {
        return severity == Severity.WARNING && !isAccepted();
    }

    /** Whether a person can take it as it is: a warning or a fault that rests on values of this body. */
    public boolean isAcceptable() {
        return severity != Severity.NOTE && !isAccepted() && !values.isEmpty();
    }

    /** One text that tells it from every other finding of its sheet. */
    public String key() {
        return rule + " " + about;
    }
}
