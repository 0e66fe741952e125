package app.misura.web.id;

/** What a text may hold that is kept under a name: titles, names of people, reasons. */
public final class Texts {
    /**
     * One line without control characters, and without those that turn the direction of what stands after them: a name that
     * reads otherwise than it is written is taken by nobody, page or program.
     */
    public static final String ONE_LINE = "[^\\p{Cntrl}\\u2028\\u2029\\u202A-\\u202E\\u2066-\\u2069]*";

    private Texts() {}

    public static boolean isOneLine(String text) {
        return text.matches(ONE_LINE);
    }
}
