package app.misura.core.garment;

import app.misura.core.formula.Formula;
import app.misura.core.measure.MeasureKey;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One row of a garment's table: a finished measure and how it comes about.
 *
 * @param title what it is called on paper
 * @param net the length of the body it begins with; null for a line that follows from others
 * @param formulas for a line without a net: what it comes to, in order; the first that can be computed stands
 * @param ladder how its net may be come by
 * @param ease what is added; null on a line without a net
 * @param moved the same length of the moved body: the cloth gives what that needs over rest
 * @param bound whether the drawn line must equal it, reach it, or only aims at it
 * @param optional whether it is dropped where it cannot be had; else the cut is refused
 * @param beyondZero whether it is dropped where it comes out at nought or less: a leg that ends above the knee has none
 * @param with dropped together with these other lines
 * @param shown whether it stands on the sheet; a line may be there for its block alone
 */
public record Line(
        String name,
        String title,
        @Nullable Net net,
        List<Said> formulas,
        List<Rung> ladder,
        @Nullable Give ease,
        @Nullable MeasureKey moved,
        Bound bound,
        boolean optional,
        boolean beyondZero,
        List<String> with,
        boolean across,
        double grow,
        Optional<When> when,
        boolean shown) {
    public Line {
        formulas = List.copyOf(formulas);
        ladder = List.copyOf(ladder);
        with = List.copyOf(with);
    }

    /** How a net may be come by, in this order. */
    public enum Rung {
        READ,
        IMPLIED,
        RULE
    }

    /** How the drawn line stands to its promise. */
    public enum Bound {
        EQUAL,
        FLOOR,
        CEILING,
        AIM,
        /** Only a place on the piece, not a promise. */
        PLACE
    }

    /** A formula, what is said of it in a table, and the reason for whoever asks. */
    public record Said(Formula formula, String words, String why) {}

    /** Asked only where a choice has one of these words. */
    public record When(String choice, List<String> words) {}

    /** What a finished measure has over the body. */
    public sealed interface Give {
        /** So much for each fit, mm; a child has less. */
        record ByFit(List<Double> mm) implements Give {}

        /** Worked out. */
        record ByFormula(Formula formula, String words) implements Give {}

        /**
         * A band that is stretched until it holds, by its grip on the body, what hangs on it.
         *
         * @param weight the choice of what hangs on it, grams
         * @param width the choice of how wide it is, mm
         */
        record ByGrip(String weight, String width) implements Give {}

        /** The cloth stretches: by so much for each fit, or by the cloth's usual strain where none is named. */
        record ByStrain(List<Double> strains) implements Give {}
    }
}
