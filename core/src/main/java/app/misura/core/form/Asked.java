package app.misura.core.form;

import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes of a form what an order with certain answers has of it. */
record Asked(OrderForm form, Map<String, String> answers) {
    /** The question whose answer is the side: right, left or both. */
    static final String SIDES = "sides";

    /** Sides said, sums that hang on another answer gone. */
    OrderForm made() {
        Set<String> sided = form.steps().stream()
                .filter(s -> s.side() == StepSide.ASKED)
                .map(Step::label)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        List<Closure> closures =
                form.closures().stream().filter(c -> isMet(c.onlyIf())).toList();
        if (sided.isEmpty()) {
            return closures.size() == form.closures().size() ? form : form.with(closures, form.orders(), form.levels());
        }
        StepSide side = side();
        OrderForm taken = form.withSteps(s -> sided.contains(s.label()) ? s.withSide(side) : s);
        return side == StepSide.EACH
                ? taken.with(closuresOfEach(closures, sided), ordersOfEach(sided), form.levels())
                : taken.with(closures, form.orders(), form.levels());
    }

    /** Only the sides said, every sum kept with what it hangs on. */
    OrderForm sided() {
        return form.withSteps(s -> s.side() == StepSide.ASKED ? s.withSide(side()) : s);
    }

    private boolean isMet(Map<String, String> onlyIf) {
        return onlyIf.entrySet().stream().allMatch(e -> e.getValue().equals(answers.get(e.getKey())));
    }

    private StepSide side() {
        return switch (answers.getOrDefault(SIDES, Side.RIGHT.word())) {
            case "left" -> StepSide.LEFT;
            case "both" -> StepSide.EACH;
            default -> StepSide.RIGHT;
        };
    }

    private static List<Closure> closuresOfEach(List<Closure> closures, Set<String> sided) {
        List<Closure> each = new ArrayList<>();
        for (Closure c : closures) {
            if (isOf(c.terms(), sided)) {
                for (Side side : Side.values()) {
                    each.add(c.over(
                            c.id() + "-" + side.word(), c.name() + ", " + side.word(), on(side, c.terms(), sided)));
                }
            } else {
                each.add(c);
            }
        }
        return each;
    }

    private List<OrderCheck> ordersOfEach(Set<String> sided) {
        List<OrderCheck> each = new ArrayList<>();
        for (OrderCheck o : form.orders()) {
            if (isOf(o.more(), sided) || isOf(o.less(), sided)) {
                for (Side side : Side.values()) {
                    each.add(o.over(o.id() + "-" + side.word(), on(side, o.more(), sided), on(side, o.less(), sided)));
                }
            } else {
                each.add(o);
            }
        }
        return each;
    }

    private static boolean isOf(StepSum sum, Set<String> sided) {
        return sum.labels().stream().anyMatch(sided::contains);
    }

    private static StepSum on(Side side, StepSum sum, Set<String> sided) {
        Map<ValueId, Double> terms = new LinkedHashMap<>();
        sum.terms()
                .forEach((value, factor) ->
                        terms.put(sided.contains(value.step()) ? new ValueId(value.step(), side) : value, factor));
        return new StepSum(terms);
    }
}
