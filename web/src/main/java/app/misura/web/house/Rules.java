package app.misura.web.house;

import app.misura.core.known.Fresh;

/**
 * What the house calls itself, and what is usual here.
 *
 * @param name as it stands on pages and papers
 * @param address for papers; lines are kept, and it may be empty
 * @param paper {@code a4} or {@code letter}
 * @param unit {@code cm} or {@code in}: of the tape that is offered first
 * @param consent what is said to a client before the tape comes out
 * @param keepMonths for how long after the last visit data are kept
 * @param fresh how old a value of a body may be before it is taken anew
 * @param onPaper whether a sum over its tolerance is a fault and closes a gate, as where it is done by hand
 * @param version for the next change: a change of an older one is refused
 */
public record Rules(
        String name,
        String address,
        String paper,
        String unit,
        String consent,
        int keepMonths,
        Fresh fresh,
        boolean onPaper,
        long version) {
    public boolean isLetter() {
        return paper.equals("letter");
    }
}
