package app.misura.core.format.json;

import java.util.List;

/** A document that cannot be taken, with everything that is wrong with it. */
public final class JsonRefused extends Exception {
    private static final long serialVersionUID = 1;

    /** Whether it is no JSON at all, or JSON that says something wrong. */
    public enum Why {
        UNREADABLE,
        WRONG,
        TOO_LARGE
    }

    private final Why why;
    private final transient List<JsonFault> faults;

    public JsonRefused(Why why, List<JsonFault> faults) {
        super(faults.isEmpty() ? why.name() : faults.get(0).message());
        this.why = why;
        this.faults = List.copyOf(faults);
    }

    public Why why() {
        return why;
    }

    public List<JsonFault> faults() {
        return faults;
    }
}
