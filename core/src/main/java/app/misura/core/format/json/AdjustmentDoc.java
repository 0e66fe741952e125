package app.misura.core.format.json;

import app.misura.core.adjust.Adjustment;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Document {@code adjustment/1}: what the least squares make of a network. */
public record AdjustmentDoc(
        @OneOf("adjustment/1") String misura,

        @OneOf({"consistent", "resolved", "resolved-unverified", "unresolved", "nothing-to-check", "contradictory"})
        String status,

        boolean holds,
        Adjustment.GlobalTest globalTest,
        Adjustment.SuspectTest suspectTest,
        List<Adjustment.ClosureGap> closures,
        List<Adjustment.Suspect> suspects,
        List<String> unchecked,
        List<Adjustment.Value> implied,
        List<Adjustment.Value> adjusted,
        List<Adjustment.Removal> removals,
        @JsonProperty("final") Adjustment.@Nullable Final last) {

    public static AdjustmentDoc of(Adjustment a) {
        return new AdjustmentDoc(
                "adjustment/1",
                a.status().word(),
                a.holds(),
                a.globalTest(),
                a.suspectTest(),
                a.closures(),
                a.suspects(),
                a.unchecked(),
                a.implied(),
                a.adjusted(),
                a.removals(),
                a.last());
    }
}
