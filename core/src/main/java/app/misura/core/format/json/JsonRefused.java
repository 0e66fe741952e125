package app.misura.core.format.json;

import java.util.ArrayList;
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

    private static final int MOST_TOLD = 100;
    private final Why why;
    private final transient List<JsonFault> faults;

    public JsonRefused(Why why, List<JsonFault> faults) {
        super(faults.isEmpty() ? why.name() : faults.get(0).message());
        this.why = why;
        this.faults = told(faults);
    }

    /** The first hundred, and how many more there are: an answer is not larger than what was sent. */
    private static List<JsonFault> told(List<JsonFault> all) {
        if (all.size() <= MOST_TOLD) {
            return List.copyOf(all);
        }
        List<JsonFault> told = new ArrayList<>(all.subList(0, MOST_TOLD));
        told.add(new JsonFault("", "and " + (all.size() - MOST_TOLD) + " more"));
        return List.copyOf(told);
    }

    public Why why() {
        return why;
    }

    public List<JsonFault> faults() {
        return faults;
    }
}
