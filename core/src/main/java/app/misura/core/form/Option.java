package app.misura.core.form;

import java.util.List;

/** A question the form asks besides the measures. */
public record Option(String id, String title, List<String> choices, String usual) {
    public Option {
        choices = List.copyOf(choices);
        if (!choices.contains(usual)) {
            throw new IllegalArgumentException(id + ": usual answer " + usual + " is none of " + choices);
        }
    }
}
