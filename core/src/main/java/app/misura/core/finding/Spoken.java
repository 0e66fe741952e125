package app.misura.core.finding;

import java.util.List;
import java.util.regex.Pattern;

/** Values as a sentence says them: documents name {@code D9-left}, people say {@code D9 left}. */
public final class Spoken {
    private static final Pattern SIDED = Pattern.compile("\\b([A-Z]\\d+[a-z]?)-(left|right)\\b");

    private Spoken() {}

    /** A sentence in which the sides of values stand as words. */
    public static String of(String sentence) {
        return SIDED.matcher(sentence).replaceAll("$1 $2");
    }

    /** Names as people list them: {@code S1, D9 left and U1}. */
    public static String list(List<String> names) {
        int last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
