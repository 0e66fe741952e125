package app.misura.core.length;

import java.util.Locale;

/** The unit a tape is marked in. One nanometre is the grid on which every mark of both tapes lies exactly. */
public enum Unit {
    CM("cm", "centimetres", 10_000_000L),
    INCH("in", "inches", 25_400_000L);

    private final String symbol;
    private final String word;
    private final long nanometres;

    Unit(String symbol, String word, long nanometres) {
        this.symbol = symbol;
        this.word = word;
        this.nanometres = nanometres;
    }

    public String symbol() {
        return symbol;
    }

    /** Several of it, in a word. */
    public String word() {
        return word;
    }

    /** The length of one unit in nanometres, exactly. */
    public long nanometres() {
        return nanometres;
    }

    public Unit other() {
        return this == CM ? INCH : CM;
    }

    /** The unit with this symbol, {@code cm} or {@code in}. @throws IllegalArgumentException for any other text */
    public static Unit parse(String symbol) {
        for (Unit unit : values()) {
            if (unit.symbol.equals(symbol.toLowerCase(Locale.ROOT))) {
                return unit;
            }
        }
        throw new IllegalArgumentException("unit must be cm or in, not \"" + symbol + "\"");
    }
}
