package app.misura.core.format.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code network/1} as it is sent; {@link NetworkJson#read} says what of it is understood. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record NetworkDoc(
        @OneOf("network/1") String misura,
        @OneOf({"cm", "in"}) @Nullable String unit,
        @Nullable Settings settings,
        List<Measure> measures,
        List<Sum> closures) {

    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Settings(
            @Nullable Double alpha,
            @OneOf({"suspect", "global"}) @Nullable String gate,
            @Nullable Double parallel,
            @Nullable Integer maxRemovals) {}

    /** @param value absent or null where it is missing @param sd above 0 */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Measure(
            String id,
            @Nullable Double value,
            double sd,
            @Nullable Double increment) {}

    /** The sum of the terms and the constant is nought, within the tolerance. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Sum(
            String id,
            Map<String, Double> terms,
            @Nullable Double constant,
            @Nullable Double tolerance,
            @Nullable Double looseness) {}
}
