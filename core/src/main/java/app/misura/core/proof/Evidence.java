package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.finding.Severity;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Check;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Kind;
import app.misura.core.proportion.Fits;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What the rules look at. */
record Evidence(Sheet sheet, Map<ValueId, Settled> settled, Adjustment adjustment, List<Bracket> brackets, Fits fits) {

    /** Whether a group is nothing but the two sides of one step. */
    static boolean isOnePair(List<String> group) {
        return group.size() == 2
                && group.stream().map(ValueId::parse).allMatch(v -> v.side() != null)
                && label(group.get(0)).equals(label(group.get(1)));
    }

    /** Whether any sum of the form could be judged. */
    boolean checksItself() {
        return brackets.stream().anyMatch(Bracket::isJudged);
    }

    /** Critical lengths and loops that are read and stand in no sum that closes, in form order. */
    List<ValueId> unproved() {
        return lengths()
                .filter(s -> s.step().critical())
                .map(Settled::id)
                .filter(id -> !isProved(id))
                .toList();
    }

    /** Whether no more than half of the lengths and loops that are read stand in a sum that closes. */
    boolean isHardlyProved() {
        return 2 * proved().size() <= lengths().count();
    }

    /** Lengths and loops that stand in a sum that closes, in form order. */
    List<ValueId> proved() {
        return lengths().map(Settled::id).filter(this::isProved).toList();
    }

    private boolean isProved(ValueId id) {
        return brackets.stream()
                .anyMatch(b -> b.state() == Bracket.State.CLOSED && b.closure().concerns(id));
    }

    private Stream<Settled> lengths() {
        return settled.values().stream()
                .filter(s -> s.length() != null && isSummed(s.step().taken().kind()));
    }

    /** Girths and widths do not add up; lengths and loops do. */
    private static boolean isSummed(Kind kind) {
        return kind != Kind.GIRTH && kind != Kind.WIDTH && kind != Kind.WISH && kind.isLength();
    }

    /** What a finding weighs in this house: what it set, where the finding is of its check's usual weight. */
    Severity severity(String rule, Severity usual) {
        return usual == Check.named(rule).usual() ? sheet.judging().severity(rule) : usual;
    }

    String text(Length length) {
        return LengthText.column(length, sheet.unit());
    }

    double number(Length length) {
        return length.to(sheet.unit());
    }

    String unit() {
        return sheet.unit().symbol();
    }

    /** The labels of the steps of some values, each once, in order. */
    static List<String> labels(Collection<ValueId> values) {
        return values.stream().map(ValueId::step).distinct().toList();
    }

    /** The label of the step of a value that the adjustment names. */
    static String label(String id) {
        return ValueId.parse(id).step();
    }
}
