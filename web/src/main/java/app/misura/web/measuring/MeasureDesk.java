package app.misura.web.measuring;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.format.ladder.Ladder;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.format.ladder.Rung;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Side;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderProof;
import app.misura.web.order.StoredReading;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Lays out the measuring screen of one order at one step. */
@Component
class MeasureDesk {
    private final Clock clock;

    MeasureDesk(Clock clock) {
        this.clock = clock;
    }

    /** What was typed last and what was heard of it. */
    record Heard(String entry, String sentence, String tone, String confirm) {
        static final Heard NOTHING = new Heard("", "", "soft", "");
    }

    MeasureView view(GarmentOrder order, @Nullable String wantedStep, @Nullable Side wantedSide, Heard heard) {
        OrderProof each = OrderProof.of(order);
        Proof proof = each.proof();
        List<Step> steps = order.form().asked(order.answers()).stream()
                .filter(s -> !s.isDerived())
                .toList();
        Step step = steps.stream()
                .filter(s -> s.label().equals(wantedStep))
                .findFirst()
                .orElseGet(() -> order.form()
                        .step(each.firstToCome()
                                .orElse(steps.get(steps.size() - 1).label())));
        Ladder ladder = Ladder.of(proof, order.marks(), step.label(), Metrics.SCREEN);
        int at = steps.indexOf(step);
        StoredReading last = order.last();
        String kept = last == null
                ? ""
                : "kept "
                        + Say.when(last.reading().at(), clock.getZone(), LocalDate.now(clock))
                                .replace("today ", "");
        return new MeasureView(
                order.id(),
                order.client().name(),
                order.title(),
                order.form().title(),
                kept,
                each.taken() + " of " + each.asked(),
                counts(proof),
                ladder,
                app.misura.core.format.ladder.LadderSvg.brackets(ladder),
                parts(order.form(), ladder),
                spoken(proof),
                step(order, proof, step, wantedSide, heard),
                at > 0 ? steps.get(at - 1).label() : null,
                at < steps.size() - 1 ? steps.get(at + 1).label() : null,
                order.readings().size(),
                proof);
    }

    static List<MeasureView.Count> counts(Proof proof) {
        List<MeasureView.Count> counts = new ArrayList<>();
        for (Bracket.State state : List.of(
                Bracket.State.CLOSED,
                Bracket.State.WRONG,
                Bracket.State.GAP,
                Bracket.State.OPEN,
                Bracket.State.TO_COME)) {
            long count = proof.count(state);
            if (count > 0) {
                counts.add(new MeasureView.Count(
                        Say.sign(state), count + " " + state.word(), state == Bracket.State.WRONG));
            }
        }
        return counts;
    }

    static List<MeasureView.PartView> parts(OrderForm form, Ladder ladder) {
        List<MeasureView.PartView> parts = new ArrayList<>();
        for (Part part : form.parts()) {
            List<Rung> rungs = ladder.rungs().stream()
                    .filter(r -> r.step().part().equals(part.letter()))
                    .toList();
            if (!rungs.isEmpty()) {
                parts.add(new MeasureView.PartView(
                        part.letter(), part.title(), rungs, ladder.gates().get(part.letter())));
            }
        }
        return parts;
    }

    /** Each sum in a sentence, for whoever does not see the brackets. Never the missing number of an open one. */
    static List<String> spoken(Proof proof) {
        List<String> said = new ArrayList<>();
        for (Bracket bracket : proof.brackets()) {
            if (bracket.state() == Bracket.State.NOT_CHECKED) {
                continue;
            }
            String name = bracket.closure().name();
            String state = bracket.isJudged()
                    ? bracket.state().word()
                            + (bracket.state() == Bracket.State.CLOSED ? "" : ", " + direction(bracket, proof))
                    : "waits for " + String.join(", ", bracket.waiting());
            said.add(name + ": " + bracket.closure().equation() + ", " + state);
        }
        return said;
    }

    private static String direction(Bracket bracket, Proof proof) {
        var gap = Objects.requireNonNull(bracket.gap());
        return String.join(" + ", bracket.closure().parts()) + " is "
                + LengthText.column(gap.abs(), proof.sheet().unit())
                + (gap.isPositive() ? " over " : " under ")
                + String.join(" + ", bracket.closure().wholes());
    }

    private MeasureView.StepView step(
            GarmentOrder order, Proof proof, Step step, @Nullable Side wantedSide, Heard heard) {
        OrderForm form = order.form();
        Part part = form.partOf(step);
        List<Sheet.Slot> slots = order.sheet().slots().stream()
                .filter(s -> s.step().equals(step))
                .toList();
        Sheet.@Nullable Slot slot = slot(slots, wantedSide, proof);
        return new MeasureView.StepView(
                step.label(),
                step.name(),
                part.title() + " · " + part.place(),
                step.prompt().how(),
                step.prompt().place(),
                step.prompt().mind(),
                form.unit().symbol(),
                "to " + form.increment().words(),
                step.settle() == Settle.SINGLE ? "" : step.settle().words(),
                step.isMark(),
                order.marks().contains(step.label()),
                sides(slots, slot, proof),
                slot == null || slot.side() == null ? null : slot.side().word(),
                heard.entry(),
                heard.sentence(),
                heard.tone(),
                heard.confirm(),
                UUID.randomUUID().toString(),
                slot == null ? List.of() : tries(order, slot),
                sums(proof, step),
                wayOut(proof, form, step));
    }

    private static Sheet.@Nullable Slot slot(List<Sheet.Slot> slots, @Nullable Side wanted, Proof proof) {
        if (slots.isEmpty()) {
            return null;
        }
        for (Sheet.Slot slot : slots) {
            if (slot.isOneOfBoth() && slot.side() == wanted) {
                return slot;
            }
        }
        return slots.stream()
                .filter(s -> !proof.settled().containsKey(s.id()))
                .findFirst()
                .orElse(slots.get(0));
    }

    private static List<MeasureView.SideView> sides(List<Sheet.Slot> slots, Sheet.@Nullable Slot now, Proof proof) {
        if (slots.size() < 2) {
            return List.of();
        }
        return slots.stream()
                .map(s -> new MeasureView.SideView(
                        Objects.requireNonNull(s.side()).word(),
                        proof.value(s.id())
                                .map(l -> LengthText.column(l, proof.sheet().unit()))
                                .orElse(""),
                        s.equals(now)))
                .toList();
    }

    private static List<MeasureView.TryView> tries(GarmentOrder order, Sheet.Slot slot) {
        List<MeasureView.TryView> tries = new ArrayList<>();
        List<StoredReading> own = order.readings().stream()
                .filter(r -> r.reading().step().equals(slot.step().label())
                        && (!slot.isOneOfBoth() || r.reading().side() == slot.side()))
                .toList();
        long counting = own.stream().filter(r -> r.reading().counts()).count();
        for (StoredReading stored : own) {
            Reading r = stored.reading();
            boolean hidden = slot.step().settle() == Settle.TWO_AGREE && counting == 1 && r.counts();
            String text = r.length() == null
                    ? "none"
                    : LengthText.column(r.length(), order.form().unit());
            tries.add(new MeasureView.TryView(
                    stored.id(), text, r.struck() == null ? null : r.struck().reason(), hidden));
        }
        return tries;
    }

    private static List<MeasureView.SumView> sums(Proof proof, Step step) {
        List<MeasureView.SumView> sums = new ArrayList<>();
        for (Bracket bracket : proof.bracketsOf(step.label())) {
            if (bracket.state() == Bracket.State.NOT_CHECKED || bracket.state() == Bracket.State.WRONG) {
                continue;
            }
            List<String> others = bracket.waiting().stream()
                    .filter(l -> !l.equals(step.label()))
                    .toList();
            String state = switch (bracket.state()) {
                case CLOSED -> "closes";
                case GAP -> direction(bracket, proof);
                default ->
                    others.isEmpty()
                            ? "closes now"
                            : "waits for " + last(others) + ", "
                                    + proof.sheet()
                                            .form()
                                            .step(last(others))
                                            .name()
                                            .toLowerCase(java.util.Locale.ROOT);
            };
            sums.add(new MeasureView.SumView(
                    Say.sign(bracket.state()), bracket.closure().equation(), state));
        }
        return sums;
    }

    private static String last(List<String> list) {
        return list.get(list.size() - 1);
    }

    /** At most one wrong sum: one of this step, else the first on the sheet. */
    private static MeasureView.@Nullable WayOut wayOut(Proof proof, OrderForm form, Step step) {
        Optional<Bracket> wrong = proof.bracketsOf(step.label()).stream()
                .filter(b -> b.state() == Bracket.State.WRONG)
                .findFirst()
                .or(() -> proof.brackets().stream()
                        .filter(b -> b.state() == Bracket.State.WRONG)
                        .findFirst());
        if (wrong.isEmpty() || proof.retake().isEmpty()) {
            return null;
        }
        String again = proof.retake().get(0);
        List<Part> parts = form.parts();
        int at = parts.indexOf(form.partOf(step));
        String before = at < parts.size() - 1 ? parts.get(at + 1).letter() : "";
        return new MeasureView.WayOut(
                Say.sign(Bracket.State.WRONG), direction(wrong.get(), proof) + ".", again, before);
    }
}
