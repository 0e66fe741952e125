package app.misura.core.cut;

import app.misura.core.block.Blocks;
import app.misura.core.draft.Block;
import app.misura.core.draft.Draft;
import app.misura.core.draft.Given;
import app.misura.core.draft.Outcome;
import app.misura.core.draft.Scope;
import app.misura.core.fit.Absent;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Fitted;
import app.misura.core.fit.Fitting;
import app.misura.core.fit.Table;
import app.misura.core.form.Step;
import app.misura.core.garment.ChoiceDef;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Line;
import app.misura.core.house.HouseTables;
import app.misura.core.length.TapeWords;
import app.misura.core.length.Unit;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Cuts a garment from a proved sheet: fitting, blocks, joined sides, allowances, openings, cautions. Open findings of the
 * proof do not stop the cut; they come along as cautions.
 */
public final class Cutting {
    private final Proof proof;
    private final Garment garment;
    private final Choices choices;
    private final HouseTables tables;

    private Cutting(Proof proof, Garment garment, Choices choices, HouseTables tables) {
        this.proof = proof;
        this.garment = garment;
        this.choices = choices;
        this.tables = tables;
    }

    /** What cutting comes to. */
    public sealed interface Result {
        /** Why nothing is cut; empty where it is. */
        String sentence();
    }

    public record Cut(CutSpec spec) implements Result {
        @Override
        public String sentence() {
            return "";
        }
    }

    /** Measures without which nothing can be cut. */
    public record Missing(String garment, List<Absent> absent) implements Result {
        @Override
        public String sentence() {
            return garment + " cannot be cut without "
                    + absent.stream().map(Absent::said).collect(Collectors.joining(", ")) + ".";
        }

        /** The steps that would take them. */
        public List<String> steps() {
            return absent.stream()
                    .map(Absent::step)
                    .flatMap(java.util.stream.Stream::ofNullable)
                    .toList();
        }
    }

    /** Readings that fight each other. @param solver whether it was the search that gave up, and nothing says so */
    public record Refused(String sentence, List<Input> inputs, boolean solver) implements Result {}

    /** Choices that this body cannot be cut to. @param choices by id */
    public record NotSo(String sentence, List<ChoiceDef> choices) implements Result {}

    /** The form hardly checks itself; it is proved and not cut from. */
    public record NotCut(String sentence) implements Result {}

    /** An input by the step and measure it comes from. @param measure null where several make it */
    public record Input(String step, @Nullable String measure) {}

    /** Cuts by the tables that ship. */
    public static Result of(Proof proof, Garment garment, Choices choices) {
        return of(proof, garment, choices, HouseTables.shipped());
    }

    /** Cuts by a house's own tables. */
    public static Result of(Proof proof, Garment garment, Choices choices, HouseTables tables) {
        return new Cutting(proof, garment, choices, tables).result();
    }

    private Result result() {
        if (!proof.sheet().form().cuts()) {
            return new NotCut("Measured alone, a sheet hardly checks itself: it is proved, and nothing is cut from it."
                    + " Let somebody take the whole form.");
        }
        Optional<NotSo> never = refusal();
        if (never.isPresent()) {
            return never.get();
        }
        Fitting.Result fitting = Fitting.of(proof, garment, choices, tables);
        if (fitting instanceof Fitting.Missing missing) {
            List<String> order =
                    proof.sheet().form().steps().stream().map(Step::label).toList();
            return new Missing(
                    garment.title(),
                    missing.absent().stream()
                            .sorted(Comparator.comparingInt(a -> order.indexOf(a.step())))
                            .toList());
        }
        Fitted fitted = (Fitted) fitting;
        Optional<NotSo> tight = tooTight(fitted);
        if (tight.isPresent()) {
            return tight.get();
        }
        Outcome outcome = drafted(fitted);
        return outcome instanceof Outcome.Refused refused
                ? refused(refused, blamed(fitted))
                : finished(fitted, (Outcome.Drafted) outcome);
    }

    /** The table of the body that cannot be drawn: of two, the first that cannot. */
    private Table blamed(Fitted fitted) {
        return fitted.bodies().stream()
                .filter(table -> drafted(table) instanceof Outcome.Refused)
                .findFirst()
                .orElse(fitted.bodies().get(0));
    }

    /** What this garment is never cut for. */
    private Optional<NotSo> refusal() {
        return garment.refusals().stream()
                .filter(r -> r.isOf(choices))
                .findFirst()
                .map(r -> new NotSo(
                        new TapeWords(proof.sheet().unit()).filled(r.said()),
                        List.of(choices.sheet().get(r.choice()))));
    }

    /** A band that would have to press more than a band may. */
    private Optional<NotSo> tooTight(Fitted fitted) {
        double most = tables.gripMmHg(proof.sheet().wearer().age() == AgeGroup.ADULT);
        for (Table table : fitted.bodies()) {
            for (ChainLine line : table.lines().values()) {
                if (line.line().ease() instanceof Line.Give.ByGrip grip
                        && line.ease().presses() > most) {
                    return Optional.of(new NotSo(
                            String.format(
                                    Locale.ROOT,
                                    "To hold, the %s would have to press %.1f mmHg, and no more than %.0f is cut."
                                            + " Choose a wider band or less weight; else a licensed fitter decides.",
                                    line.line().title().toLowerCase(Locale.ROOT),
                                    line.ease().presses(),
                                    most),
                            List.of(
                                    choices.sheet().get(grip.weight()),
                                    choices.sheet().get(grip.width()))));
                }
            }
        }
        return Optional.empty();
    }

    /** One draft for both sides, or one for each where an outline really differs; for two bodies always one for each. */
    private Outcome drafted(Fitted fitted) {
        if (!fitted.isApart() || !garment.isDrawn()) {
            return drafted(fitted.bodies().get(0));
        }
        Outcome left = drafted(fitted.table(Side.LEFT));
        Outcome right = drafted(fitted.table(Side.RIGHT));
        if (!(left instanceof Outcome.Drafted l) || !(right instanceof Outcome.Drafted r)) {
            return left instanceof Outcome.Refused ? left : right;
        }
        Set<String> cautions = new LinkedHashSet<>(l.cautions());
        cautions.addAll(r.cautions());
        if (fitted.isTwoBodies()) {
            Draft each = l.draft().onSide(Scope.LEFT).with(r.draft().onSide(Scope.RIGHT));
            return new Outcome.Drafted(each, List.copyOf(cautions));
        }
        Outcome both = drafted(fitted.table(null));
        return both instanceof Outcome.Drafted && l.draft().isSameOutline(r.draft())
                ? both
                : new Outcome.Drafted(Draft.joined(l.draft(), r.draft()), List.copyOf(cautions));
    }

    private Outcome drafted(Table table) {
        Draft draft = new Draft(List.of(), List.of(), List.of());
        List<String> cautions = new ArrayList<>();
        for (String id : garment.blocks()) {
            Block block = Blocks.get(id);
            Outcome outcome = block.draft(given(table));
            if (outcome instanceof Outcome.Drafted drafted) {
                draft = draft.with(drafted.draft());
                cautions.addAll(drafted.cautions());
            } else {
                return outcome;
            }
        }
        return new Outcome.Drafted(draft, cautions);
    }

    /** Everything by name that a block may be drawn from. */
    private Given given(Table table) {
        Map<String, Double> finished = new LinkedHashMap<>();
        Map<String, Double> nets = new HashMap<>();
        table.lines().forEach((name, line) -> {
            finished.put(name, line.cut());
            nets.put(name, line.net());
        });
        Map<String, String> words = new HashMap<>(choices.words());
        words.put("wearer", proof.sheet().wearer().age().word());
        Map<String, String> titles = new HashMap<>();
        garment.lines().forEach(l -> titles.put(l.name(), l.title().toLowerCase(Locale.ROOT)));
        return Given.of(finished, nets, words)
                .titled(titles)
                .on(new TapeWords(proof.sheet().unit()));
    }

    private Result finished(Fitted fitted, Outcome.Drafted drafted) {
        if (!drafted.draft().holds()) {
            return refused(
                    new Outcome.Refused(
                            List.of(), String.join(", ", drafted.draft().broken()) + " cannot be kept", true),
                    fitted.bodies().get(0));
        }
        CutLines lines = CutLines.of(drafted.draft(), choices);
        if (lines instanceof CutLines.Crossing crossing) {
            return new NotSo(crossing.sentence(new TapeWords(proof.sheet().unit())), crossing.choices(choices.sheet()));
        }
        return new Cut(new Finishing(proof, garment, choices, tables, fitted, drafted)
                .spec(((CutLines.Drawn) lines).byPiece()));
    }

    private Result refused(Outcome.Refused refused, Table table) {
        List<ChoiceDef> blamed = blamed();
        if (!blamed.isEmpty()) {
            String names = blamed.stream()
                    .map(d -> d.title().toLowerCase(Locale.ROOT) + " " + said(d))
                    .collect(Collectors.joining(", "));
            return new NotSo(
                    "This cannot be drawn on this body: " + names + ". " + capital(refused.why())
                            + ". With the usual choice it can.",
                    blamed);
        }
        if (refused.solver()) {
            return new Refused(
                    capital(refused.why()) + ". That is the drawing's failure; nothing says that a reading is wrong."
                            + " Try another fit or front.",
                    inputs(refused.inputs(), table),
                    true);
        }
        if (refused.inputs().isEmpty()) {
            return new Refused("Nothing can be drawn: " + refused.why() + ".", List.of(), false);
        }
        String names = refused.inputs().stream().map(i -> said(i, table)).collect(Collectors.joining(" and "));
        return new Refused(
                capital(names) + " fight each other: " + refused.why() + ". Take them again.",
                inputs(refused.inputs(), table),
                false);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private String said(ChoiceDef def) {
        Unit tape = proof.sheet().unit();
        String typed = choices.sheet().typed(choices, tape).getOrDefault(def.id(), "");
        return def.isPick() ? typed : typed + " " + def.unit(tape);
    }

    /** Choices of which one alone, set back to the usual, lets the same body be drawn: then no reading is to blame. */
    private List<ChoiceDef> blamed() {
        Choices usual = choices.sheet().usual(proof.sheet().answers());
        List<ChoiceDef> blamed = new ArrayList<>();
        for (ChoiceDef def : choices.sheet().defs()) {
            if (!choices.isAs(def.id(), usual)) {
                Choices other = choices.withAs(def.id(), usual);
                Cutting with = new Cutting(proof, garment, other, tables);
                Fitting.Result fitting = Fitting.of(proof, garment, other, tables);
                if (fitting instanceof Fitted fitted && with.drafted(fitted) instanceof Outcome.Drafted) {
                    blamed.add(def);
                }
            }
        }
        return blamed;
    }

    private String said(String input, Table table) {
        ChainLine line = table.line(input).orElse(null);
        String title =
                garment.find(input).map(l -> l.title().toLowerCase(Locale.ROOT)).orElse(input);
        String steps = line == null ? "" : line.source().said();
        return steps.isEmpty() ? title : title + " " + steps;
    }

    /** The steps behind the names that fight; where a name was not read, the step that would read it. */
    private List<Input> inputs(List<String> names, Table table) {
        Set<Input> inputs = new LinkedHashSet<>();
        for (String name : names) {
            List<String> steps = table.line(name).map(l -> l.source().steps()).orElse(List.of());
            if (steps.isEmpty()) {
                garment.net(name).stream()
                        .flatMap(n -> n.of().stream())
                        .flatMap(f -> f.names().stream())
                        .flatMap(m -> step(MeasureKey.parse(m)).stream())
                        .findFirst()
                        .ifPresent(s -> inputs.add(input(s)));
            }
            steps.forEach(label -> inputs.add(input(proof.sheet().form().step(label))));
        }
        return List.copyOf(inputs);
    }

    private Optional<Step> step(MeasureKey key) {
        return proof.sheet().form().steps().stream()
                .filter(s -> s.takesReadings() && s.key().matchesWhateverIsWorn(key))
                .findFirst();
    }

    private static Input input(Step step) {
        return new Input(step.label(), step.takesReadings() ? step.taken().code() : null);
    }
}
