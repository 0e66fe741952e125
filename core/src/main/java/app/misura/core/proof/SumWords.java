package app.misura.core.proof;

import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.Objects;

/** A sum said in words, for the page, the paper and whoever does not see the bracket. Never an open sum's missing number. */
public final class SumWords {
    private SumWords() {}

    /**
     * By how much the parts miss the whole, and which way: {@code S2 + D3 is 5.0 over S1}.
     *
     * @throws NullPointerException while a member is missing
     */
    public static String direction(Bracket bracket, Unit unit) {
        var gap = Objects.requireNonNull(bracket.gap(), "the sum is not judged yet");
        return String.join(" + ", bracket.closure().parts()) + " is " + LengthText.column(gap.abs(), unit)
                + (gap.isPositive() ? " over " : " under ")
                + String.join(" + ", bracket.closure().wholes());
    }

    /** The whole of it: {@code Inside leg: S2 + D3 = S1, wrong, S2 + D3 is 5.0 over S1}. */
    public static String whole(Bracket bracket, Unit unit) {
        String state = switch (bracket.state()) {
            case CLOSED -> "closed";
            case GAP, WRONG -> bracket.state().word() + ", " + direction(bracket, unit);
            case NOT_CHECKED -> "not checked";
            case TO_COME, OPEN -> "waits for " + String.join(", ", bracket.waiting());
        };
        return bracket.closure().name() + ": " + bracket.closure().equation() + ", " + state;
    }
}
