package app.misura.core.length;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;

/**
 * The fineness a form reads to, such as half centimetres or quarter inches: a positive step of one unit.
 *
 * @param step the distance between two neighbouring values
 * @param unit the tape it belongs to
 */
public record Increment(Length step, Unit unit) {
    public Increment {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("increment must be positive, not " + step);
        }
    }

    public static Increment of(String decimal, Unit unit) {
        return new Increment(Length.of(new BigDecimal(decimal), unit), unit);
    }

    /** The value of this increment nearest to a length; the half goes up. Snapping twice changes nothing. */
    public Length snap(Length length) {
        long size = step.nanometres();
        return new Length(Math.floorDiv(length.nanometres() + size / 2, size) * size);
    }

    public boolean holds(Length length) {
        return length.nanometres() % step.nanometres() == 0;
    }

    /**
     * The increment of the other tape that corresponds to this one: a quarter inch for half a centimetre, half an inch
     * for a whole one. House convention; the tapes themselves have no common mark.
     */
    public Increment in(Unit wanted) {
        if (wanted == unit) {
            return this;
        }
        return new Increment(corresponding(step, unit), wanted);
    }

    /** What a stated tolerance or fineness of one tape is on the other: 1 cm is 1/2 in, 0.5 cm 1/4 in, 1.5 cm 5/8 in. */
    public static Length corresponding(Length length, Unit from) {
        Length eighth = Length.of("0.125", Unit.INCH);
        Length half = Length.of("0.5", Unit.CM);
        return switch (from) {
            case CM ->
                length.equals(Length.of("1.5", Unit.CM))
                        ? eighth.times(5)
                        : new Length(eighth.nanometres() * 2 * length.nanometres() / half.nanometres());
            case INCH -> new Length(half.nanometres() * length.nanometres() / (eighth.nanometres() * 2));
        };
    }

    /** A stated length as it is said on a tape: to the eighth of an inch, or the millimetre. */
    public static Length said(Length length, Unit on) {
        String finest = on == Unit.INCH ? "0.125" : "0.1";
        return of(finest, on).snap(length);
    }

    /** A number of a form's own on the other tape: to the eighth, or half a centimetre. 3.5 cm is 1 3/8 in, 1 3/4 in is 4.5 cm. */
    public static Length constant(Length length, Unit on) {
        return of(on == Unit.INCH ? "0.125" : "0.5", on).snap(length);
    }

    /** The fractions of an inch that can be written on a tape of this increment, finest first; none on a centimetre tape. */
    public List<String> fractions() {
        return unit == Unit.CM
                ? List.of()
                : Stream.of(8, 4, 2)
                        .filter(d -> holds(new Length(Length.of("1", Unit.INCH).nanometres() / d)))
                        .map(d -> "1/" + d)
                        .toList();
    }

    /** The increment in words, as in "half centimetres". */
    public String words() {
        double size = step.to(unit);
        if (size == 1) {
            return "whole " + unit.word();
        }
        if (size == 0.5) {
            return "half " + unit.word();
        }
        if (size == 0.25) {
            return "quarter " + unit.word();
        }
        if (size == 0.125 && unit == Unit.INCH) {
            return "eighths of an inch";
        }
        if (size == 0.1 && unit == Unit.CM) {
            return "millimetres";
        }
        return "steps of " + LengthText.exact(step, unit) + " " + unit.symbol();
    }
}
