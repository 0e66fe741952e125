package app.misura.core.reading;

import java.util.List;

/**
 * The takings of one value. The tries that are taken together for one purpose are a round; taking a value again, after a doubt,
 * a mark that moved or a body that changed, opens a new one. What a step keeps is settled from the newest round alone: two
 * tries of different days, or of before and after a slip was seen, are no widest and no narrowest of anything.
 */
public final class Rounds {
    private Rounds() {}

    /** The newest round of these tries of one value, struck or not; 0 if there are none. */
    public static int newest(List<Reading> tries) {
        return tries.stream().mapToInt(Reading::round).max().orElse(0);
    }

    /**
     * The tries that count: those of the newest round of which one does. Where every try of a round is struck the round is as
     * if it had not been opened, and the one before stands.
     */
    public static List<Reading> standing(List<Reading> tries) {
        int round = newest(tries.stream().filter(Reading::counts).toList());
        return tries.stream().filter(r -> r.counts() && r.round() == round).toList();
    }

    /** Those that counted before the newest round that stands, in order: they stay in sight. */
    public static List<Reading> before(List<Reading> tries) {
        int round = newest(tries.stream().filter(Reading::counts).toList());
        return tries.stream().filter(r -> r.counts() && r.round() < round).toList();
    }
}
