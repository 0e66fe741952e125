package app.misura.core.proof;

import app.misura.core.adjust.Network;
import app.misura.core.finding.Rules;
import app.misura.core.form.Closure;
import app.misura.core.form.StepSide;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Side;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Steadiness;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Turns a sheet into the network of its sums, in the sheet's unit; ids are the step labels. */
public final class SheetNetwork {
    /** What a reading whose one end the client holds scatters more than a measurer's own. House default. */
    private static final double SELF_HELD = 1.3;

    /** What a reading scatters more that nobody trained took. House default; forms for such people say it too. */
    private static final double UNTRAINED = 1.5;

    /** What a reading scatters more of which whoever took it was not quite sure. House default. */
    private static final double UNSURE = 1.5;

    private SheetNetwork() {}

    public static Network of(Sheet sheet, Map<ValueId, Settled> settled) {
        List<Network.Measure> measures = new ArrayList<>();
        List<Network.Closure> closures = new ArrayList<>();
        Set<ValueId> ids = new HashSet<>();
        Map<String, ValueId> leftOf = new LinkedHashMap<>();
        for (Sheet.Slot slot : sheet.slots()) {
            if (slot.step().taken().kind() == Kind.WISH
                    || !slot.step().taken().kind().isLength()) {
                continue;
            }
            ids.add(slot.id());
            measures.add(measure(sheet, slot, settled.get(slot.id())));
            if (slot.step().side() == StepSide.BOTH) {
                leftOf.putIfAbsent(slot.step().label(), slot.id());
            }
        }
        for (Closure closure : sheet.form().closures()) {
            if (ids.containsAll(closure.members())) {
                closures.add(new Network.Closure(
                        closure.id(),
                        terms(closure),
                        closure.constant().to(sheet.unit()),
                        closure.tolerance().to(sheet.unit()) / 2));
            }
        }
        Map<String, Long> now = sheet.accepted().isEmpty() ? Map.of() : Sheet.nanometres(settled);
        leftOf.keySet().stream()
                .filter(label -> !LeftRight.isConfirmed(label, sheet, now))
                .forEach(label -> closures.add(leftRight(label, sheet)));
        return new Network(Network.Settings.USUAL, measures, closures);
    }

    private static Map<String, Double> terms(Closure closure) {
        Map<String, Double> terms = new LinkedHashMap<>();
        closure.terms().terms().forEach((value, factor) -> terms.put(value.toString(), factor));
        return terms;
    }

    private static Network.Closure leftRight(String label, Sheet sheet) {
        Map<String, Double> terms = new LinkedHashMap<>();
        terms.put(new ValueId(label, Side.LEFT).toString(), 1.0);
        terms.put(new ValueId(label, Side.RIGHT).toString(), -1.0);
        return new Network.Closure(
                leftRightId(label), terms, 0, cm(sheet.judging().tolerance(Rules.LEFT_RIGHT), sheet.unit()));
    }

    static String leftRightId(String label) {
        return "left-right-" + label;
    }

    private static Network.Measure measure(Sheet sheet, Sheet.Slot slot, @Nullable Settled settled) {
        Length length = settled == null ? null : settled.length();
        return new Network.Measure(
                slot.id().toString(),
                length == null ? null : length.to(sheet.unit()),
                cm(sdCm(sheet, slot, settled), sheet.unit()),
                sheet.form().increment().step().to(sheet.unit()));
    }

    /**
     * Standard deviation of one settled value in cm: the catalogue's, wider where who took it was never taught, whatever form
     * it stands on now; or what the house knows of its measurer. Wider still where the client holds the tape, where whoever
     * took it was not sure, and where the tries show it.
     */
    public static double sdCm(Sheet sheet, Sheet.Slot slot, @Nullable Settled settled) {
        double scatter = settled != null && settled.made().stream().anyMatch(Reading::isUntrained)
                ? Math.max(UNTRAINED, sheet.form().sigmaFactor())
                : sheet.form().sigmaFactor();
        double sd = slot.step().taken().sdCm() * scatter;
        if (settled != null) {
            sd = own(sheet, slot, settled).orElse(sd) * Steadiness.widens(slot, settled, sheet);
        }
        if (settled != null && settled.made().stream().anyMatch(Reading::isUnsure)) {
            sd *= UNSURE;
        }
        if (sheet.form().partOf(slot.step()).heldByClient()) {
            sd *= SELF_HELD;
        }
        return settled == null ? sd : sd / Math.sqrt(settled.agreeing());
    }

    /** What the house knows of whoever took it; empty where it does not know it of all of them. */
    private static OptionalDouble own(Sheet sheet, Sheet.Slot slot, Settled settled) {
        double largest = 0;
        for (Reading reading : settled.made()) {
            OptionalDouble known = sheet.judging()
                    .scatter()
                    .of(reading.by(), slot.step().taken().code());
            if (known.isEmpty()) {
                return known;
            }
            largest = Math.max(largest, known.getAsDouble());
        }
        return largest > 0 ? OptionalDouble.of(largest) : OptionalDouble.empty();
    }

    private static double cm(double cm, Unit unit) {
        return unit == Unit.CM ? cm : cm / 2.54;
    }
}
