package app.misura.core.proportion;

import app.misura.core.form.ValueId;
import app.misura.core.norm.Compared;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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

    /** One of a group is misread as surely as this. */
    private static final double SURE = 0.85;

    /** One that is less likely than this to be the misread one is not named with others. */
    private static final double LEAST_SHARE = 0.1;

    /** More together say nothing. */
    private static final int MOST_NAMED = 3;

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
    public static Fits of(Sheet sheet, Map<ValueId, Settled> settled, Set<ValueId> without, SheetBody.Hand hand) {
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
            SheetBody.Hand hand,
            Map<ValueId, Expected> expected) {
        Map<String, Compared> byId = new HashMap<>();
        SheetBody.compared(sheet, settled, without, hand)
                .forEach(c -> byId.put(c.known().id(), c));
        List<Compared> compared = new ArrayList<>();
        for (Sheet.Slot slot : byId.isEmpty() ? List.<Sheet.Slot>of() : sheet.slots()) {
            Compared of = byId.remove(slot.id().toString());
            if (of != null) {
                compared.add(of);
            }
        }
        for (Compared each : compared) {
            ValueId id = ValueId.parse(each.known().id());
            expected.put(id, new Expected(id, each.known().cm(), each.expected(), each.sdCm(), each.leastNoticed()));
        }
        return compared.stream().anyMatch(Compared::isUnusual) ? List.of(group(compared)) : List.of();
    }

    /**
     * The fewest values of which one is misread as good as surely, supposing that one is: a value's share goes with how little
     * the others leave it likely (Bayes, every value alike beforehand).
     */
    private static List<ValueId> group(List<Compared> compared) {
        double most = compared.stream().mapToDouble(Compared::surprise).max().orElse(0);
        List<Compared> sorted = compared.stream()
                .sorted(Comparator.comparingDouble((Compared c) -> -c.surprise()))
                .toList();
        double all =
                sorted.stream().mapToDouble(c -> Math.exp(c.surprise() - most)).sum();
        List<Compared> group = new ArrayList<>();
        double share = 0;
        for (Compared each : sorted) {
            double own = Math.exp(each.surprise() - most) / all;
            if (group.isEmpty() || share < SURE && own > LEAST_SHARE && group.size() < MOST_NAMED) {
                group.add(each);
                share += own;
            }
        }
        return compared.stream()
                .filter(group::contains)
                .map(c -> ValueId.parse(c.known().id()))
                .toList();
    }

    /** What the others make of a value; empty where it is not compared. */
    public Optional<Expected> of(ValueId value) {
        return expected.stream().filter(e -> e.value().equals(value)).findFirst();
    }
}
