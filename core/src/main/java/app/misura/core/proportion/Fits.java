package app.misura.core.proportion;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.form.ValueId;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Do the numbers of a sheet fit each other as they do on most bodies?
 *
 * @param expected what the others make of each value that is compared, in form order
 * @param unusual groups that stand out, the strongest first; within a group nothing tells which value it is
 */
public record Fits(List<Expected> expected, List<List<ValueId>> unusual) {
    /** More groups that stand out are another body, or another person's sheet. */
    private static final int MOST = 2;

    public Fits {
        expected = List.copyOf(expected);
        unusual = unusual.stream().map(List::copyOf).toList();
    }

    /**
     * Compares a sheet's values. What stands out is compared with all others, the others without it: it would draw them to
     * itself.
     *
     * @param without values that are proved wrong already
     */
    public static Fits of(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, BodyNetwork.Hand hand) {
        Map<ValueId, Expected> all = new LinkedHashMap<>();
        List<List<ValueId>> unusual = new ArrayList<>();
        Set<ValueId> out = new HashSet<>(without);
        List<List<ValueId>> found = judge(sheet, settled, out, hand, all);
        while (!found.isEmpty() && unusual.size() < MOST) {
            unusual.addAll(found);
            found.forEach(out::addAll);
            Map<ValueId, Expected> others = new LinkedHashMap<>();
            found = judge(sheet, settled, out, hand, others);
            all.replaceAll((id, expected) -> others.getOrDefault(id, expected));
        }
        return new Fits(List.copyOf(all.values()), unusual);
    }

    private static List<List<ValueId>> judge(
            Sheet sheet,
            Map<ValueId, Settled> settled,
            Set<ValueId> without,
            BodyNetwork.Hand hand,
            Map<ValueId, Expected> expected) {
        Optional<Network> network = BodyNetwork.of(sheet, settled, without, hand);
        if (network.isEmpty()) {
            return List.of();
        }
        Adjustment adjustment = Adjustment.of(network.get());
        for (Sheet.Slot slot : sheet.slots()) {
            Adjustment.Correction judged = adjustment.judged().get(slot.id().toString());
            if (judged != null) {
                expected.put(
                        slot.id(),
                        new Expected(
                                slot.id(), judged.suggested() + judged.error(), judged.suggested(), judged.errorSd()));
            }
        }
        return adjustment.removals().stream()
                .map(removal -> removal.group().stream().map(ValueId::parse).toList())
                .toList();
    }

    /** What the others make of a value; empty where it is not compared. */
    public Optional<Expected> of(ValueId value) {
        return expected.stream().filter(e -> e.value().equals(value)).findFirst();
    }
}
