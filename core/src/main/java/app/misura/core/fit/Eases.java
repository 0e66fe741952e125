package app.misura.core.fit;

import app.misura.core.formula.Formula;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.garment.Net;
import app.misura.core.house.HouseTables;
import app.misura.core.reading.AgeGroup;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** What finished measures have over the body: the table's ease, a formula's, a strain's, never less than movement needs. */
record Eases(Garment garment, Choices choices, HouseTables tables, NetBody body, AgeGroup age) {

    /**
     * What a line has over its net.
     *
     * @param more what grows and is worn beneath, mm
     * @param names the garment's words, for the line that asks
     * @param absent where measures that are missing are named
     */
    Optional<Ease> of(
            Line line,
            Net net,
            NetValue value,
            double more,
            Function<Optional<NetValue>, Formula.Names> names,
            List<Absent> absent) {
        Line.Give give = Objects.requireNonNull(line.ease());
        if (give instanceof Line.Give.ByStrain strain) {
            return Optional.of(
                    new Strain(garment, choices, tables, age, fit()).of(strain, net.kind(), value.mm() + more));
        }
        if (give instanceof Line.Give.ByGrip grip) {
            return Optional.of(new Strain(garment, choices, tables, age, fit()).ofGrip(grip, value.mm() + more));
        }
        Optional<Ease> table = give instanceof Line.Give.ByFit byFit
                ? Optional.of(byFit(byFit))
                : byFormula((Line.Give.ByFormula) give, names.apply(Optional.of(value)), absent);
        double need = movementNeed(line, value);
        return table.map(
                t -> need > t.value() ? new Ease(need, Ease.RuledBy.MOVEMENT, "what this body needs to move") : t);
    }

    private int fit() {
        return Math.max(0, garment.fits().indexOf(choices.words().getOrDefault("fit", "")));
    }

    /** The table's own number; a child's garment has less to add. */
    private Ease byFit(Line.Give.ByFit give) {
        double child = age == AgeGroup.CHILD ? garment.child() : 1;
        double mm = give.mm().isEmpty() ? 0 : give.mm().get(fit()) * child;
        String words =
                garment.fits().isEmpty() ? "table" : "table, " + garment.fits().get(fit());
        return new Ease(mm, Ease.RuledBy.TABLE, words);
    }

    /** Worked out; where a word of it is not known, the measures behind it are missing. */
    private Optional<Ease> byFormula(Line.Give.ByFormula give, Formula.Names names, List<Absent> absent) {
        OptionalDouble mm = give.formula().value(names);
        if (mm.isEmpty()) {
            absent.addAll(missing(give.formula(), names));
            return Optional.empty();
        }
        boolean floor = give.formula() instanceof Formula.Extreme extreme
                && extreme.greatest()
                && extreme.of().get(0).value(names).orElse(0) < mm.getAsDouble();
        return Optional.of(
                floor
                        ? new Ease(mm.getAsDouble(), Ease.RuledBy.MOVEMENT, "what this body needs to move")
                        : new Ease(mm.getAsDouble(), Ease.RuledBy.TABLE, give.words()));
    }

    /** The measures behind the words of a formula that are not known: a row that goes by them is refused, and never left out. */
    List<Absent> missing(Formula formula, Formula.Names names) {
        return formula.names().stream()
                .filter(n -> names.of(n).isEmpty())
                .flatMap(n ->
                        garment.net(n.replaceFirst("^net ", "")).map(body::absent).or(() -> body.absent(n)).stream())
                .toList();
    }

    /** What a moved body needs over rest, less what the cloth gives, and a margin. */
    private double movementNeed(Line line, NetValue rest) {
        if (line.moved() == null) {
            return Double.NEGATIVE_INFINITY;
        }
        return body.measured(line.moved().toString())
                .map(moved -> Math.max(0, moved.mm() - rest.mm()) - given(rest) + tables.movementMarginMm())
                .orElse(Double.NEGATIVE_INFINITY);
    }

    /** What the cloth gives along a girth of the body. */
    double given(NetValue rest) {
        return choices.numberOr0("stretch-across") * rest.mm();
    }
}
