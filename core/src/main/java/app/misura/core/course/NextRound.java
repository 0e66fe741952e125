package app.misura.core.course;

import app.misura.core.reading.Reading;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Which round the next reading of a value belongs to, as long as nobody says otherwise. */
final class NextRound {
    private NextRound() {}

    static int of(Course course, Sheet.Slot slot, @Nullable String by) {
        List<Reading> tries = course.proof().sheet().tries(slot);
        int newest = Rounds.newest(tries);
        return newest == 0 || !course.isMoved(slot) && (by == null || isBeingTaken(course, slot, tries, by))
                ? Math.max(1, newest)
                : course.roundAnew(slot);
    }

    private static boolean isBeingTaken(Course course, Sheet.Slot slot, List<Reading> tries, String by) {
        Settled settled = course.proof().settled().get(slot.id());
        boolean open = settled != null && settled.isOpen() && settled.round() == Rounds.newest(tries);
        Optional<Reading> last = course.proof().sheet().readings().stream()
                .filter(r -> r.by().equals(by))
                .reduce((a, b) -> b);
        return open || last.filter(tries::contains).isPresent();
    }
}
