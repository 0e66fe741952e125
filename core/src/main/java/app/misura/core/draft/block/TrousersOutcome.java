package app.misura.core.draft.block;

import app.misura.core.draft.Draft;
import java.util.List;

/** A draft that keeps its targets, or the two inputs that fight each other. */
public sealed interface TrousersOutcome {

    /** @param cautions what the cutter should look at, one sentence each */
    record Drafted(Draft draft, List<String> cautions) implements TrousersOutcome {}

    /** @param why what could not be kept, in a few words */
    record Refused(TrousersInput.Pair pair, String why) implements TrousersOutcome {}
}
