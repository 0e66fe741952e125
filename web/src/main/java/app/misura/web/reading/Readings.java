package app.misura.web.reading;

import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.form.ValueId;
import app.misura.core.life.Stage;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Strike;
import app.misura.core.reading.Taking;
import app.misura.web.id.Ended;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is on the sheets of orders. Readings, strikes and marks are only added; what is left out is only taken back. Of
 * readings that go on into a whole form it is noted who took them. */
@Service
public class Readings {
    private static final int MOST_SEEN = 10_000;

    private final ReadingRepository readings;
    private final StrikeRepository strikes;
    private final MarkRepository marks;
    private final GatePassRepository passes;
    private final LeftOutRepository leftOut;
    private final StepNoteRepository notes;
    private final AcceptedRepository accepted;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    /** On which day the client of an order was noted as measured last; a sheet has many readings. */
    private final Map<String, LocalDate> seen = new ConcurrentHashMap<>();

    Readings(
            ReadingRepository readings,
            StrikeRepository strikes,
            MarkRepository marks,
            GatePassRepository passes,
            LeftOutRepository leftOut,
            StepNoteRepository notes,
            AcceptedRepository accepted,
            Clock clock,
            ApplicationEventPublisher events) {
        this.events = events;
        this.readings = readings;
        this.strikes = strikes;
        this.marks = marks;
        this.passes = passes;
        this.leftOut = leftOut;
        this.notes = notes;
        this.accepted = accepted;
        this.clock = clock;
    }

    /** How many rows of each kind an order has. */
    public record Rows(
            long readings,
            long strikes,
            long marks,
            long passes,
            long leftOut,
            long takenBack,
            long notes,
            long accepted) {}

    /** What one order has, by queries that are asked the same way each time; what it has none of is not asked for. */
    @Transactional(readOnly = true)
    public Taken of(String orderId, Rows rows) {
        return taken(
                rows.readings() == 0 ? List.of() : readings.of(orderId),
                rows.strikes() == 0 ? Map.of() : struck(strikes.of(orderId)),
                rows.marks() == 0 ? List.of() : marks.findByOrderId(orderId),
                rows.passes() == 0 ? List.of() : passes.findByOrderId(orderId),
                rows.leftOut() == rows.takenBack() ? List.of() : leftOut.standing(List.of(orderId)),
                rows.notes() == 0 ? List.of() : notes.ofAll(List.of(orderId)),
                rows.accepted() == 0 ? List.of() : accepted.standing(List.of(orderId)));
    }

    /** What many orders have, by order. */
    @Transactional(readOnly = true)
    public Map<String, Taken> of(List<String> orderIds) {
        Map<String, List<ReadingEntity>> read =
                readings.ofAll(orderIds).stream().collect(Collectors.groupingBy(r -> r.orderId));
        Map<String, StrikeEntity> struck = struck(strikes.ofAll(orderIds));
        Map<String, List<MarkEntity>> set =
                marks.findByOrderIdIn(orderIds).stream().collect(Collectors.groupingBy(m -> m.orderId));
        Map<String, List<GatePassEntity>> passed =
                passes.findByOrderIdIn(orderIds).stream().collect(Collectors.groupingBy(p -> p.orderId));
        Map<String, List<LeftOutEntity>> out =
                leftOut.standing(orderIds).stream().collect(Collectors.groupingBy(l -> l.orderId));
        Map<String, List<StepNoteEntity>> noted =
                notes.ofAll(orderIds).stream().collect(Collectors.groupingBy(n -> n.orderId));
        Map<String, List<AcceptedEntity>> judged =
                accepted.standing(orderIds).stream().collect(Collectors.groupingBy(a -> a.orderId));
        Map<String, Taken> all = new LinkedHashMap<>();
        for (String id : orderIds) {
            all.put(
                    id,
                    taken(
                            read.getOrDefault(id, List.of()),
                            struck,
                            set.getOrDefault(id, List.of()),
                            passed.getOrDefault(id, List.of()),
                            out.getOrDefault(id, List.of()),
                            noted.getOrDefault(id, List.of()),
                            judged.getOrDefault(id, List.of())));
        }
        return all;
    }

    private static Map<String, StrikeEntity> struck(List<StrikeEntity> strikes) {
        return strikes.stream().collect(Collectors.toMap(s -> s.readingId, Function.identity()));
    }

    private static Taken taken(
            List<ReadingEntity> readingRows,
            Map<String, StrikeEntity> struck,
            List<MarkEntity> markRows,
            List<GatePassEntity> passRows,
            List<LeftOutEntity> outRows,
            List<StepNoteEntity> noteRows,
            List<AcceptedEntity> acceptedRows) {
        Map<String, StepNote> noted = new LinkedHashMap<>();
        for (StepNoteEntity note : noteRows) {
            if (note.text.isEmpty()) {
                noted.remove(note.step);
            } else {
                noted.put(note.step, new StepNote(note.text, note.writtenAt, note.writtenBy));
            }
        }
        Marks set = Marks.NONE;
        for (MarkEntity mark : markRows) {
            set = set.with(mark.step, mark.setAt);
        }
        Passes passed = Passes.NONE;
        for (GatePassEntity pass : passRows) {
            passed = passed.with(pass.part, pass.question);
        }
        return new Taken(
                readingRows.stream().map(r -> r.reading(struck.get(r.id))).toList(),
                set,
                passed,
                outRows.stream().map(LeftOutEntity::leftOut).toList(),
                noted,
                acceptedRows.stream().map(AcceptedEntity::acceptance).toList());
    }

    /** Notes something at a step, in place of what was noted there before; an empty text takes that away. */
    @Transactional
    public void note(String orderId, String step, String text, String by) {
        write(orderId);
        notes.saveAndFlush(new StepNoteEntity(Ids.next(), orderId, step, text, clock.instant(), by));
    }

    /** Nobody deletes the order, or adds to its sheet, until the transaction is over; open pages are told then. @throws NotThere if it is not there */
    @Transactional
    public void hold(String orderId) {
        held(orderId);
    }

    private Stage held(String orderId) {
        Stage stage = Stage.valueOf(readings.lock(orderId).orElseThrow(() -> NotThere.order()));
        events.publishEvent(new SheetChanged(orderId));
        return stage;
    }

    /** The same to write on the sheet. @throws Ended if the order is over: its sheet is only read */
    @Transactional
    public void write(String orderId) {
        Stage stage = held(orderId);
        if (stage.isEnded()) {
            throw new Ended(stage.word());
        }
    }

    /**
     * The readings that now stand for what was posted.
     *
     * @param added how many of them are new
     * @param struck how many that were known before they took the place of
     */
    public record Kept(List<StoredReading> readings, int added, int struck) {}

    /** Keeps readings: all of them, or none. One whose key is known already is answered as it was kept then. */
    @Transactional
    public Kept keep(String orderId, List<NewReading> wanted) {
        write(orderId);
        LocalDate today = LocalDate.now(clock);
        if (!today.equals(seen.get(orderId))) {
            readings.seen(orderId, today);
        }
        int position = readings.lastPosition(orderId);
        int added = 0;
        List<StoredReading> kept = new ArrayList<>();
        for (NewReading reading : wanted) {
            Optional<ReadingEntity> known = reading.key() == null
                    ? Optional.empty()
                    : readings.findByOrderIdAndClientKey(orderId, reading.key());
            if (known.isPresent()) {
                kept.add(known.get().reading(strikes.findById(known.get().id).orElse(null)));
                continue;
            }
            ReadingEntity entity = new ReadingEntity(Ids.next(), orderId, ++position, reading.reading(), reading.key());
            readings.saveAndFlush(entity);
            kept.add(entity.reading(null));
            added++;
        }
        if (seen.size() > MOST_SEEN) {
            seen.clear();
        }
        seen.put(orderId, today);
        return new Kept(kept, added, struckFor(orderId, wanted));
    }

    /** What is taken here takes the place of what was known before. @return how many readings were struck */
    private int struckFor(String orderId, List<NewReading> taken) {
        int struck = 0;
        for (ReadingEntity known : readings.findByOrderIdAndFromOrderIsNotNull(orderId)) {
            Optional<NewReading> by = taken.stream()
                    .filter(t ->
                            t.reading().step().equals(known.step) && t.reading().side() == known.side)
                    .findFirst();
            if (by.isPresent() && strikes.findById(known.id).isEmpty()) {
                strikes.saveAndFlush(new StrikeEntity(
                        known.id,
                        Strike.TAKEN_ANEW,
                        clock.instant(),
                        by.get().reading().by()));
                struck++;
            }
        }
        return struck;
    }

    /** Writes readings that another sheet had already, as they were written there. */
    @Transactional
    public void takeOver(String orderId, List<Reading> known, Origin from) {
        write(orderId);
        int position = readings.lastPosition(orderId);
        for (Reading reading : known) {
            readings.saveAndFlush(new ReadingEntity(Ids.next(), orderId, ++position, reading, from));
        }
    }

    /** Says of readings that were taken for an order, as if by a trained hand, whose hand it was. */
    @Transactional
    public void takenBy(String orderId, Taking.Hand hand) {
        readings.takenBy(orderId, hand, Taking.Hand.TRAINED);
    }

    /** Strikes a reading of an order. Struck once, it stays as it was struck. */
    @Transactional
    public void strike(String orderId, String readingId, String reason, String by) {
        write(orderId);
        ReadingEntity reading = readings.findById(readingId)
                .filter(r -> r.orderId.equals(orderId))
                .orElseThrow(() -> new NotThere("This reading is not on this order."));
        if (strikes.findById(reading.id).isEmpty()) {
            strikes.saveAndFlush(new StrikeEntity(reading.id, reason, clock.instant(), by));
        }
    }

    /** Keeps readings and leaves values out: all of it, or none. */
    @Transactional
    public Kept keep(String orderId, List<NewReading> wanted, List<LeftOut> out, String by) {
        int left = out.isEmpty() ? 0 : leaveOut(orderId, out, by);
        Kept kept = keep(orderId, wanted);
        return new Kept(kept.readings(), kept.added() + left, kept.struck());
    }

    /** Leaves values out of a sheet, or says anew why; what was said so already is not said twice. @return how many are new */
    @Transactional
    public int leaveOut(String orderId, List<LeftOut> values, String by) {
        write(orderId);
        Set<LeftOut> standing = leftOut.standing(List.of(orderId)).stream()
                .map(LeftOutEntity::leftOut)
                .collect(Collectors.toSet());
        int added = 0;
        for (LeftOut value : values) {
            if (standing.add(value)) {
                takeBack(orderId, value.value(), by);
                leftOut.saveAndFlush(new LeftOutEntity(Ids.next(), orderId, value, clock.instant(), by));
                added++;
            }
        }
        return added;
    }

    /** Takes back that a value is left out; nothing where it is not. */
    @Transactional
    public void takeBack(String orderId, ValueId value, String by) {
        write(orderId);
        for (LeftOutEntity standing : leftOut.standing(List.of(orderId))) {
            if (standing.leftOut().value().equals(value)) {
                standing.takenBackAt = clock.instant();
                standing.takenBackBy = by;
                leftOut.saveAndFlush(standing);
            }
        }
    }

    @Transactional
    public void setMark(String orderId, String step, String by) {
        write(orderId);
        marks.saveAndFlush(new MarkEntity(Ids.next(), orderId, step, clock.instant(), by));
    }

    /** Passes the questions of a gate, to be cleared later. */
    @Transactional
    public void passGate(String orderId, String part, List<String> questions, String by) {
        write(orderId);
        for (String question : questions) {
            passes.saveAndFlush(new GatePassEntity(Ids.next(), orderId, part, question, clock.instant(), by));
        }
    }
}
