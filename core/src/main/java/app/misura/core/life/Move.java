package app.misura.core.life;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * A way on from where an order stands.
 *
 * @param to the stage it leads to
 * @param verb what is done, as a button says it
 * @param hindrance what stands in the way, in a sentence; empty where the way is free
 * @param onward whether it is the way the work goes, and not back, aside or out
 */
public record Move(Stage to, String verb, String hindrance, boolean onward) {
    private static final Set<Stage> CUT = EnumSet.of(Stage.CUTTING, Stage.MAKING, Stage.READY);

    public boolean isFree() {
        return hindrance.isEmpty();
    }

    /** Whether a reason is asked for: of what leaves the way of the work. */
    public boolean wantsReason() {
        return to == Stage.ON_HOLD || to == Stage.CALLED_OFF;
    }

    /** Whether it is the cutter's to decide: what is cut, made and done with. */
    public boolean isCutters() {
        return CUT.contains(to) || to == Stage.CALLED_OFF;
    }

    /** All ways from where an order stands, onward ones first; those with something in the way are among them. */
    public static List<Move> of(Standing at) {
        List<Move> moves = new ArrayList<>();
        switch (at.stage()) {
            case MEASURING -> {
                moves.add(new Move(Stage.IN_REVIEW, "Ask for a second pair of eyes", at.toTake(), true));
                moves.add(measured(at));
            }
            case IN_REVIEW -> {
                moves.add(measured(at));
                moves.add(back(Stage.MEASURING, "Back to measuring"));
            }
            case MEASURED -> {
                moves.add(new Move(Stage.CUTTING, "To cutting", at.notToBeCut(), true));
                moves.add(back(Stage.MEASURING, "Back to measuring"));
            }
            case CUTTING -> {
                moves.add(new Move(Stage.MAKING, "To making", notPrinted(at), true));
                moves.add(back(Stage.MEASURED, "Back to measured"));
            }
            case MAKING -> {
                moves.add(new Move(Stage.READY, "Ready", notPrinted(at), true));
                moves.add(back(Stage.CUTTING, "Back to cutting"));
            }
            case READY -> {
                moves.add(new Move(Stage.HANDED_OVER, "Hand over", "", true));
                moves.add(back(Stage.MAKING, "Back to making"));
            }
            case HANDED_OVER -> moves.add(back(Stage.READY, "Not handed over after all"));
            case ON_HOLD, CALLED_OFF -> moves.add(new Move(takenUp(at), "Take up again", "", true));
        }
        if (at.stage().isOpen()) {
            moves.add(back(Stage.ON_HOLD, "Put on hold"));
        }
        if (at.stage().isOpen() || at.stage() == Stage.ON_HOLD) {
            moves.add(back(Stage.CALLED_OFF, "Call off"));
        }
        return moves;
    }

    private static Move back(Stage to, String verb) {
        return new Move(to, verb, "", false);
    }

    private static Move measured(Standing at) {
        return new Move(Stage.MEASURED, "Measured", at.notMeasured(), true);
    }

    private static String notPrinted(Standing at) {
        return at.printed() ? "" : "No cut sheet was printed of the cut as it is now.";
    }

    /** Where it stood; but behind measuring only if what it needs there still holds. */
    private static Stage takenUp(Standing at) {
        boolean holds = at.before().isMeasuring() || at.notMeasured().isEmpty();
        return holds && at.before().isOpen() ? at.before() : Stage.MEASURING;
    }
}
