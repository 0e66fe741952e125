package app.misura.core.strength;

import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.judging.Proportion;
import app.misura.core.judging.Proportions;
import app.misura.core.length.Length;
import app.misura.core.measure.MeasureKey;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.proportion.BodyNetwork;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A grown body as the proportions have it, 170 cm tall: how large a slip must be before the rest of such a body shows it. */
final class PlainBody {
    private static final String SEAT = "seat-girth";
    private static final double SEAT_CM = 98;

    private final Proportions proportions;
    private final Map<String, Double> cm = new HashMap<>();

    PlainBody(Proportions proportions) {
        this.proportions = proportions;
        cm.put(Proportion.HEIGHT, Proportion.STATURE_CM);
        cm.put(SEAT, SEAT_CM);
        for (Proportion rule : proportions.rules()) {
            double expected = rule.constant();
            for (Map.Entry<String, Double> term : rule.factors().entrySet()) {
                expected += term.getValue() * cm.getOrDefault(term.getKey(), 0.0);
            }
            cm.putIfAbsent(rule.of(), expected);
        }
    }

    /** From which size on a slip in each value that proportions compare is noticed four times of five, cm. */
    Map<ValueId, Double> noticed(Sheet blank) {
        List<Reading> readings = new ArrayList<>();
        for (Sheet.Slot slot : blank.slots()) {
            cmOf(slot).ifPresent(net -> readings.add(reading(slot, net)));
        }
        Sheet sheet = new Sheet(blank.form(), blank.wearer(), blank.answers(), readings).judged(blank.judging());
        Optional<Network> network = BodyNetwork.of(sheet, sheet.settled(), Set.of(), new BodyNetwork.Hand() {
            @Override
            public double sdCm(Sheet.Slot slot, Settled settled) {
                return SheetNetwork.sdCm(sheet, slot, settled);
            }

            @Override
            public boolean isUneven(String label) {
                return false;
            }
        });
        Map<ValueId, Double> noticed = new HashMap<>();
        network.ifPresent(n -> Strength.asRead(n).noticed().stream()
                .forEach(each -> noticed.put(ValueId.parse(each.id()), each.least())));
        return noticed;
    }

    private Optional<Double> cmOf(Sheet.Slot slot) {
        return proportions.keys(slot.step().taken().code()).stream()
                .filter(key -> key.matchesWhateverIsWorn(slot.step().key()))
                .map(MeasureKey::toString)
                .filter(cm::containsKey)
                .map(cm::get)
                .findFirst();
    }

    private static Reading reading(Sheet.Slot slot, double net) {
        Length length = Length.fromMm(10 * net
                + HouseTables.shipped().playMm(slot.step().play(), slot.step().taken()));
        return new Reading(
                slot.step().label(), slot.side(), "", length, slot.step().play(), Instant.EPOCH, "", null, null);
    }
}
