package app.misura.core.course;

import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Play;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How far the measuring of one sheet has come. Made anew at every reading; the same sheet and marks give the same course.
 */
public final class Course {
    /** Two tries that do not agree ask for a third; the middle of three stands then. */
    private static final int TRIES = 3;

    private final Proof proof;
    private final Marks marks;
    private final List<Step> steps;
    private final Map<String, List<Sheet.Slot>> slots;
    private final List<Step> moved;
    private final List<Bracket> brackets;

    private final Passes passes;
    private final Questions questions;

    private Course(Proof proof, Marks marks, Passes passes) {
        this.proof = proof;
        this.marks = marks;
        this.passes = passes;
        this.slots = proof.sheet().allSlots().stream()
                .collect(Collectors.groupingBy(slot -> slot.step().label()));
        this.steps = proof.sheet().form().asked(proof.sheet().answers()).stream()
                .filter(s -> !s.isDerived())
                .toList();
        this.moved = steps.stream().filter(this::isMoved).toList();
        this.questions = new Questions(proof, steps);
        List<String> again = moved.stream().map(Step::label).toList();
        this.brackets = proof.brackets().stream().map(b -> reopened(b, again)).toList();
    }

    public static Course of(Proof proof, Marks marks) {
        return of(proof, marks, Passes.NONE);
    }

    /** @param passes the questions of gates that are to be cleared later */
    public static Course of(Proof proof, Marks marks, Passes passes) {
        return new Course(proof, marks, passes);
    }

    public Proof proof() {
        return proof;
    }

    public Marks marks() {
        return marks;
    }

    /** The marks to set and the measures to take, in working order. */
    public List<Step> steps() {
        return steps;
    }

    /** The values of one step: none for a mark, two where both sides are taken. */
    public List<Sheet.Slot> slots(Step step) {
        return slots.getOrDefault(step.label(), List.of());
    }

    /**
     * How the tape is expected to lie at a step. Whoever put something else under it than the form says, at the girth or loop
     * that was read last, does so at the next one too; of lengths, nothing lies under them.
     */
    public Play play(Step step) {
        if (!step.takesReadings()
                || !step.taken().kind().hasPlay()
                || !step.play().isHabit()) {
            return step.play();
        }
        return proof.sheet().readings().stream()
                .filter(Reading::counts)
                .filter(r -> isHabit(proof.sheet().form().step(r.step())))
                .reduce((a, b) -> b)
                .filter(r -> r.play() != proof.sheet().form().step(r.step()).play()
                        && r.play().isHabit())
                .map(Reading::play)
                .orElse(step.play());
    }

    private static boolean isHabit(Step step) {
        return step.takesReadings()
                && step.taken().kind().hasPlay()
                && step.play().isHabit();
    }

    /** Whether a mark is set or not needed, or every value of a step read. */
    public boolean isTaken(Step step) {
        if (step.isMark()) {
            return marks.isSet(step.label()) || isSpared(step.label());
        }
        return slots(step).stream().allMatch(this::isAnswered)
                || step.aux() != null && !marks.isSet(step.aux()) && isSpared(step.aux());
    }

    /**
     * Whether no step waits for a mark any more though it was never set: what starts from it was known before, or came
     * without it. A mark from which no step starts is asked for all the same.
     */
    public boolean isSpared(String mark) {
        List<Step> from = steps.stream()
                .filter(s -> s.needs().contains(mark) && !s.isAux())
                .toList();
        return !marks.isSet(mark)
                && !from.isEmpty()
                && from.stream().flatMap(s -> slots(s).stream()).allMatch(this::isAnswered);
    }

    /** Whether a value was read, or is left out. */
    private boolean isAnswered(Sheet.Slot slot) {
        return proof.settled().containsKey(slot.id())
                || proof.sheet().leftOut(slot).isPresent();
    }

    /** The steps that the sheet counts: the heights of a mark belong to it. */
    public List<Step> counted() {
        return steps.stream().filter(s -> !s.isAux()).toList();
    }

    /** How many of those are taken. */
    public int taken() {
        return (int) counted().stream().filter(this::isTaken).count();
    }

    /** How far the sheet is, said of what was really taken: {@code 6 of 20 steps taken, 14 left out, 3 to look at again}. */
    public String progress() {
        return Progress.words(this);
    }

    /** What is to be said wherever the numbers are gone by while a mark has moved since they were read; empty where none did. */
    public String lookAgain() {
        return Progress.lookAgain(this);
    }

    public Optional<Step> firstToCome() {
        return steps.stream().filter(s -> !isTaken(s)).findFirst();
    }

    /** Whether everything that is measured is there; a wish may stay open. */
    public boolean isComplete() {
        return steps.stream().filter(s -> !isWish(s)).allMatch(this::isTaken);
    }

    private static boolean isWish(Step step) {
        return step.takesReadings() && step.taken().kind() == Kind.WISH;
    }

    /** The first mark that a step needs and that is not set: the step is not offered before it is. */
    public Optional<Step> missingMark(Step step) {
        return step.needs().stream()
                .filter(label -> !marks.isSet(label))
                .findFirst()
                .map(proof.sheet().form()::step);
    }

    /** Whether a value of the step is to be looked at again: see {@link #isMoved(Sheet.Slot)}. */
    public boolean isMoved(Step step) {
        return slots(step).stream().anyMatch(this::isMoved);
    }

    /** Whether a mark that the value starts from was set anew after what it is made of was read. */
    public boolean isMoved(Sheet.Slot slot) {
        Settled settled = proof.settled().get(slot.id());
        Optional<Instant> set = slot.step().needs().stream()
                .flatMap(label -> marks.movedAt(label).stream())
                .max(Comparator.naturalOrder());
        return settled != null && set.isPresent() && settled.made().stream().anyMatch(r -> r.at().isBefore(set.get()));
    }

    /**
     * The round that the next reading of a value belongs to, as long as nobody says otherwise: its newest while that is being
     * taken, a new one once its mark has moved, or once the work has gone on from it.
     *
     * @param by who reads: another hand that reads other values meanwhile ends nobody's round; null where hands are not told
     *     apart, as when a program sends what was read
     */
    public int round(Sheet.Slot slot, @Nullable String by) {
        return NextRound.of(this, slot, by);
    }

    /** The round that taking a value again opens. */
    public int roundAnew(Sheet.Slot slot) {
        return Math.min(Rounds.newest(proof.sheet().tries(slot)) + 1, Reading.MOST_ROUNDS);
    }

    /** The same of a step: for each of its values what is asked for by this number is a new one. */
    public int roundAnew(Step step) {
        return slots(step).stream().mapToInt(this::roundAnew).max().orElse(1);
    }

    /** Steps whose mark has moved since they were read, in working order. */
    public List<Step> moved() {
        return moved;
    }

    /** The sums as they stand; one with a value to be looked at again is open until it was. */
    public List<Bracket> brackets() {
        return brackets;
    }

    private static Bracket reopened(Bracket bracket, List<String> again) {
        List<ValueId> waiting = bracket.closure().members().stream()
                .filter(value -> again.contains(value.step()))
                .toList();
        return waiting.isEmpty() || !bracket.isJudged()
                ? bracket
                : new Bracket(bracket.closure(), Bracket.State.OPEN, null, waiting);
    }

    /** The bar after a part: there once every step of it is taken, or as soon as it has a question. */
    public Optional<Gate> gate(Part part) {
        if (part.gate() == Part.Gate.NONE) {
            return Optional.empty();
        }
        List<Gate.Question> all = questions.of(part);
        List<Gate.Question> open =
                all.stream().filter(q -> !passes.has(part, q)).toList();
        List<Gate.Question> deferred =
                all.stream().filter(q -> passes.has(part, q)).toList();
        return all.isEmpty() && !isTaken(part)
                ? Optional.empty()
                : Optional.of(new Gate(part, open, deferred, questions.offered(open)));
    }

    /** The gates of all parts that have one by now, in working order. */
    public List<Gate> gates() {
        return proof.sheet().form().parts().stream()
                .flatMap(p -> gate(p).stream())
                .toList();
    }

    /** The hard gate that closes the way to a step; empty where the way is open, or the gate itself leads there. */
    public Optional<Gate> blocking(Step step) {
        List<Part> parts = proof.sheet().form().parts();
        int at = parts.indexOf(proof.sheet().form().partOf(step));
        return gates().stream()
                .filter(g -> g.isHard() && g.asks())
                .filter(g -> parts.indexOf(g.part()) < at)
                .filter(g -> !g.offered().contains(step.label()))
                .findFirst();
    }

    /** Whether the sheet is complete and no hard gate has a question left, be it one that is to be cleared later. */
    public boolean isMeasured() {
        return isComplete()
                && gates().stream()
                        .filter(Gate::isHard)
                        .allMatch(g -> g.questions().isEmpty() && g.deferred().isEmpty());
    }

    private boolean isTaken(Part part) {
        return steps.stream().filter(s -> s.part().equals(part.letter())).allMatch(this::isTaken);
    }

    /**
     * Where the work goes on once a step is taken or its mark set: its other side, a further try where two do not agree
     * yet, the gate of its part if that asks, else the next step in working order that waits, going round; the end of the
     * sheet where none waits and no hard gate asks.
     */
    public Next after(Step step) {
        for (Sheet.Slot slot : slots(step)) {
            if (!isAnswered(slot)) {
                return new Next.AtStep(step, slot.isOneOfBoth() ? slot.side() : null);
            }
        }
        for (Sheet.Slot slot : slots(step)) {
            if (isWanting(slot)) {
                return new Next.AtStep(step, slot.isOneOfBoth() ? slot.side() : null);
            }
        }
        Part part = proof.sheet().form().partOf(step);
        Optional<Gate> gate = gate(part).filter(Gate::asks);
        if (gate.isPresent() && isTaken(part)) {
            return new Next.AtGate(gate.get());
        }
        Optional<Step> onward = waitingAfter(step);
        Optional<Gate> closed = onward.isPresent() ? blocking(onward.get()) : closedGate();
        if (closed.isPresent()) {
            return new Next.AtGate(closed.get());
        }
        return onward.<Next>map(s -> new Next.AtStep(s, null)).orElseGet(Next.AtEnd::new);
    }

    /** Whether a value of a step is not read yet, or wants a further try. */
    public boolean isWanting(Step step) {
        return slots(step).stream().anyMatch(s -> !isAnswered(s) || isWanting(s));
    }

    private boolean isWanting(Sheet.Slot slot) {
        Settled settled = proof.settled().get(slot.id());
        return settled != null && settled.isOpen() && settled.counted().size() < TRIES;
    }

    /** Whether every step is taken or left out, and none is to be looked at again. */
    public boolean isAtEnd() {
        return firstToCome().isEmpty() && moved.isEmpty();
    }

    /** The first hard gate that asks; empty if none does. */
    public Optional<Gate> closedGate() {
        return gates().stream().filter(g -> g.isHard() && g.asks()).findFirst();
    }

    private Optional<Step> waitingAfter(Step step) {
        int at = steps.indexOf(step);
        List<Step> ahead = new ArrayList<>(steps.subList(at + 1, steps.size()));
        ahead.addAll(steps.subList(0, at + 1));
        return ahead.stream().filter(s -> !isTaken(s) || isMoved(s)).findFirst();
    }

    /** The first step after a part, where the work goes on past its gate; empty after the last. */
    public Optional<Step> firstAfter(Part part) {
        List<Part> parts = proof.sheet().form().parts();
        List<String> later = parts.subList(parts.indexOf(part) + 1, parts.size()).stream()
                .map(Part::letter)
                .toList();
        List<Step> ahead = steps.stream().filter(s -> later.contains(s.part())).toList();
        return ahead.stream()
                .filter(s -> !isTaken(s))
                .findFirst()
                .or(() -> ahead.stream().findFirst());
    }
}
