package app.misura.web.reading;

import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.reading.LeftOut;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What was taken on one sheet.
 *
 * @param readings in the order in which they were kept, struck ones among them
 * @param marks when each mark was set on the body
 * @param passes the questions of gates that are to be cleared later
 * @param leftOut what is left out and not taken back
 * @param notes what is noted at steps and of the visit, by labels
 * @param accepted what people took as it is and did not take back
 */
public record Taken(
        List<StoredReading> readings,
        Marks marks,
        Passes passes,
        List<LeftOut> leftOut,
        Map<String, StepNote> notes,
        List<StoredAcceptance> accepted) {
    /** Changes with everything that is taken, struck, set, left out or noted; how many readings there are stands first. */
    public String mark() {
        long struck = readings.stream().filter(r -> !r.reading().counts()).count();
        return readings.size() + "." + struck + "."
                + Integer.toHexString(Objects.hash(marks, passes, leftOut, notes, accepted));
    }

    /** What is noted at steps. */
    public Map<String, StepNote> stepNotes() {
        return notes.entrySet().stream()
                .filter(n -> !VisitNote.is(n.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> b, LinkedHashMap::new));
    }

    /** What is noted of the visit. */
    public Optional<StepNote> note(VisitNote place) {
        return Optional.ofNullable(notes.get(place.key()));
    }

    public Taken with(List<StoredReading> all) {
        return new Taken(all, marks, passes, leftOut, notes, accepted);
    }
}
