package app.misura.core.strength;

import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.measure.MeasureKey;
import app.misura.core.measure.Side;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Steps that another form has and that would make a sum with what a form takes already.
 *
 * @param steps names of the steps to be added, at most two
 * @param sum the sum that they close, by name
 * @param checks values of the form that a sum checks then and none does now, in form order
 */
public record Addition(List<String> steps, String sum, List<ValueId> checks) {
    /** More steps than these for one sum are another form. */
    private static final int MOST_STEPS = 2;

    /** What a value is of, wherever it stands. */
    private record Place(MeasureKey key, @Nullable Side side) {}

    /**
     * The addition to a form as it is usually asked that brings most values into a sum, of several alike the one with fewer steps;
     * empty where no form has one.
     */
    public static Optional<Addition> best(OrderForm written, Judging judging, OrderForms known) {
        Sheet blank = Sheet.blank(written, judging);
        Network network = SheetNetwork.of(blank, Map.of());
        Strength now = Strength.of(network);
        Map<Place, ValueId> own = places(blank);
        List<Addition> all = new ArrayList<>();
        for (OrderForm other : known.all()) {
            Sheet sheet = Sheet.blank(other.in(blank.unit()), judging);
            OrderForm asked = sheet.form();
            Map<ValueId, Place> theirs = new HashMap<>();
            places(sheet).forEach((place, value) -> theirs.put(value, place));
            for (Closure closure : asked.closures()) {
                candidate(closure, sheet, theirs, own, network, now).ifPresent(all::add);
            }
        }
        return all.stream()
                .filter(a -> !a.checks().isEmpty())
                .max(Comparator.comparingInt((Addition a) -> a.checks().size())
                        .thenComparingInt(a -> -a.steps().size()));
    }

    private static Map<Place, ValueId> places(Sheet sheet) {
        Map<Place, ValueId> places = new LinkedHashMap<>();
        for (Sheet.Slot slot : sheet.slots()) {
            places.put(new Place(slot.step().key(), slot.side()), slot.id());
        }
        return places;
    }

    private static Optional<Addition> candidate(
            Closure closure,
            Sheet sheet,
            Map<ValueId, Place> theirs,
            Map<Place, ValueId> own,
            Network network,
            Strength now) {
        List<ValueId> missing = new ArrayList<>();
        Map<String, Double> terms = new LinkedHashMap<>();
        for (ValueId member : closure.members()) {
            Place place = theirs.get(member);
            if (place == null) {
                return Optional.empty();
            }
            ValueId mine = own.get(place);
            if (mine == null) {
                missing.add(member);
            }
            terms.put(mine == null ? "added " + member : mine.toString(), closure.factor(member));
        }
        boolean useful = !missing.isEmpty() && missing.size() <= MOST_STEPS && missing.size() < terms.size();
        return useful ? Optional.of(added(closure, sheet, missing, terms, network, now)) : Optional.empty();
    }

    private static Addition added(
            Closure closure,
            Sheet sheet,
            List<ValueId> missing,
            Map<String, Double> terms,
            Network network,
            Strength now) {
        List<Network.Measure> measures = new ArrayList<>(network.measures());
        List<String> names = new ArrayList<>();
        for (ValueId id : missing) {
            Sheet.Slot slot = sheet.slots().stream()
                    .filter(s -> s.id().equals(id))
                    .findFirst()
                    .orElseThrow();
            Step step = slot.step();
            double sd = SheetNetwork.sdCm(sheet, slot, null);
            measures.add(new Network.Measure(
                    "added " + id, null, Length.fromMm(10 * sd).to(sheet.unit()), 0));
            names.add(step.name());
        }
        List<Network.Closure> closures = new ArrayList<>(network.closures());
        closures.add(new Network.Closure("added", terms, 0, closure.tolerance().to(sheet.unit()) / 2));
        Strength then = Strength.of(new Network(network.settings(), measures, closures));
        List<ValueId> checks = then.noticed().stream()
                .map(Strength.Noticed::id)
                .filter(id -> !id.startsWith("added ") && now.unchecked().contains(id))
                .map(ValueId::parse)
                .toList();
        return new Addition(names, closure.name(), checks);
    }
}
