package app.misura.core.proof;

import app.misura.core.finding.Rules;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** One step as it was read on both sides of one body. */
public record LeftRight(Step step, Length left, Length right) {
    /**
     * So far the larger side serves both in the cut; further apart the sides are asked about, and each is drafted. A house
     * default for a measure that is only a floor of its block, such as a trouser's thigh.
     */
    public static final Length APART = Length.of("2.5", Unit.CM);

    /** Every step with a value on each side, in form order. */
    public static List<LeftRight> of(Map<ValueId, Settled> settled) {
        List<LeftRight> pairs = new ArrayList<>();
        for (Settled left : settled.values()) {
            Length l = left.length();
            if (l != null && left.id().side() == Side.LEFT && left.step().side() != StepSide.EACH) {
                Sheet.length(settled, new ValueId(left.step().label(), Side.RIGHT))
                        .ifPresent(r -> pairs.add(new LeftRight(left.step(), l, r)));
            }
        }
        return pairs;
    }

    /** Whether this body's sides say nothing of each other there. */
    static boolean isUneven(String label, Sheet sheet) {
        return !sheet.wearer().differs().isEmpty()
                && sheet.form()
                        .find(label)
                        .filter(step -> sheet.wearer().differs().stream()
                                .anyMatch(d -> d.isUneven(step.taken().region())))
                        .isPresent();
    }

    /** Whether the sides of a step differ on this body, as its file or a person says: they say nothing of each other. */
    static boolean isConfirmed(String label, Sheet sheet, Map<String, Long> now) {
        return isUneven(label, sheet)
                || sheet.accepted().stream().anyMatch(a -> a.stands(Rules.LEFT_RIGHT, label, values(label), now));
    }

    /** The ids of its two values. */
    public List<String> values() {
        return values(step.label());
    }

    static List<String> values(String label) {
        return List.of(new ValueId(label, Side.LEFT).toString(), new ValueId(label, Side.RIGHT).toString());
    }

    public Length apart() {
        return left.minus(right).abs();
    }

    /** Whether one piece serves both sides. */
    public boolean isEven() {
        Length own = step.uneven();
        return apart().compareTo(own == null ? APART : own) <= 0;
    }
}
