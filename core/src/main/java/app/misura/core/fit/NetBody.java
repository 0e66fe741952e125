package app.misura.core.fit;

import app.misura.core.adjust.Adjustment;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.form.ValueId;
import app.misura.core.formula.Formula;
import app.misura.core.garment.Line;
import app.misura.core.garment.Net;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Settled;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One body as a sheet knows it: the settled values without the tape's play, asked for by what they are of, never by the
 * step they were read at. For what was not read: what the sums imply, else a rule of the house.
 */
final class NetBody {
    private final Proof proof;
    private final HouseTables tables;
    private final @Nullable Side side;
    private final Function<String, Optional<Net>> nets;
    private final Map<MeasureKey, List<Settled>> settled = new HashMap<>();
    /** Nets whose rules are being asked: two that stand in for each other do not ask in a circle. */
    private final Set<String> underWay = new HashSet<>();

    private final RestOfBody rest;

    /**
     * @param side whose body it is where left and right differ by enough; null for one body that serves both
     * @param nets the nets that a rule may name, the garment's own first
     */
    NetBody(Proof proof, HouseTables tables, @Nullable Side side, Function<String, Optional<Net>> nets) {
        this.proof = proof;
        this.rest = new RestOfBody(proof);
        this.tables = tables;
        this.side = side;
        this.nets = nets;
    }

    /** A net by the rungs of its ladder; what had to be estimated is added to the list. */
    Optional<NetValue> value(Net net, List<Line.Rung> ladder, List<Estimate> estimates) {
        if (isNotThere(net) || !underWay.add(net.name())) {
            return Optional.empty();
        }
        try {
            return climbed(net, ladder, estimates);
        } finally {
            underWay.remove(net.name());
        }
    }

    /** Whether the body ends before it: a step that would read it is left out as not there, and nothing was read of it. */
    boolean isNotThere(Net net) {
        return !proof.sheet().leftOut().isEmpty()
                && net.of().stream()
                        .flatMap(sum -> sum.names().stream())
                        .map(MeasureKey::parse)
                        .anyMatch(key -> all(key).isEmpty() && isNotThere(key));
    }

    private boolean isNotThere(MeasureKey key) {
        return proof.sheet().allSlots().stream()
                .filter(slot -> slot.step().key().matchesWhateverIsWorn(key) && isOfThisBody(slot.step(), slot.side()))
                .flatMap(slot -> proof.sheet().leftOut(slot).stream())
                .anyMatch(LeftOut::isNotThere);
    }

    /** Two bodies of one sheet keep their own values. */
    private boolean isOfThisBody(Step step, @Nullable Side taken) {
        return step.side() != StepSide.EACH || side == null || taken == side;
    }

    private Optional<NetValue> climbed(Net net, List<Line.Rung> ladder, List<Estimate> estimates) {
        for (Line.Rung rung : ladder) {
            Optional<NetValue> found = switch (rung) {
                case READ -> read(net);
                case IMPLIED -> implied(net, estimates);
                case RULE -> ruled(net, estimates);
            };
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The first sum whose measures were all read. */
    private Optional<NetValue> read(Net net) {
        for (Formula sum : net.of()) {
            List<Settled> members = new ArrayList<>();
            OptionalDouble mm = sum.value(name -> {
                Optional<Settled> settled = settled(MeasureKey.parse(name), net);
                settled.ifPresent(members::add);
                return settled.map(s -> OptionalDouble.of(netMm(s, net))).orElse(OptionalDouble.empty());
            });
            if (mm.isPresent()) {
                return Optional.of(new NetValue(mm.getAsDouble(), source(sum, members, net), false));
            }
        }
        return Optional.empty();
    }

    private Source source(Formula sum, List<Settled> members, Net net) {
        List<String> labels =
                members.stream().map(s -> s.step().label()).distinct().toList();
        if (sum instanceof Formula.Name && members.size() == 1) {
            Settled only = members.get(0);
            String id = side == null ? only.step().label() : only.id().toString();
            double read = readMm(only, net);
            return new Source(
                    id, id, labels, only.step().taken().code(), read, read - netMm(only, net), Source.worn(members));
        }
        double read = sum.value(name -> settled(MeasureKey.parse(name), net)
                        .map(s -> OptionalDouble.of(readMm(s, net)))
                        .orElse(OptionalDouble.empty()))
                .orElse(0);
        return new Source(
                Source.derivedStep(proof.sheet().form(), labels),
                Source.said(sum, labels),
                labels,
                null,
                read,
                0,
                Source.worn(members));
    }

    /** The settled value of a measure: of this body's side where its two sides differ by enough, else of both together. */
    private Optional<Settled> settled(MeasureKey key, Net net) {
        List<Settled> found = all(key);
        if (found.size() < 2) {
            return found.stream().findFirst();
        }
        if (side != null && isApart(found, net)) {
            return found.stream().filter(s -> s.side() == side).findFirst();
        }
        return net.kind().across()
                ? found.stream().max((a, b) -> Double.compare(own(a), own(b)))
                : found.stream().findFirst();
    }

    private List<Settled> all(MeasureKey key) {
        return settled.computeIfAbsent(key, this::found);
    }

    private List<Settled> found(MeasureKey key) {
        return proof.settled().values().stream()
                .filter(s -> s.length() != null && s.step().key().matchesWhateverIsWorn(key))
                .filter(s -> isOfThisBody(s.step(), s.side()))
                .toList();
    }

    private static double own(Settled settled) {
        return Objects.requireNonNull(settled.length()).toMm();
    }

    private static boolean isApart(List<Settled> both, Net net) {
        return Math.abs(own(both.get(0)) - own(both.get(1))) > net.kind().apartMm();
    }

    /** What was read; of a length whose two sides are near each other, the mean of both. */
    private double readMm(Settled settled, Net net) {
        List<Settled> both = all(settled.step().key());
        boolean mean = both.size() == 2 && !net.kind().across() && !(side != null && isApart(both, net));
        return mean ? (own(both.get(0)) + own(both.get(1))) / 2 : own(settled);
    }

    private double netMm(Settled settled, Net net) {
        return readMm(settled, net)
                - tables.playMm(settled.play(), settled.step().taken());
    }

    /** Left less right of a measure that was read on both, where they differ by enough to be drafted apart. */
    Optional<Double> apart(Net net) {
        for (Formula sum : net.of()) {
            if (sum instanceof Formula.Name name) {
                List<Settled> both = all(MeasureKey.parse(name.name()));
                if (both.size() == 2 && isApart(both, net)) {
                    return Optional.of(own(both.get(0)) - own(both.get(1)));
                }
                if (!both.isEmpty()) {
                    return Optional.empty();
                }
            }
        }
        return Optional.empty();
    }

    private Optional<NetValue> implied(Net net, List<Estimate> estimates) {
        for (Formula sum : net.of()) {
            if (sum instanceof Formula.Name name) {
                Optional<Step> step = step(MeasureKey.parse(name.name()));
                Optional<NetValue> found = step.flatMap(s -> implied(net.name(), s, estimates));
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<NetValue> implied(String input, Step step, List<Estimate> estimates) {
        Unit unit = proof.sheet().unit();
        for (Adjustment.Value value : proof.adjustment().implied()) {
            ValueId id = ValueId.parse(value.id());
            if (id.isOf(step.label()) && (side == null || id.side() == null || id.side() == side)) {
                double mm = value.value() * unit.nanometres() / 1e6;
                double sd = value.sd() * unit.nanometres() / 1e6;
                estimates.add(new Estimate(input, "implied by the sums", mm, sd, step.label()));
                return Optional.of(estimated(mm));
            }
        }
        return Optional.empty();
    }

    private NetValue estimated(double mm) {
        return passedOn(mm, true);
    }

    /** The step of this form that takes a measure; empty where it has none. */
    Optional<Step> step(MeasureKey key) {
        return proof.sheet().form().steps().stream()
                .filter(s -> s.takesReadings() && s.key().matchesWhateverIsWorn(key))
                .findFirst();
    }

    /** What the rest of the body makes likely; else the first rule whose words are all known. A plain number speaks of adults. */
    private Optional<NetValue> ruled(Net net, List<Estimate> estimates) {
        Optional<NetValue> told = net.likely() == null ? Optional.empty() : likely(net, net.likely(), estimates);
        if (told.isPresent()) {
            return told;
        }
        for (Net.Rule rule : net.rules()) {
            boolean child = proof.sheet().wearer().age() == AgeGroup.CHILD;
            if (rule.formula() instanceof Formula.Constant && child) {
                continue;
            }
            List<Estimate> below = new ArrayList<>();
            Formula.Names words = words(below);
            OptionalDouble mm = rule.formula().value(words);
            if (mm.isPresent()) {
                estimates.addAll(below);
                double sd = rule.sd().value(words).orElse(0);
                if (sd == 0) {
                    return Optional.of(passedOn(mm.getAsDouble(), !below.isEmpty()));
                }
                estimates.add(
                        new Estimate(net.name(), rule.said(proof.sheet().unit()), mm.getAsDouble(), sd, stepOf(net)));
                return Optional.of(estimated(mm.getAsDouble()));
            }
        }
        return Optional.empty();
    }

    private Optional<NetValue> likely(Net net, String measure, List<Estimate> estimates) {
        return rest.of(measure).map(likely -> {
            double mm = 10 * likely.cm();
            estimates.add(new Estimate(net.name(), RestOfBody.said(likely), mm, 10 * likely.sdCm(), stepOf(net)));
            return estimated(mm);
        });
    }

    /** A rule without a spread only adds up what is known: it is as sure as its parts. */
    private NetValue passedOn(double mm, boolean estimated) {
        return new NetValue(
                mm,
                new Source(
                        null,
                        "",
                        List.of(),
                        null,
                        mm,
                        0,
                        Source.worn(proof.settled().values())),
                estimated);
    }

    private @Nullable String stepOf(Net net) {
        return net.of().stream()
                .flatMap(f -> f.names().stream())
                .flatMap(n -> step(MeasureKey.parse(n)).stream())
                .map(Step::label)
                .findFirst()
                .orElse(null);
    }

    /** What is missing of a net: its first measure, and the step that would take it. */
    Absent absent(Net net) {
        String measure = net.of().get(0).names().iterator().next();
        boolean twoBodies = proof.sheet().form().steps().stream().anyMatch(s -> s.side() == StepSide.EACH);
        return new Absent(measure.replace('-', ' '), stepOf(net), twoBodies ? side : null);
    }

    /** What is missing where a formula names a plain measure that was not read; empty where the form does not ask for it. */
    Optional<Absent> absent(String word) {
        return Absent.of(word, this::step);
    }

    /** The words of a rule: nets, and measures as they were read. */
    Formula.Names words(List<Estimate> estimates) {
        Map<String, String> answers = proof.sheet().answers();
        return new Formula.Names() {
            @Override
            public OptionalDouble of(String name) {
                Optional<NetValue> value = nets.apply(name)
                        .map(net -> value(net, List.of(Line.Rung.values()), estimates))
                        .orElseGet(() -> measured(name));
                return value.map(v -> OptionalDouble.of(v.mm())).orElse(OptionalDouble.empty());
            }

            @Override
            public String chosen(String choice) {
                return answers.getOrDefault(choice, "no");
            }
        };
    }

    /** A measure that is no net: only as it was read. A wish of none is not known. */
    Optional<NetValue> measured(String code) {
        MeasureKey key = MeasureKey.parse(code);
        return all(key).stream().findFirst().map(s -> {
            Length length = Objects.requireNonNull(s.length());
            double play = tables.playMm(s.play(), s.step().taken());
            String label = s.step().label();
            return new NetValue(
                    length.toMm() - play,
                    new Source(label, label, List.of(label), code, length.toMm(), play, null),
                    false);
        });
    }
}
