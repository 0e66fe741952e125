package app.misura.web.order;

import app.misura.core.life.Stage;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an order is, beside its sheet.
 *
 * @param neededOn null where no day is set
 * @param added steps of the whole form that its selection has besides
 * @param notes what whoever works on it should know; may be empty
 * @param together the first of the sheets that are one order with it; null where it stands alone
 */
public record About(
        int number,
        String title,
        Stage stage,
        @Nullable LocalDate neededOn,
        List<String> added,
        String notes,
        @Nullable String together,
        Instant createdAt) {
    public About {
        added = List.copyOf(added);
    }
}
