package app.misura.core.form;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A form as it is written in YAML. */
final class FormText {
    private FormText() {}

    record FormDoc(
            String id,
            int version,
            String title,
            String unit,
            String increment,
            @Nullable String waist,
            @Nullable Map<String, PartDoc> parts,
            @Nullable List<ClosureDoc> closures,
            @Nullable List<OrderDoc> orders,
            @Nullable List<LevelDoc> levels,
            @Nullable List<OptionDoc> options,
            @Nullable String selectionOf,
            @Nullable List<String> select,
            @Nullable List<String> withoutOptions,
            @Nullable Map<String, String> sides,
            @Nullable Map<String, ChangeDoc> change,
            @Nullable Double sigmaFactor,
            @Nullable Boolean cuts) {}

    record PartDoc(
            String title,
            String place,
            @Nullable String gate,
            @Nullable Boolean heldByClient,
            List<StepDoc> steps) {}

    record StepDoc(
            String label,
            String name,
            @Nullable String measure,
            @Nullable String word,
            @Nullable List<String> needs,
            @Nullable String side,
            @Nullable Map<String, String> condition,
            @Nullable String at,
            @Nullable String play,
            @Nullable String settle,
            @Nullable String within,
            @Nullable String uneven,
            @Nullable Boolean critical,
            @Nullable Map<String, String> onlyIf,
            @Nullable String derived,
            @Nullable String aux,
            @Nullable String adds,
            String how,
            String place,
            String brief,
            @Nullable String mind,

            @Nullable @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
            List<String> spot) {}

    /** What a selection says otherwise of a step than the form it selects from. */
    record ChangeDoc(
            @Nullable String side,
            @Nullable String settle,
            @Nullable String within,
            @Nullable String how,
            @Nullable String place,
            @Nullable String brief,
            @Nullable String mind) {}

    record ClosureDoc(
            String id,
            String name,
            String sum,
            @Nullable String constant,
            String tolerance,
            @Nullable Map<String, String> onlyIf) {}

    record OrderDoc(
            String id,
            String more,
            String less,
            @Nullable String within,
            @Nullable Boolean usual,
            String reason) {}

    record LevelDoc(String id, String name, List<String> members, String within) {}

    record OptionDoc(String id, String title, List<String> choices, String usual) {}
}
