package app.misura.web.history;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * What one hand changed at one time.
 *
 * @param by the account; empty where it was the program
 * @param lines what is otherwise than before; all of it the first time
 */
public record Change(Instant at, String by, List<Line> lines) {
    /** @param from and {@code to} empty where there was or is nothing */
    public record Line(String what, String from, String to) {}

    public Change {
        lines = List.copyOf(lines);
    }

    /** What differs between two states, in the order of the later one's words. */
    static List<Line> between(Map<String, String> before, Map<String, String> after) {
        List<Line> lines = new ArrayList<>();
        after.forEach((what, to) -> {
            String from = before.getOrDefault(what, "");
            if (!from.equals(to)) {
                lines.add(new Line(what, from, to));
            }
        });
        for (String what : new TreeSet<>(before.keySet())) {
            if (!after.containsKey(what) && !before.getOrDefault(what, "").isEmpty()) {
                lines.add(new Line(what, before.getOrDefault(what, ""), ""));
            }
        }
        return lines;
    }
}
