package app.misura.core.finding;

/** The rules that others than their own check ask for by name; the ids are stable. */
public final class Rules {
    /** A sum that faults its numbers, or several that do. */
    public static final String CLOSURE_WRONG = "closure-wrong";

    /** Left and right of one step differ more than sides mostly do. */
    public static final String LEFT_RIGHT = "left-right";

    /** Two tries of one value are further apart than the form allows. */
    public static final String AGREEMENT = "agreement";

    /** A value stands out from the rest of its body. */
    public static final String PROPORTION = "proportion";

    private Rules() {}
}
