package app.misura.web.order;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.form.OrderForm;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One garment for one client, with everything on its sheet.
 *
 * @param marks when each mark was set on the body
 * @param passes the questions of gates that are to be cleared later
 * @param choices how it is cut, as a text in the interchange's words; empty for the house's own
 */
public record GarmentOrder(
        String id,
        int number,
        Client client,
        String title,
        Stage stage,
        @Nullable LocalDate neededOn,
        Sheet sheet,
        List<StoredReading> readings,
        Marks marks,
        Passes passes,
        String choices,
        Instant createdAt,
        long version) {

    public OrderForm form() {
        return sheet.form();
    }

    public Map<String, String> answers() {
        return sheet.answers();
    }

    public @Nullable StoredReading last() {
        return readings.isEmpty() ? null : readings.get(readings.size() - 1);
    }

    /** The order as it is with readings that were kept just now; one that it has already is not there twice. */
    public GarmentOrder with(List<StoredReading> kept) {
        List<StoredReading> all = new ArrayList<>(readings);
        kept.stream()
                .filter(k -> readings.stream().noneMatch(r -> r.id().equals(k.id())))
                .forEach(all::add);
        Sheet fuller = new Sheet(
                sheet.form(),
                sheet.wearer(),
                sheet.answers(),
                all.stream().map(StoredReading::reading).toList(),
                sheet.leftOut());
        return new GarmentOrder(
                id, number, client, title, stage, neededOn, fuller, all, marks, passes, choices, createdAt, version);
    }

    /** The proof of the sheet, made anew each time: it is cheap and never stale. */
    public Proof proof() {
        return Proof.of(sheet);
    }

    /** How far the measuring has come, with its proof. */
    public Course course() {
        return Course.of(proof(), marks, passes);
    }
}
