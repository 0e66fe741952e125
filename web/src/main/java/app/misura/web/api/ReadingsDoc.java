package app.misura.web.api;

import app.misura.core.format.json.LeftOutDoc;
import app.misura.core.format.json.OneOf;
import app.misura.core.format.json.ReadingDoc;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.StoredReading;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Document {@code readings/1}: readings of one order, in order. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ReadingsDoc(
        @OneOf("readings/1") String misura,
        @Nullable String order,
        List<ReadingDoc> readings,
        @Nullable List<LeftOutDoc> leftOut) {

    public static ReadingsDoc of(GarmentOrder order, List<StoredReading> readings) {
        return new ReadingsDoc(
                "readings/1",
                order.id(),
                readings.stream()
                        .map(r -> ReadingDoc.of(r.reading(), order.form(), r.id(), r.key()))
                        .toList(),
                order.sheet().leftOut().stream().map(LeftOutDoc::of).toList());
    }
}
