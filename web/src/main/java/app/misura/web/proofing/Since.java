package app.misura.web.proofing;

import app.misura.core.format.sums.ChangeLines;
import app.misura.core.known.Change;
import app.misura.core.length.Length;
import app.misura.core.reading.AgeGroup;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.Origin;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** How the body of an order differs from what the client's other sheets had before. */
record Since(List<Change<Origin>> changes, GarmentOrder order, Clock clock) {
    /** Every change that the form can read, as dots on a line. */
    String drawn() {
        Length least = order.form().increment().step();
        return ChangeLines.svg(
                changes.stream()
                        .filter(c -> c.large() || c.by().abs().compareTo(least) >= 0)
                        .toList(),
                order.form().unit());
    }

    /** What changed more than two honest tapes differ, in one sentence; that nothing did, where there is something to compare. */
    String said() {
        if (changes.isEmpty()) {
            return "";
        }
        Map<String, List<String>> large = new LinkedHashMap<>();
        changes.stream()
                .filter(Change::large)
                .forEach(c -> large.computeIfAbsent(then(c), t -> new ArrayList<>())
                        .add(c.value().toString()));
        String young = order.sheet().wearer().age() == AgeGroup.ADULT ? "" : " The young grow.";
        return large.isEmpty()
                ? "No value differs more than two honest tapes do."
                : large.entrySet().stream()
                        .map(e -> "More than two honest tapes differ, since " + e.getKey() + ": "
                                + String.join(", ", e.getValue()) + ".")
                        .collect(Collectors.joining(" ", "", young));
    }

    /** "3 May (order 12)". */
    private String then(Change<Origin> change) {
        LocalDate day = LocalDate.ofInstant(change.then(), clock.getZone());
        return Say.dated(day, LocalDate.now(clock)) + " (order "
                + change.sheet().number() + ")";
    }
}
