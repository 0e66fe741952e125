package app.misura.core.format.json;

import app.misura.core.reading.Sheet;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Document {@code sheet/1}: the readings of one client on one form. Form and readings are all that has to be sent.
 *
 * @param choices how it is to be cut; only where it is sent to be cut
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record SheetDoc(
        @OneOf("sheet/1") String misura,
        String form,
        @Nullable Integer version,
        @OneOf({"cm", "in"}) @Nullable String unit,
        @Nullable WearerDoc client,
        @Nullable Map<String, String> options,
        List<ReadingDoc> readings,
        @Nullable List<LeftOutDoc> leftOut,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable
        List<AcceptedDoc> accepted,

        @Nullable Map<String, Object> choices) {

    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record WearerDoc(
            @OneOf({"left", "right"}) @Nullable String handedness,
            @OneOf({"adult", "young", "child"}) @Nullable String ageGroup) {}

    /** {@link SheetJson#read} gives the sheet back. */
    public static SheetDoc of(Sheet sheet) {
        return new SheetDoc(
                "sheet/1",
                sheet.form().id(),
                sheet.form().version(),
                sheet.unit().symbol(),
                new WearerDoc(
                        sheet.wearer().dominant().word(), sheet.wearer().age().word()),
                new TreeMap<>(sheet.answers()),
                sheet.readings().stream()
                        .map(r -> ReadingDoc.of(r, sheet.form()))
                        .toList(),
                sheet.leftOut().stream().map(LeftOutDoc::of).toList(),
                sheet.accepted().stream().map(AcceptedDoc::of).toList(),
                null);
    }
}
