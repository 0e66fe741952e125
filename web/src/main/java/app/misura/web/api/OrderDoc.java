package app.misura.web.api;

import app.misura.core.format.json.OneOf;
import app.misura.web.order.GarmentOrder;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code order/1}. @param id the house's to give @param client whose garment it is, by id */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record OrderDoc(
        @OneOf("order/1") String misura,
        @Nullable String id,
        String client,
        @Nullable String title,
        String form,
        @Nullable Integer version,
        @OneOf({"cm", "in"}) @Nullable String unit,
        @Nullable Map<String, String> options) {

    public static OrderDoc of(GarmentOrder order) {
        return new OrderDoc(
                "order/1",
                order.id(),
                order.client().id(),
                order.title(),
                order.form().id(),
                order.form().version(),
                order.form().unit().symbol(),
                order.answers());
    }
}
