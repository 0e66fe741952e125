package app.misura.core.proportion;

import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.norm.Norms;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A value of a sheet as the body has it: in cm, the tape's play taken off. */
record NetValue(Sheet.Slot slot, Settled settled, double cm) {

    ValueId id() {
        return slot.id();
    }

    /**
     * The values of a sheet that norms know, by measure, over what that sheet was taken; two where both sides were
     * taken.
     */
    static Map<String, List<NetValue>> of(Sheet sheet, Map<ValueId, Settled> settled, Norms norms) {
        Map<String, List<NetValue>> values = new LinkedHashMap<>();
        for (Sheet.Slot slot : sheet.slots()) {
            Settled value = settled.get(slot.id());
            Length length = value == null ? null : value.length();
            if (value != null && length != null) {
                norms.keys(slot.step().taken().code()).stream()
                        .filter(key -> key.matchesWhateverIsWorn(slot.step().key()))
                        .forEach(key -> values.computeIfAbsent(key.toString(), k -> new ArrayList<>())
                                .add(new NetValue(slot, value, net(value, length))));
            }
        }
        return values;
    }

    private static double net(Settled value, Length length) {
        return length.toCm()
                - HouseTables.shipped().playMm(value.play(), value.step().taken()) / 10;
    }
}
