package app.misura.core.form;

import java.util.List;
import java.util.Map;

/** A question the form asks besides the measures. */
public record Option(String id, String title, List<String> choices, String usual) {
    public Option {
        choices = List.copyOf(choices);
        if (!choices.contains(usual)) {
            throw new IllegalArgumentException(id + ": usual answer " + usual + " is none of " + choices);
        }
    }

    /** Whether something that is asked for under these answers is asked for under the usual answer to this question. */
    boolean isUsualOf(Map<String, String> onlyIf) {
        return onlyIf.getOrDefault(id, usual).equals(usual);
    }
}
