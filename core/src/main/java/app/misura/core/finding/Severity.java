package app.misura.core.finding;

import java.util.Locale;

/** How much a finding weighs; ordered from light to heavy. What passes is not a finding. */
public enum Severity {
    NOTE,
    WARNING,
    FAULT;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
