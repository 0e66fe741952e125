package app.misura.core.form;

import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Makes of a form what an order with certain answers has of it. */
public record Asked(OrderForm form, Map<String, String> answers) {
    /** The question whose answer is the side: right, left or both. */
    static final String SIDES = "sides";

    /** The question whose answer is what is worn while measuring, where makers differ. */
    public static final String OVER = "over";

    /** Sides said, of two lines with one label the one that is asked, sums that hang on another answer gone. */
    OrderForm made() {
        return new Asked(new Asked(one(), answers).worn(), answers).saidFor();
    }

    /** What is worn said at each step that the tape takes over it. */
    private OrderForm worn() {
        String over = answers.get(OVER);
        return over == null ? form : form.withSteps(s -> s.liesOnClothes() ? s.over(over) : s);
    }

    /**
     * Of lines that stand under one label for different answers, the one that these answers ask for; it stands for all of
     * them, so the question that chose it is gone from it.
     */
    private OrderForm one() {
        Map<String, List<Step>> lines = form.steps().stream()
                .collect(Collectors.groupingBy(Step::label, LinkedHashMap::new, Collectors.toList()));
        if (lines.values().stream().allMatch(l -> l.size() == 1)) {
            return form;
        }
        return form.withParts(form.parts().stream()
                .map(p -> p.with(p.steps().stream()
                        .flatMap(s -> {
                            List<Step> same = lines.getOrDefault(s.label(), List.of());
                            return same.size() == 1 ? Stream.of(s) : chosen(s, same).stream();
                        })
                        .toList()))
                .toList());
    }

    private Optional<Step> chosen(Step step, List<Step> same) {
        String question = Variants.question(same).orElseThrow();
        return Objects.equals(step.onlyIf().get(question), answers.get(question))
                ? Optional.of(step.withoutQuestion(question))
                : Optional.empty();
    }

    private OrderForm saidFor() {
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
        return new Asked(one(), answers).worn().withSteps(s -> s.side() == StepSide.ASKED ? s.withSide(side()) : s);
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
