package app.misura.web.store;

/** The house cannot be opened as its folder is: why, and what to do, in sentences for whoever starts it. */
public final class Unusable extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Unusable(String sentence) {
        super(sentence);
    }

    Unusable(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** @return the sentence */
    public String sentence() {
        return String.valueOf(getMessage());
    }
}
