package app.misura.core.draft;

/** What a promise is counted in. */
public enum Quantity {
    MM("mm"),
    DEGREES("deg"),
    SHARE("share");

    private final String word;

    Quantity(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
