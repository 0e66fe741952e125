package app.misura.core.reading;

import app.misura.core.finding.Acceptance;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One client's readings on one order form, in the unit they were written in.
 *
 * @param form the form in that unit; a selection has, besides, each step of its whole form that something was read at
 * @param answers the options as answered; the usual answer stands where there is none
 * @param readings in the order they were taken, struck ones among them
 * @param leftOut what will not be read, and why
 * @param accepted what people took as it is, whether it still stands or not
 * @param judging how the house judges it
 */
public record Sheet(
        OrderForm form,
        Wearer wearer,
        Map<String, String> answers,
        List<Reading> readings,
        List<LeftOut> leftOut,
        List<Acceptance> accepted,
        Judging judging) {

    public Sheet {
        form = form.adding(readings.stream().map(Reading::step).toList());
        answers = Collections.unmodifiableMap(new LinkedHashMap<>(form.answers(answers)));
        form = form.asAsked(answers);
        readings = List.copyOf(readings);
        leftOut = List.copyOf(leftOut);
        accepted = List.copyOf(accepted);
    }

    /** A sheet that is judged as usual. */
    public Sheet(
            OrderForm form,
            Wearer wearer,
            Map<String, String> answers,
            List<Reading> readings,
            List<LeftOut> leftOut,
            List<Acceptance> accepted) {
        this(form, wearer, answers, readings, leftOut, accepted, Judging.usual());
    }

    /** A sheet of which nothing is accepted. */
    public Sheet(
            OrderForm form, Wearer wearer, Map<String, String> answers, List<Reading> readings, List<LeftOut> leftOut) {
        this(form, wearer, answers, readings, leftOut, List.of());
    }

    /** A sheet of which nothing is left out. */
    public Sheet(OrderForm form, Wearer wearer, Map<String, String> answers, List<Reading> readings) {
        this(form, wearer, answers, readings, List.of());
    }

    public Unit unit() {
        return form.unit();
    }

    /**
     * The values that the form asks of this client, in form order: one per step, two where both sides are taken. What is
     * not there on this body is not asked.
     */
    public List<Slot> slots() {
        if (leftOut.isEmpty()) {
            return allSlots();
        }
        return allSlots().stream()
                .filter(slot -> leftOut(slot).filter(LeftOut::isNotThere).isEmpty())
                .toList();
    }

    /** Why a value is left out; empty where it is not, or where something was read after all. */
    public Optional<LeftOut> leftOut(Slot slot) {
        return leftOut.stream()
                .filter(out -> out.value().equals(slot.id()))
                .filter(out -> tries(slot).stream().noneMatch(Reading::counts))
                .findFirst();
    }

    /** The values of every step that is asked, in form order, those that are left out among them. */
    public List<Slot> allSlots() {
        List<Slot> slots = new ArrayList<>();
        for (Step step : form.asked(answers)) {
            if (!step.takesReadings()) {
                continue;
            }
            List<Side> sides = step.side().sides(wearer.dominant());
            if (step.side().isTwo()) {
                sides.forEach(side -> slots.add(new Slot(new ValueId(step.label(), side), step, side)));
            } else {
                slots.add(new Slot(ValueId.of(step.label()), step, sides.isEmpty() ? null : sides.get(0)));
            }
        }
        return slots;
    }

    /** A value to be filled. */
    public record Slot(ValueId id, Step step, @Nullable Side side) {
        public boolean isOneOfBoth() {
            return step.side().isTwo();
        }

        /** Those of its step's tries that are of its side. */
        private List<Reading> of(List<Reading> tries) {
            return isOneOfBoth() ? tries.stream().filter(r -> r.side() == side).toList() : tries;
        }
    }

    /** The tries for one value, in order, struck ones among them. */
    public List<Reading> tries(Slot slot) {
        return slot.of(readings.stream()
                .filter(r -> r.step().equals(slot.step().label()))
                .toList());
    }

    /** What the sheet keeps, by id, in form order. A step that is not asked for keeps nothing. */
    public Map<ValueId, Settled> settled() {
        Map<String, List<Reading>> byStep = new HashMap<>();
        readings.forEach(
                r -> byStep.computeIfAbsent(r.step(), s -> new ArrayList<>()).add(r));
        Map<ValueId, Settled> settled = new LinkedHashMap<>();
        for (Slot slot : slots()) {
            List<Reading> tries = byStep.getOrDefault(slot.step().label(), List.of());
            if (!tries.isEmpty()) {
                Settling.of(slot.id(), slot.step(), slot.side(), slot.of(tries))
                        .ifPresent(s -> settled.put(slot.id(), s));
            }
        }
        return settled;
    }

    /** A length by id; empty where it was not read or none is wanted. */
    public static Optional<Length> length(Map<ValueId, Settled> settled, ValueId id) {
        return Optional.ofNullable(settled.get(id)).map(Settled::length);
    }

    /** The spans' scale for this body: 1 for an adult, height / 170 cm for a child; empty for a child of unknown height. */
    public Optional<Double> spanScale() {
        if (wearer.age() != AgeGroup.CHILD) {
            return Optional.of(1.0);
        }
        return settled().values().stream()
                .filter(s -> s.step().taken().code().equals("height"))
                .map(Settled::length)
                .filter(java.util.Objects::nonNull)
                .map(l -> l.toCm() / 170)
                .findFirst();
    }

    public Sheet with(Reading reading) {
        List<Reading> more = new ArrayList<>(readings);
        more.add(reading);
        return new Sheet(form, wearer, answers, more, leftOut, accepted, judging);
    }

    /** The same sheet of which this was accepted. */
    public Sheet accepting(List<Acceptance> acceptances) {
        return new Sheet(form, wearer, answers, readings, leftOut, acceptances, judging);
    }

    /** A sheet of a form as it is usually asked, before anything is read. */
    public static Sheet blank(OrderForm form, Judging judging) {
        OrderForm asked = form.asAsked(Map.of());
        return new Sheet(asked, Wearer.USUAL, asked.answers(Map.of()), List.of()).judged(judging);
    }

    /** The same sheet, judged so. */
    public Sheet judged(Judging otherwise) {
        return new Sheet(form, wearer, answers, readings, leftOut, accepted, otherwise);
    }

    /** Whether a sum over its tolerance is a fault, as where it is done by hand. */
    public boolean onPaper() {
        return judging.onPaper();
    }

    /** Settled lengths in nanometres, by value id; what is wanted to be none has no length. */
    public static Map<String, Long> nanometres(Map<ValueId, Settled> settled) {
        Map<String, Long> all = new LinkedHashMap<>();
        settled.forEach((id, value) -> {
            Length length = value.length();
            if (length != null) {
                all.put(id.toString(), length.nanometres());
            }
        });
        return all;
    }

    /** Labels that this sheet's form asks for. */
    public Set<String> askedLabels() {
        return form.asked(answers).stream().map(Step::label).collect(java.util.stream.Collectors.toSet());
    }
}
