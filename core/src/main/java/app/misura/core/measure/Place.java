package app.misura.core.measure;

/**
 * Where a measure is taken that one body has at several places: {@code edge}, {@code second-level}. Part of what a value
 * is, like its condition.
 *
 * @param word hyphenated; empty where the measure has one place only
 */
public record Place(String word) {
    public static final Place ONLY = new Place("");

    public Place {
        if (!word.isEmpty() && !word.matches("[a-z]+(-[a-z]+)*")) {
            throw new IllegalArgumentException("\"" + word + "\" is no place; a word such as second-level is");
        }
    }

    public boolean isOnly() {
        return word.isEmpty();
    }

    /** In words: {@code second level}. */
    public String words() {
        return word.replace('-', ' ');
    }
}
