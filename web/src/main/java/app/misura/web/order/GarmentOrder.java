package app.misura.web.order;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.form.OrderForm;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.life.Stage;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import app.misura.web.reading.StoredAcceptance;
import app.misura.web.reading.StoredReading;
import app.misura.web.reading.Taken;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Lately;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * One garment for one client, with everything on its sheet.
 *
 * @param taken what was taken on the sheet; its readings are the sheet's
 * @param choices how it is cut, as a text in the interchange's words; empty for the house's own
 * @param tables of the house, by which it is cut
 * @param version for the next change: a change of an older one is refused
 */
public record GarmentOrder(
        String id,
        Client client,
        About about,
        Sheet sheet,
        Taken taken,
        String choices,
        HouseTables tables,
        long version) {

    /** An order whose sheet has what was taken. @param blank the form and the answers, with nothing on it */
    static GarmentOrder of(
            String id,
            Client client,
            About about,
            Sheet blank,
            Taken taken,
            String choices,
            HouseTables tables,
            long version) {
        Sheet sheet = new Sheet(
                blank.form(),
                blank.wearer(),
                blank.answers(),
                taken.readings().stream().map(StoredReading::reading).toList(),
                taken.leftOut(),
                taken.accepted().stream().map(StoredAcceptance::acceptance).toList(),
                blank.judging());
        return new GarmentOrder(id, client, about, sheet, taken, choices, tables, version);
    }

    public int number() {
        return about.number();
    }

    public String title() {
        return about.title();
    }

    public Stage stage() {
        return about.stage();
    }

    public @Nullable LocalDate neededOn() {
        return about.neededOn();
    }

    public OrderForm form() {
        return sheet.form();
    }

    public Map<String, String> answers() {
        return sheet.answers();
    }

    public List<StoredReading> readings() {
        return taken.readings();
    }

    /** The sheet with what was taken for this order alone, without what was known before. */
    public Sheet takenHere() {
        List<Reading> own = readings().stream()
                .filter(r -> r.from().isEmpty())
                .map(StoredReading::reading)
                .toList();
        return new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), own, sheet.leftOut());
    }

    /** The values that were known before, in form order, by the number of the order on whose sheet they were written. */
    public Map<Integer, List<ValueId>> knownBefore() {
        Map<Integer, List<ValueId>> known = new TreeMap<>();
        for (Sheet.Slot slot : sheet.slots()) {
            readings().stream()
                    .filter(r -> r.reading().counts()
                            && r.reading().step().equals(slot.step().label()))
                    .filter(r -> !slot.isOneOfBoth() || r.reading().side() == slot.side())
                    .flatMap(r -> r.from().stream())
                    .findFirst()
                    .ifPresent(from -> known.computeIfAbsent(from.number(), n -> new ArrayList<>())
                            .add(slot.id()));
        }
        return known;
    }

    /** What pages show of the order in their bar. @param at the page */
    public Crumb crumb(Crumb.At at) {
        return new Crumb(id, client.id(), client.name(), about.title(), at);
    }

    public @Nullable StoredReading last() {
        return readings().isEmpty() ? null : readings().get(readings().size() - 1);
    }

    /** The order as it is with readings that were kept just now; one that it has already is not there twice. */
    public GarmentOrder with(List<StoredReading> kept) {
        List<StoredReading> all = new ArrayList<>(readings());
        kept.stream()
                .filter(k -> readings().stream().noneMatch(r -> r.id().equals(k.id())))
                .forEach(all::add);
        return of(id, client, about, sheet, taken.with(all), choices, tables, version);
    }

    /** What a proof is made of; of the order nothing else. */
    private record Made(String id, List<String> added, Sheet sheet, Marks marks, Passes passes) {
        /** A form is told by its id, version and unit, and need not be looked through. */
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Made made
                    && id.equals(made.id)
                    && added.equals(made.added)
                    && sheet.form().id().equals(made.sheet.form().id())
                    && sheet.form().version() == made.sheet.form().version()
                    && sheet.unit() == made.sheet.unit()
                    && sheet.wearer().equals(made.sheet.wearer())
                    && sheet.answers().equals(made.sheet.answers())
                    && sheet.readings().equals(made.sheet.readings())
                    && sheet.leftOut().equals(made.sheet.leftOut())
                    && sheet.accepted().equals(made.sheet.accepted())
                    && sheet.judging() == made.sheet.judging()
                    && marks.equals(made.marks)
                    && passes.equals(made.passes);
        }

        @Override
        public int hashCode() {
            return Objects.hash(id, sheet.readings().size(), sheet.leftOut().size(), marks, passes);
        }
    }

    /** Lists show the same sheets again and again; a sheet that changed is another one, so none is ever stale. */
    private static final Lately<Made, Course> COURSES = new Lately<>(300);

    /** The proof of the sheet as it is. */
    public Proof proof() {
        return course().proof();
    }

    /** How far the measuring has come, with its proof. */
    public Course course() {
        return COURSES.get(
                new Made(id, about.added(), sheet, taken.marks(), taken.passes()),
                () -> Course.of(Proof.of(sheet), taken.marks(), taken.passes()));
    }
}
