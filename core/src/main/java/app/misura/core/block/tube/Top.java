package app.misura.core.block.tube;

import app.misura.core.draft.Given;
import app.misura.core.draft.Outcome;
import java.util.List;
import java.util.Optional;

/**
 * Where a tube ends above.
 *
 * @param height the middle of its edge, mm
 * @param front how much higher it lies in front than in the middle, and as much lower behind, mm
 * @param isOwn whether that is a height of its own; else it is the highest girth's
 */
record Top(double height, double front, boolean isOwn) {
    private static final double LEVEL = 0.5;

    static Top of(Rungs rungs, Given given) {
        if (given.mmIfThere("reach").isPresent()) {
            return new Top(given.mm("reach"), 0, true);
        }
        double highest = rungs.top().height();
        if (given.mmIfThere("top-front").isEmpty()
                || given.mmIfThere("top-back").isEmpty()) {
            return new Top(highest, 0, false);
        }
        return new Top(highest, (given.mm("top-front") - given.mm("top-back")) / 2, false);
    }

    boolean isSlanted() {
        return Math.abs(front) > LEVEL;
    }

    /** An edge that slants down to the level under it cuts that level. */
    Optional<Outcome.Refused> refused(Rungs rungs) {
        Rungs.Rung under = rungs.list().get(1);
        return isSlanted() && Math.abs(front) > height - under.height() - Numbers.NEAREST
                ? Optional.of(new Outcome.Refused(
                        List.of("top-front", "top-back", under.heightName()),
                        "the edge slants so far that it passes the level under it",
                        false))
                : Optional.empty();
    }
}
