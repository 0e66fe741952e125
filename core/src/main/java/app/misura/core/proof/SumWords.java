package app.misura.core.proof;

import app.misura.core.form.Closure;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

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
        Closure closure = bracket.closure();
        return closure.partsSaid(unit) + " is " + LengthText.column(gap.abs(), unit)
                + (gap.isPositive() ? " over " : " under ")
                + closure.said(closure.wholes());
    }

    /**
     * The sum with its numbers, to be read aloud: {@code Inside leg: S2 40.0 plus D3 45.5 is 85.5; S1 is 78.5; 7.0 over;
     * allowed 1.0}. Of an open sum only what it waits for: never the missing number.
     */
    public static String aloud(Bracket bracket, Proof proof) {
        Closure closure = bracket.closure();
        Length gap = bracket.gap();
        String name = name(closure);
        if (gap == null) {
            return name + ": " + named(closure.parts(), closure) + " is " + named(closure.wholes(), closure) + "; "
                    + (bracket.waiting().isEmpty() ? "not checked" : "waits for " + joined(" and ", bracket.waiting()));
        }
        Unit unit = proof.sheet().unit();
        double whole = closure.wholes().stream()
                .mapToDouble(l -> factor(closure, l) * value(proof, l).to(unit))
                .sum();
        String sum = LengthText.column(Length.from(whole, unit).plus(gap), unit);
        String over = gap.equals(Length.ZERO)
                ? "it closes"
                : LengthText.column(gap.abs(), unit) + (gap.isPositive() ? " over" : " under");
        Length added = closure.added();
        String number = added.equals(Length.ZERO)
                ? ""
                : (added.isPositive() ? " plus " : " less ") + LengthText.column(added.abs(), unit);
        return name + ": " + valued(closure.parts(), closure, proof, " ") + number + " is " + sum + "; "
                + valued(closure.wholes(), closure, proof, " is ") + "; " + over + "; allowed "
                + LengthText.column(closure.tolerance(), unit);
    }

    private static String joined(String between, List<ValueId> values) {
        return values.stream().map(ValueId::toString).collect(Collectors.joining(between));
    }

    private static double factor(Closure closure, ValueId value) {
        return closure.factor(value);
    }

    private static Length value(Proof proof, ValueId label) {
        return proof.value(label).orElseThrow();
    }

    private static String named(List<ValueId> labels, Closure closure) {
        return labels.stream().map(l -> times(factor(closure, l)) + l).collect(Collectors.joining(" plus "));
    }

    private static String valued(List<ValueId> labels, Closure closure, Proof proof, String between) {
        return labels.stream()
                .map(l -> times(factor(closure, l))
                        + l
                        + between
                        + LengthText.column(value(proof, l), proof.sheet().unit()))
                .collect(Collectors.joining(" plus "));
    }

    private static String times(double factor) {
        return factor == 1 ? "" : factor == 0.5 ? "half of " : Math.round(factor) + " times ";
    }

    /** How a sum stands, in a few words: {@code Loop waits for S5}, {@code Inside leg: S2 + D3 is 5.0 over S1}. */
    public static String brief(Bracket bracket, Unit unit) {
        String name = name(bracket.closure());
        return switch (bracket.state()) {
            case CLOSED -> name + " closes";
            case GAP, WRONG -> name + ": " + direction(bracket, unit);
            case ACCEPTED -> name + ": " + direction(bracket, unit) + ", accepted";
            case NOT_CHECKED -> name + " is not checked";
            case TO_COME, OPEN -> name + " waits for " + joined(", ", bracket.waiting());
        };
    }

    private static String name(Closure closure) {
        return Character.toUpperCase(closure.name().charAt(0)) + closure.name().substring(1);
    }
}
