package app.misura.web.order;

import app.misura.core.form.OrderForm;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One garment for one client, with everything on its sheet.
 *
 * @param marks labels of the marks that are set
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
        Set<String> marks,
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
}
