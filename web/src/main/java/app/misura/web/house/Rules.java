package app.misura.web.house;

/**
 * What the house calls itself, and what is usual here.
 *
 * @param name as it stands on pages and papers
 * @param address for papers; lines are kept, and it may be empty
 * @param paper {@code a4} or {@code letter}
 * @param unit {@code cm} or {@code in}: of the tape that is offered first
 * @param consent what is said to a client before the tape comes out
 * @param keepMonths for how long after the last visit data are kept
 * @param version for the next change: a change of an older one is refused
 */
public record Rules(
        String name, String address, String paper, String unit, String consent, int keepMonths, long version) {
    public boolean isLetter() {
        return paper.equals("letter");
    }
}
