package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SumWords;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Said;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.web.house.Tool;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.StepNote;
import app.misura.web.reading.StoredReading;
import app.misura.web.ui.Say;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Lays out the one step that is asked for: its entry, its tries, its sums. */
final class StepDesk {
    private final ZoneId zone;
    private final List<Tool> tools;
    private final GarmentOrder order;
    private final OrderForm form;
    private final Course course;
    private final Proof proof;
    private final Step step;
    private final List<Sheet.Slot> slots;

    StepDesk(GarmentOrder order, Course course, Step step, ZoneId zone, List<Tool> tools) {
        this.zone = zone;
        this.tools = tools;
        this.order = order;
        this.form = order.form();
        this.course = course;
        this.proof = course.proof();
        this.step = step;
        this.slots = course.slots(step);
    }

    /** @param place which side and which round of it are meant */
    MeasureView.StepView view(Place place, Visit visit) {
        Sheet.Slot slot = slot(place.side());
        int round = slot == null ? 1 : place.round(course, slot, visit.by().account());
        Part part = form.partOf(step);
        return new MeasureView.StepView(
                step.label(),
                step.name(),
                part.title() + " · " + part.place(),
                step.prompt().how(),
                step.prompt().place(),
                step.prompt().mind(),
                unit(),
                isLength() ? "to " + form.increment().words() : "",
                isLength() ? form.increment().fractions() : List.of(),
                step.settle() == Settle.SINGLE ? "" : step.settle().words(),
                step.isMark(),
                course.marks().isSet(step.label()),
                course.missingMark(step)
                        .map(m -> new MeasureView.MarkView(m.label(), m.name()))
                        .orElse(null),
                slot == null
                        ? ""
                        : proof.sheet()
                                .leftOut(slot)
                                .map(out -> out.why().said())
                                .orElse(""),
                slot != null && course.isMoved(slot) ? value(slot) : "",
                sides(slot),
                slot == null || slot.side() == null ? null : slot.side().word(),
                visit.heard(),
                UUID.randomUUID().toString(),
                slot == null ? List.of() : tries(slot, round),
                round,
                slot == null ? null : otherRound(slot, round),
                place.walk(),
                sums(),
                wayOut(),
                note(),
                plays(),
                tools(),
                step.takesReadings() && step.taken().isFlatWidth(),
                step.takesReadings() && step.taken().kind() == Kind.WORD);
    }

    private boolean isLength() {
        return !step.takesReadings() || step.taken().kind().isLength();
    }

    private String unit() {
        return isLength() ? form.unit().symbol() : step.taken().kind() == Kind.MASS ? "kg" : "";
    }

    /** What may lie under the tape; nothing to choose where a tape has no play. */
    private List<MeasureView.PlayView> plays() {
        if (!step.takesReadings() || !step.taken().kind().hasPlay()) {
            return List.of();
        }
        Play now = course.play(step);
        return Stream.of(Play.values())
                .map(p -> new MeasureView.PlayView(p.word(), p.under(), p == now, p == step.play()))
                .toList();
    }

    /** What may be read with besides the tape, where a ruler can stand; what was used last is expected again. */
    private List<MeasureView.ToolView> tools() {
        if (!isRulers(step)) {
            return List.of();
        }
        String last = proof.sheet().readings().stream()
                .filter(r -> isRulers(form.step(r.step())))
                .reduce((a, b) -> b)
                .map(r -> r.taking().tool())
                .orElse("");
        return tools.stream()
                .map(t -> new MeasureView.ToolView(
                        t.id(), t.name() + ", adds " + t.blank(), t.name().equals(last)))
                .toList();
    }

    private static boolean isRulers(Step step) {
        return step.takesReadings()
                && (step.taken().kind() == Kind.SEATED || step.taken().kind() == Kind.HEIGHT);
    }

    private String note() {
        StepNote note = order.taken().notes().get(step.label());
        return note == null ? "" : note.text();
    }

    /** The side on which the tape lies; null where the step has none. @param wanted which of both; null for the one that waits */
    @Nullable
    Side side(@Nullable Side wanted) {
        Sheet.Slot slot = slot(wanted);
        return slot == null ? null : slot.side();
    }

    private Sheet.@Nullable Slot slot(@Nullable Side wanted) {
        Optional<Sheet.Slot> named = slots.stream()
                .filter(s -> s.isOneOfBoth() && s.side() == wanted)
                .findFirst();
        return named.or(() -> slots.stream()
                        .filter(s -> !proof.settled().containsKey(s.id())
                                && proof.sheet().leftOut(s).isEmpty())
                        .findFirst())
                .or(() -> slots.stream().findFirst())
                .orElse(null);
    }

    private String value(Sheet.Slot slot) {
        return proof.value(slot.id())
                .map(l -> LengthText.column(l, form.unit()))
                .orElse("");
    }

    private List<MeasureView.SideView> sides(Sheet.@Nullable Slot now) {
        if (slots.size() < 2) {
            return List.of();
        }
        return slots.stream()
                .map(s -> new MeasureView.SideView(
                        Objects.requireNonNull(s.side()).word(), value(s), s.equals(now)))
                .toList();
    }

    /** The round beside the one that is being taken: a new one, or the one that would go on. */
    private MeasureView.@Nullable RoundView otherRound(Sheet.Slot slot, int round) {
        Settled settled = proof.settled().get(slot.id());
        int newest = Rounds.newest(proof.sheet().tries(slot));
        if (settled == null) {
            return null;
        }
        return round > newest
                ? new MeasureView.RoundView(
                        newest,
                        "Taken again: what is typed now counts alone.",
                        step.settle() == Settle.SINGLE ? "" : "One more try of those before")
                : new MeasureView.RoundView(
                        course.roundAnew(slot), "", step.settle() == Settle.SINGLE ? "" : "Take it again");
    }

    /** @param round which is being taken: those of the rounds before stay in sight */
    private List<MeasureView.TryView> tries(Sheet.Slot slot, int round) {
        List<StoredReading> own = order.readings().stream()
                .filter(r -> r.reading().step().equals(step.label())
                        && (!slot.isOneOfBoth() || r.reading().side() == slot.side()))
                .toList();
        Settled settled = proof.settled().get(slot.id());
        boolean blind = settled != null && settled.isFirstOfTwo() && settled.round() == round;
        List<Reading> made = settled == null ? List.of() : settled.made();
        List<MeasureView.TryView> tries = new ArrayList<>();
        for (StoredReading stored : own) {
            Reading r = stored.reading();
            String text = (r.length() == null ? Said.text(r, step) : LengthText.column(r.length(), form.unit()))
                    + (r.play() == step.play() ? "" : ", " + r.play().under())
                    + (r.aid() == null ? "" : ", " + r.aid());
            String struck = r.struck() == null ? null : r.struck().reason();
            boolean counts = own.size() > 1 && made.contains(r);
            boolean before = r.round() < round;
            tries.add(new MeasureView.TryView(
                    stored.id(),
                    stored.key(),
                    text,
                    from(stored),
                    struck,
                    blind && r.counts() && !before,
                    before,
                    counts));
        }
        return tries;
    }

    /** Where a reading was known from: "from order 12, 3 Nov". */
    private String from(StoredReading stored) {
        return stored.from()
                .map(f -> "from order " + f.number() + ", "
                        + Say.day(stored.reading().at().atZone(zone).toLocalDate()))
                .orElse("");
    }

    private List<MeasureView.SumView> sums() {
        return course.brackets().stream()
                .filter(b -> b.closure().concerns(step.label()))
                .filter(b -> b.state() != Bracket.State.NOT_CHECKED && b.state() != Bracket.State.WRONG)
                .map(b ->
                        new MeasureView.SumView(Say.sign(b.state()), b.closure().equation(form.unit()), state(b)))
                .toList();
    }

    private String state(Bracket bracket) {
        if (bracket.state() == Bracket.State.CLOSED) {
            return "closes";
        }
        if (bracket.state() == Bracket.State.GAP) {
            return SumWords.direction(bracket, form.unit());
        }
        return bracket.waiting().stream()
                .map(ValueId::step)
                .filter(l -> !l.equals(step.label()))
                .reduce((a, b) -> b)
                .map(l -> "waits for " + l + ", " + form.step(l).name().toLowerCase(Locale.ROOT))
                .orElse("closes now");
    }

    /** At most one wrong sum: one of this step, else the first on the sheet. */
    private MeasureView.@Nullable WayOut wayOut() {
        Optional<Bracket> wrong = proof.bracketsOf(step.label()).stream()
                .filter(b -> b.state() == Bracket.State.WRONG)
                .findFirst()
                .or(() -> proof.brackets().stream()
                        .filter(b -> b.state() == Bracket.State.WRONG)
                        .findFirst());
        if (wrong.isEmpty() || proof.retake().isEmpty()) {
            return null;
        }
        String before = course.firstAfter(form.partOf(step)).map(Step::part).orElse("");
        return new MeasureView.WayOut(
                Say.sign(Bracket.State.WRONG),
                SumWords.direction(wrong.get(), form.unit()) + ".",
                proof.retake().first().get(0),
                Place.along(String.join(",", proof.retake().first()), course).address(order.id(), null),
                before);
    }
}
