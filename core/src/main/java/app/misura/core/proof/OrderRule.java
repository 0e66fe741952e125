package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.form.OrderCheck;
import app.misura.core.form.StepSum;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Does the one exceed the other, as on every body? A warning with its reason; a note where it is so of most. */
final class OrderRule implements ProofRule {
    private static final String POSTURE_PAIR = "posture-pair";

    /** What lies under a tape differs little from house to house; the shipped tables serve a comparison. */
    private static final HouseTables TABLES = HouseTables.shipped();

    @Override
    public List<Finding> findings(Evidence evidence) {
        List<Finding> findings = new ArrayList<>();
        for (OrderCheck check : evidence.sheet().form().orders()) {
            boolean net = isNet(check, evidence);
            Optional<Double> more = value(check.more(), evidence, net);
            Optional<Double> less = value(check.less(), evidence, net);
            if (more.isPresent()
                    && less.isPresent()
                    && !(more.get() > less.get() - check.within().nanometres())) {
                findings.add(finding(check, more.get(), less.get(), net, evidence));
            }
        }
        return findings;
    }

    /** Whether something else lay under the tape on the two sides: then the body's own lengths are compared. */
    private static boolean isNet(OrderCheck check, Evidence evidence) {
        return Stream.of(check.more(), check.less())
                        .flatMap(s -> s.terms().keySet().stream())
                        .flatMap(id -> Optional.ofNullable(evidence.settled().get(id)).stream())
                        .filter(s -> s.step().taken().kind().hasPlay())
                        .map(Settled::play)
                        .distinct()
                        .count()
                > 1;
    }

    private static double playNanometres(ValueId id, Evidence evidence) {
        Settled settled = Objects.requireNonNull(evidence.settled().get(id));
        return Length.fromMm(TABLES.playMm(settled.play(), settled.step().taken()))
                .nanometres();
    }

    private static Optional<Double> value(StepSum formula, Evidence evidence, boolean net) {
        double sum = 0;
        for (Map.Entry<ValueId, Double> term : formula.terms().entrySet()) {
            Optional<Length> length = Sheet.length(evidence.settled(), term.getKey());
            if (length.isEmpty()) {
                return Optional.empty();
            }
            double play = net ? playNanometres(term.getKey(), evidence) : 0;
            sum += term.getValue() * (length.get().nanometres() - play);
        }
        return Optional.of(sum);
    }

    private static String under(OrderCheck check, Evidence evidence) {
        return check.within().isPositive() ? ", more than " + evidence.text(check.within()) + " under " : ", not over ";
    }

    /** Whether it is one measure in two postures, or of one body that did something meanwhile. */
    private static boolean isPosturePair(OrderCheck check, Evidence evidence) {
        List<ValueId> both = Stream.of(check.more(), check.less())
                .flatMap(s -> s.terms().keySet().stream())
                .toList();
        return both.size() == 2
                && both.stream()
                                .map(id -> evidence.sheet()
                                        .form()
                                        .step(id.step())
                                        .taken()
                                        .code())
                                .distinct()
                                .count()
                        == 1;
    }

    private static Finding finding(OrderCheck check, double more, double less, boolean net, Evidence evidence) {
        Set<String> steps = new LinkedHashSet<>();
        Set<String> values = new LinkedHashSet<>();
        for (StepSum side : List.of(check.more(), check.less())) {
            side.terms().keySet().forEach(id -> {
                steps.add(id.step());
                values.add(id.toString());
            });
        }
        Length greater = new Length(Math.round(more));
        Length smaller = new Length(Math.round(less));
        Map<String, Object> numbers = new LinkedHashMap<>();
        numbers.put("more", evidence.number(greater));
        numbers.put("less", evidence.number(smaller));
        String rule = isPosturePair(check, evidence) ? POSTURE_PAIR : "order";
        return new Finding(
                rule,
                check.id(),
                check.usual() ? Severity.NOTE : evidence.severity(rule, Severity.WARNING),
                List.copyOf(steps),
                List.copyOf(values),
                numbers,
                check.more() + " is " + evidence.text(greater) + under(check, evidence) + check.less() + " with "
                        + evidence.text(smaller) + (net ? ", the tape's play taken off" : "") + "; " + check.reason()
                        + ".",
                "Take " + String.join(" or ", steps) + " again.");
    }
}
