package app.misura.core.strength;

import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.norm.Known;
import app.misura.core.norm.Likely;
import app.misura.core.norm.LikelyBody;
import app.misura.core.norm.Norms;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.proportion.Fits;
import app.misura.core.proportion.SheetBody;
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

/** A grown body as the norms have it, 170 cm tall: how large a slip must be before the rest of such a body shows it. */
final class PlainBody {
    private static final double STATURE_CM = 170;

    private final Norms norms;
    private final LikelyBody body;

    PlainBody(Norms norms) {
        this.norms = norms;
        body = LikelyBody.of(norms, List.of(new Known(Norms.HEIGHT, Norms.HEIGHT, STATURE_CM, 0, 0)), false, 1);
    }

    /** From which size on a slip in each value that norms compare is noticed four times of five, cm. */
    Map<ValueId, Double> noticed(Sheet blank) {
        List<Reading> readings = new ArrayList<>();
        for (Sheet.Slot slot : blank.slots()) {
            cmOf(slot).ifPresent(net -> readings.add(reading(slot, net)));
        }
        Sheet sheet = new Sheet(blank.form(), blank.wearer(), blank.answers(), readings).judged(blank.judging());
        Map<ValueId, Double> noticed = new HashMap<>();
        Fits.of(sheet, sheet.settled(), Set.of(), new SheetBody.Hand() {
                    @Override
                    public double sdCm(Sheet.Slot slot, Settled settled) {
                        return SheetNetwork.sdCm(sheet, slot, settled);
                    }

                    @Override
                    public boolean isUneven(String label) {
                        return false;
                    }
                })
                .expected()
                .forEach(each -> noticed.put(each.value(), each.leastNoticed()));
        return noticed;
    }

    private Optional<Double> cmOf(Sheet.Slot slot) {
        return norms.keys(slot.step().taken().code()).stream()
                .filter(key -> key.matchesWhateverIsWorn(slot.step().key()))
                .flatMap(key -> body.likely(key.toString()).stream())
                .map(Likely::cm)
                .findFirst();
    }

    private static Reading reading(Sheet.Slot slot, double net) {
        Length length = Length.fromMm(10 * net
                + HouseTables.shipped().playMm(slot.step().play(), slot.step().taken()));
        return new Reading(
                slot.step().label(), slot.side(), "", length, slot.step().play(), Instant.EPOCH, "", null, null);
    }
}
