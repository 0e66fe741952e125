package app.misura.web.ui;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a page has already: its parts by their ids, each with the mark it was sent with. A part whose mark is still the same
 * is not drawn again; its place says that the page keeps what it has.
 */
public record Has(Map<String, String> marks) {
    /** Name of the header in which a page says what it has: {@code figure=1f3a part-D=77c0}. */
    static final String HEADER = "Misura-Has";

    private static final long BASIS = 0xcbf29ce484222325L;
    private static final long PRIME = 0x100000001b3L;
    /** More than any page has; the rest is not believed, and sent. */
    private static final int MOST = 4000;

    static Has of(@Nullable String header) {
        if (header == null || header.length() > MOST) {
            return new Has(Map.of());
        }
        return new Has(Arrays.stream(header.strip().split("\\s+"))
                .map(each -> each.split("=", 2))
                .filter(pair -> pair.length == 2)
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1], (a, b) -> "")));
    }

    /** Whether the page has this part as it is now. */
    public boolean keeps(String id, String mark) {
        return mark.equals(marks.get(id));
    }

    /** The mark of what a part is: FNV-1a of its text in 64 bits, so that another part has another one. */
    public static String mark(CharSequence part) {
        long hash = BASIS;
        for (int i = 0; i < part.length(); i++) {
            hash = (hash ^ part.charAt(i)) * PRIME;
        }
        return Long.toHexString(hash);
    }
}
