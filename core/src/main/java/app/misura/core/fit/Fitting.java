package app.misura.core.fit;

import app.misura.core.form.StepSide;
import app.misura.core.formula.Formula;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.garment.Net;
import app.misura.core.garment.Passing;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The finished measures of a garment for a body, and how each came about: one method for each term of the chain. The
 * garment's table says what is computed; nothing here knows a garment, a form or a step by name.
 */
public final class Fitting {
    private final Proof proof;
    private final Garment garment;
    private final Choices choices;
    private final HouseTables tables;
    private final @Nullable Side side;
    private final NetBody body;
    private final Eases eases;
    private final Map<String, ChainLine> lines = new LinkedHashMap<>();
    private final Set<String> dropped = new HashSet<>();
    private final Set<String> underWay = new HashSet<>();
    private final Map<String, List<Estimate>> estimatesOf = new LinkedHashMap<>();
    private List<Estimate> estimates = new ArrayList<>();
    private final List<Absent> absent = new ArrayList<>();

    private Fitting(Proof proof, Garment garment, Choices choices, HouseTables tables, @Nullable Side side) {
        this.proof = proof;
        this.garment = garment;
        this.choices = choices;
        this.tables = tables;
        this.side = side;
        this.body = new NetBody(proof, tables, side, garment::net);
        this.eases =
                new Eases(garment, choices, tables, body, proof.sheet().wearer().age());
    }

    /** What fitting comes to. */
    public sealed interface Result permits Fitted, Missing {}

    /** Measures without which nothing can be cut, in the order of the table. */
    public record Missing(List<Absent> absent) implements Result {}

    /** Fits a garment to a proved sheet by the tables of the house. */
    public static Result of(Proof proof, Garment garment, Choices choices, HouseTables tables) {
        boolean twoBodies = proof.sheet().form().steps().stream().anyMatch(s -> s.side() == StepSide.EACH);
        return twoBodies
                ? each(side -> new Fitting(proof, garment, choices, tables, side))
                : one(side -> new Fitting(proof, garment, choices, tables, side));
    }

    /** One body: both sides together; apart as well where they differ by enough. */
    private static Result one(Function<@Nullable Side, Fitting> fitting) {
        Fitting together = fitting.apply(null);
        Table whole = together.table();
        if (!together.absent.isEmpty()) {
            return new Missing(together.absent.stream().distinct().toList());
        }
        Map<String, Double> uneven = together.uneven();
        Map<Side, Table> sides = new EnumMap<>(Side.class);
        if (!uneven.isEmpty()) {
            List.of(Side.values())
                    .forEach(side -> sides.put(side, fitting.apply(side).table()));
        }
        return new Fitted(whole, sides, uneven, together.passages());
    }

    /** Two bodies: each by itself. */
    private static Result each(Function<@Nullable Side, Fitting> fitting) {
        Map<Side, Table> sides = new EnumMap<>(Side.class);
        List<Absent> absent = new ArrayList<>();
        List<Fitted.Passage> passages = new ArrayList<>();
        for (Side side : Side.values()) {
            Fitting own = fitting.apply(side);
            sides.put(side, own.table());
            absent.addAll(own.absent);
            passages.addAll(own.passages());
        }
        return absent.isEmpty()
                ? new Fitted(null, sides, Map.of(), passages)
                : new Missing(absent.stream().distinct().toList());
    }

    private Map<String, Double> uneven() {
        Map<String, Double> uneven = new LinkedHashMap<>();
        for (ChainLine line : lines.values()) {
            Net net = line.line().net();
            if (net != null && !line.estimated()) {
                body.apart(net).ifPresent(mm -> uneven.put(line.name(), mm));
            }
        }
        return uneven;
    }

    private Table table() {
        Map<String, ChainLine> ordered = new LinkedHashMap<>();
        Set<Estimate> estimated = new LinkedHashSet<>();
        for (Line line : garment.lines()) {
            line(line.name()).ifPresent(done -> {
                ordered.put(line.name(), done);
                estimated.addAll(Objects.requireNonNull(estimatesOf.get(line.name())));
            });
        }
        return new Table(side, ordered, List.copyOf(estimated));
    }

    /** A line of the table, worked out when it is first asked for; empty where it is dropped or cannot be had. */
    private Optional<ChainLine> line(String name) {
        Optional<Line> line = garment.find(name);
        if (line.isEmpty() || lines.containsKey(name) || dropped.contains(name)) {
            return Optional.ofNullable(lines.get(name));
        }
        if (!underWay.add(name)) {
            throw new IllegalStateException(garment.id() + ": line " + name + " follows from itself");
        }
        List<Estimate> outer = estimates;
        estimates = new ArrayList<>();
        Optional<ChainLine> done = isAsked(line.get()) ? worked(line.get()) : Optional.empty();
        estimatesOf.put(name, estimates);
        estimates = outer;
        boolean gone = line.get().with().stream().anyMatch(w -> line(w).isEmpty());
        underWay.remove(name);
        if (done.isEmpty() || gone || line.get().beyondZero() && done.get().finished() <= 0) {
            dropped.add(name);
            return Optional.empty();
        }
        lines.put(name, done.get());
        return done;
    }

    private boolean isAsked(Line line) {
        return line.when()
                .map(w -> w.words().contains(choices.word(w.choice())))
                .orElse(true);
    }

    private Optional<ChainLine> worked(Line line) {
        Net net = line.net();
        if (net == null) {
            return followed(line);
        }
        Optional<NetValue> value = body.value(net, line.ladder(), estimates);
        if (value.isEmpty() && !line.optional() && !body.isNotThere(net)) {
            absent.add(body.absent(net));
        }
        return value.flatMap(v -> chained(line, net, v));
    }

    /** A line that follows from others: the first of its formulas that can be computed. */
    private Optional<ChainLine> followed(Line line) {
        for (Line.Said said : line.formulas()) {
            OptionalDouble mm = said.formula().value(names(Optional.empty()));
            if (mm.isPresent()) {
                Ease none = new Ease(0, Ease.RuledBy.TABLE, said.words(), said.why());
                double finished = mm.getAsDouble();
                return Optional.of(new ChainLine(
                        line,
                        wished(said.formula()),
                        true,
                        false,
                        finished,
                        0,
                        0,
                        0,
                        none,
                        finished,
                        cut(line, finished)));
            }
        }
        return Optional.empty();
    }

    /** The wish of the form that a formula begins with, if it does. */
    private Source wished(Formula formula) {
        return formula.names().stream()
                .filter(n -> garment.choices().find(n).isEmpty()
                        && garment.find(n).isEmpty()
                        && garment.net(n).isEmpty())
                .findFirst()
                .flatMap(body::measured)
                .map(NetValue::source)
                .orElse(new Source(null, "", List.of(), null, 0, 0, null));
    }

    private Optional<ChainLine> chained(Line line, Net net, NetValue value) {
        double growth = growth(line);
        double layers = layers(net, value.source());
        double thickness = thickness(net);
        return eases.of(line, net, value, growth + layers, this::names, absent).map(ease -> {
            double finished = value.mm() + growth + layers + thickness + ease.value();
            return new ChainLine(
                    line,
                    value.source(),
                    false,
                    value.estimated(),
                    value.mm(),
                    growth,
                    layers,
                    thickness,
                    ease,
                    finished,
                    cut(line, finished));
        });
    }

    /** Room to grow, for the young, where it is asked for; cloth that stretches grows with them. */
    private double growth(Line line) {
        boolean young = proof.sheet().wearer().age() != AgeGroup.ADULT;
        boolean asked = garment.choices().find("growth").isPresent();
        return young && asked ? line.grow() * Integer.parseInt(choices.word("growth")) / 6 : 0;
    }

    /** What is worn beneath and was not worn while measuring: nothing where the tape lay over it. */
    private double layers(Net net, Source source) {
        return source.worn() != null ? 0 : net.kind().layers() * choices.numberOr0("layers");
    }

    /** What a thick sheet loses to its own bend. */
    private double thickness(Net net) {
        return net.kind().thickness() * choices.numberOr0("thickness");
    }

    /** In cloth as it is cut. */
    private double cut(Line line, double finished) {
        return finished / (1 - choices.numberOr0(line.across() ? "shrink-across" : "shrink-along"));
    }

    /** The words of the garment's formulas. @param own the net of the line that asks */
    private Formula.Names names(Optional<NetValue> own) {
        return new Formula.Names() {
            @Override
            public OptionalDouble of(String name) {
                return known(name, own).map(OptionalDouble::of).orElse(OptionalDouble.empty());
            }

            @Override
            public String chosen(String choice) {
                return choices.words()
                        .getOrDefault(choice, proof.sheet().answers().getOrDefault(choice, ""));
            }
        };
    }

    private Optional<Double> known(String name, Optional<NetValue> own) {
        if (name.equals("give")) {
            return own.map(eases::given);
        }
        if (garment.choices().find(name).isPresent()) {
            return Optional.ofNullable(choices.numbers().get(name));
        }
        if (name.startsWith("net ")) {
            return garment.net(name.substring(4))
                    .flatMap(n -> body.value(n, List.of(Line.Rung.values()), estimates))
                    .map(NetValue::mm);
        }
        if (garment.find(name).isPresent()) {
            return line(name).map(ChainLine::finished);
        }
        if (name.endsWith("-ease")) {
            return line(name.substring(0, name.length() - 5)).map(l -> l.ease().value());
        }
        return garment.net(name)
                .flatMap(n -> body.value(n, List.of(Line.Rung.values()), estimates))
                .or(() -> body.measured(name))
                .map(NetValue::mm);
    }

    /** Each edge that must go over something, where both are known. */
    private List<Fitted.Passage> passages() {
        List<Fitted.Passage> passages = new ArrayList<>();
        for (Passing passing : garment.openings()) {
            if (passing.past() != null && body.isNotThere(passing.past())) {
                continue;
            }
            Optional<ChainLine> edge = line(passing.edge());
            Optional<NetValue> over = body.value(passing.over(), List.of(Line.Rung.values()), new ArrayList<>());
            if (edge.isPresent() && over.isPresent()) {
                Formula slit = passing.slit();
                double opens =
                        slit == null ? 0 : slit.value(names(Optional.empty())).orElse(0);
                passages.add(new Fitted.Passage(
                        side,
                        passing,
                        edge.get(),
                        over.get().mm() + layers(passing.over(), over.get().source()),
                        Math.max(0, opens),
                        !over.get().estimated(),
                        over.get().estimated()
                                ? body.absent(passing.over()).said()
                                : over.get().source().said()));
            }
        }
        return passages;
    }
}
