package app.misura.core.format.json;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
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
        @JsonProperty("final") Adjustment.@Nullable Final last,
        StrengthDoc strength) {

    /** What the network checks, whatever is read. @param groups ids whose errors look alike */
    public record StrengthDoc(List<Strength.Noticed> noticed, List<List<String>> groups) {}

    /** A network and what comes of it. */
    public static AdjustmentDoc of(Network network, Adjustment a) {
        Strength strength = Strength.of(network);
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
                a.last(),
                new StrengthDoc(strength.noticed(), strength.groups()));
    }
}
