package app.misura.web.reading;

import app.misura.core.finding.Acceptance;
import app.misura.core.finding.Finding;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.time.Clock;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people take as it is on the sheets of orders. */
@Service
public class Acceptances {
    private final AcceptedRepository accepted;
    private final Readings readings;
    private final Clock clock;

    Acceptances(AcceptedRepository accepted, Readings readings, Clock clock) {
        this.accepted = accepted;
        this.readings = readings;
        this.clock = clock;
    }

    /** What a finding rests on now, as one text: a page that was shown before a value changed says another one. */
    public static String resting(Finding finding, Proof proof) {
        return AcceptedEntity.text(values(finding, proof));
    }

    private static Map<String, Long> values(Finding finding, Proof proof) {
        return Acceptance.resting(finding.values(), Sheet.nanometres(proof.settled()));
    }

    /** Takes a finding of an order's sheet as it is. */
    @Transactional
    public void accept(String orderId, Finding finding, Proof proof, String reason, String by) {
        readings.write(orderId);
        accepted.saveAndFlush(
                new AcceptedEntity(Ids.next(), orderId, finding, values(finding, proof), reason, clock.instant(), by));
    }

    /** Takes an acceptance back. Taken back once, it stays as it was. */
    @Transactional
    public void takeBack(String orderId, String id, String by) {
        readings.write(orderId);
        AcceptedEntity entity = accepted.findById(id)
                .filter(a -> a.orderId.equals(orderId))
                .orElseThrow(() -> new NotThere("This is not accepted on this order."));
        if (entity.takenBackAt == null) {
            entity.takenBackAt = clock.instant();
            entity.takenBackBy = by;
            accepted.saveAndFlush(entity);
        }
    }
}
