package app.misura.core.format.markup;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Writes XHTML and SVG. Every text and every value of an attribute is escaped and freed of what no page may hold; every tag
 * that is opened is closed in its turn. Deterministic: the same calls give the same characters.
 *
 * <pre>{@code
 * new Markup().open("p", "class", "soft").text("a < b").close().toString()   // <p class="soft">a &lt; b</p>
 * }</pre>
 */
public final class Markup {
    /** Whole numbers up to here are written exactly. */
    private static final double WHOLE = 1e15;

    private final StringBuilder out = new StringBuilder();
    private final Deque<String> open = new ArrayDeque<>();

    /**
     * Opens a tag.
     *
     * @param attributes names and values in turn; a null value leaves its attribute out, a number is written with its
     *     fewest digits, at most three behind the point
     */
    public Markup open(String tag, @Nullable Object... attributes) {
        start(tag, attributes);
        out.append('>');
        open.push(tag);
        return this;
    }

    /** A tag with nothing in it. */
    public Markup empty(String tag, @Nullable Object... attributes) {
        start(tag, attributes);
        out.append("/>");
        return this;
    }

    /** A tag with a text in it. */
    public Markup element(String tag, String text, @Nullable Object... attributes) {
        return open(tag, attributes).text(text).close();
    }

    private void start(String tag, @Nullable Object... attributes) {
        out.append('<').append(tag);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            if (value != null) {
                out.append(' ').append(attributes[i]).append("=\"");
                if (value instanceof Number number) {
                    out.append(number(number.doubleValue()));
                } else {
                    escape(value.toString());
                }
                out.append('"');
            }
        }
    }

    public Markup text(String text) {
        escape(text);
        return this;
    }

    /** Closes what was opened last. @throws java.util.NoSuchElementException if nothing is open */
    public Markup close() {
        out.append("</").append(open.pop()).append('>');
        return this;
    }

    /** Closes what was opened last, which must be this tag. */
    public Markup close(String tag) {
        if (!tag.equals(open.peek())) {
            throw new IllegalStateException("open is " + open.peek() + ", not " + tag);
        }
        return close();
    }

    /** What another writer wrote, as it is. */
    public Markup add(Markup other) {
        out.append(other.whole());
        return this;
    }

    /** A new line between tags, for files that people read. */
    public Markup line() {
        out.append('\n');
        return this;
    }

    /** What stands before everything else: {@code <!DOCTYPE html>}, {@code <?xml ...?>}. */
    public Markup prologue(String declaration) {
        if (!out.isEmpty()) {
            throw new IllegalStateException("something is written already");
        }
        out.append(declaration);
        return this;
    }

    private String whole() {
        if (!open.isEmpty()) {
            throw new IllegalStateException("still open: " + open);
        }
        return out.toString();
    }

    /** All of it. @throws IllegalStateException while a tag is open */
    @Override
    public String toString() {
        return whole();
    }

    /** Most texts are plain and are written as they are. */
    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c < 0x20 || c >= 0x7F || c == '&' || c == '<' || c == '>' || c == '"') {
                return false;
            }
        }
        return true;
    }

    private void escape(String text) {
        if (isPlain(text)) {
            out.append(text);
            return;
        }
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            i += Character.charCount(c);
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '"' -> out.append("&quot;");
                default -> {
                    if (isAllowed(c)) {
                        out.appendCodePoint(c);
                    }
                }
            }
        }
    }

    /** The characters that XML 1.0 holds, but for control characters. */
    private static boolean isAllowed(int c) {
        return c == '\n'
                || c == '\t'
                || c >= 0x20 && c < 0x7F
                || c >= 0xA0 && c < 0xD800
                || c >= 0xE000 && c < 0xFFFE
                || c >= 0x10000;
    }

    /** A number with at most three digits behind the point, and no more than it needs. */
    public static String number(double value) {
        if (value == Math.rint(value) && Math.abs(value) < WHOLE) {
            return Long.toString((long) value);
        }
        String text = String.format(Locale.ROOT, "%.3f", value);
        int end = text.length();
        while (text.charAt(end - 1) == '0') {
            end--;
        }
        if (text.charAt(end - 1) == '.') {
            end--;
        }
        String shortest = text.substring(0, end);
        return shortest.equals("-0") ? "0" : shortest;
    }
}
