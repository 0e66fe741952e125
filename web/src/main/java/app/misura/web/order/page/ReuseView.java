package app.misura.web.order.page;

import app.misura.core.known.Reuse;
import app.misura.web.known.KnownBody;
import app.misura.web.reading.Origin;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What is known of a body for a form, as a page says it.
 *
 * @param left "9 of 27 to take"; empty where nothing is taken over
 * @param taken from which orders how many values come
 * @param anew what is known and is to be taken anew, by the reason
 */
record ReuseView(String left, String taken, List<String> anew) {
    static ReuseView of(KnownBody.ToTake toTake) {
        return new ReuseView(toTake.words(), taken(toTake.reuse()), anew(toTake.reuse()));
    }

    /** "18 values from order 12, 3 from order 9"; empty if none. */
    static String taken(Reuse<Origin> reuse) {
        Map<Integer, Long> by = reuse.carried().stream()
                .collect(Collectors.groupingBy(c -> c.source().sheet().number(), Collectors.counting()));
        return by.entrySet().stream()
                .sorted(Map.Entry.<Integer, Long>comparingByKey().reversed())
                .map(e -> count(e.getValue()) + " from order " + e.getKey())
                .collect(Collectors.joining(", "));
    }

    private static String count(long values) {
        return values == 1 ? "1 value" : values + " values";
    }

    /** "D1, D2: from another waist". */
    static List<String> anew(Reuse<Origin> reuse) {
        Map<Reuse.Why, List<String>> by = reuse.not().stream()
                .collect(Collectors.groupingBy(
                        Reuse.Not::why, Collectors.mapping(n -> n.value().step(), Collectors.toList())));
        return by.entrySet().stream()
                .sorted(Comparator.comparing(Map.Entry::getKey))
                .map(e -> e.getValue().stream().distinct().collect(Collectors.joining(", ")) + ": "
                        + e.getKey().said())
                .toList();
    }
}
