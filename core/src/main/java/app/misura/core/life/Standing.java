package app.misura.core.life;

/**
 * What is known of an order when it is to move.
 *
 * @param stage where it stands
 * @param before where it stood before it was put on hold or called off; else the same
 * @param toTake what is still to be taken, in a sentence; empty if nothing
 * @param open why the sheet is not measured though everything is taken, in a sentence; empty if it is
 * @param notCut why nothing can be cut by, in a sentence; empty if the cut holds
 * @param printed whether a cut sheet was printed that is still what would be cut
 */
public record Standing(Stage stage, Stage before, String toTake, String open, String notCut, boolean printed) {

    /** What stands in the way of being measured; empty if nothing. */
    String notMeasured() {
        return toTake.isEmpty() ? open : toTake;
    }

    /** What stands in the way of being cut; empty if nothing. */
    String notToBeCut() {
        return notMeasured().isEmpty() ? notCut : notMeasured();
    }
}
