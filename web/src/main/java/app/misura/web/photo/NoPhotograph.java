package app.misura.web.photo;

/** What was sent is not kept. Its message is one sentence for whoever sent it. */
final class NoPhotograph extends RuntimeException {
    private static final long serialVersionUID = 1;

    NoPhotograph(String sentence) {
        super(sentence);
    }

    NoPhotograph(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    String sentence() {
        return String.valueOf(getMessage());
    }
}
