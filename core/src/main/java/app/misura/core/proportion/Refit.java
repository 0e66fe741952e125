package app.misura.core.proportion;

import app.misura.core.norm.Norms;
import app.misura.core.norm.Rule;
import app.misura.core.norm.Shape;
import app.misura.core.norm.ShapesFit;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * The norms fitted to a house's own bodies, all of them or none: the shapes that its measures are spread in, and each rule by
 * robust regression (Huber's weights), shrunk towards what was there before as if that were {@value #DEFAULT_COUNTS} bodies more.
 * What fewer than {@value #LEAST} bodies tell of stays as it is.
 *
 * @param shapes those that come of it; as before where too few bodies tell of them
 * @param measured how many bodies tell of them: two of their measures or more
 * @param rules every rule, in order
 */
public record Refit(Norms before, List<Shape> shapes, int measured, List<Row> rules) {
    /** From so many bodies on a rule is fitted. */
    public static final int LEAST = 30;

    /** As many bodies as the default counts for. */
    static final int DEFAULT_COUNTS = 30;

    /** Huber's bound, in standard deviations: 95 % as good as least squares where nothing is off. */
    private static final double HUBER = 1.345;

    /** The middle of absolute deviations as a standard deviation, where they are normal. */
    private static final double MAD = 1.4826;

    private static final int ROUNDS = 20;

    /** No rule is so sure of bodies that it spreads less. */
    private static final double LEAST_SPREAD = 0.01;

    /**
     * One rule.
     *
     * @param bodies how many have all its measures
     * @param after the same as before where they are too few
     */
    public record Row(Rule before, Rule after, int bodies) {
        public boolean isFitted() {
            return bodies >= LEAST;
        }
    }

    public Refit {
        shapes = List.copyOf(shapes);
        rules = List.copyOf(rules);
    }

    /** A body as norms see it: its measures net, in cm, by key; sides in the middle; what was taken
     * over more than close clothing is no body's. Empty where it is not to count. */
    public static Map<String, Double> body(Sheet sheet, Norms norms) {
        Map<String, Double> body = new LinkedHashMap<>();
        if (sheet.wearer().age() == AgeGroup.ADULT && sheet.wearer().differs().isEmpty()) {
            NetValue.of(sheet, sheet.settled(), norms)
                    .forEach((key, values) -> values.stream()
                            .filter(v -> !v.slot().step().condition().isOverMore())
                            .mapToDouble(NetValue::cm)
                            .average()
                            .ifPresent(cm -> body.put(key, cm)));
        }
        return body;
    }

    /** Fits the shipped proportions to bodies. @param bodies grown people's, each once */
    public static Refit of(Norms defaults, List<Map<String, Double>> bodies) {
        List<Map<String, Double>> measured = bodies.stream()
                .map(body -> told(body, defaults))
                .filter(body -> defaults.shapes().stream()
                        .anyMatch(shape ->
                                shape.of().stream().filter(body::containsKey).count() > 1))
                .toList();
        List<Shape> shapes = measured.size() < LEAST ? defaults.shapes() : ShapesFit.of(defaults.shapes(), measured);
        return new Refit(
                defaults,
                shapes,
                measured.size(),
                defaults.rules().stream().map(rule -> row(rule, bodies)).toList());
    }

    /**
     * With what was measured of people wherever a body's own measure is a plain share of it: a thigh at the crotch tells one below
     * it.
     */
    private static Map<String, Double> told(Map<String, Double> body, Norms norms) {
        Map<String, Double> told = new LinkedHashMap<>(body);
        for (Rule rule : norms.rules()) {
            Double cm = body.get(rule.of());
            if (cm != null && rule.factors().size() == 1 && !norms.isMeasured(rule.of())) {
                rule.factors().forEach((name, factor) -> {
                    if (norms.isMeasured(name)) {
                        told.putIfAbsent(name, (cm - rule.constant()) / factor);
                    }
                });
            }
        }
        return told;
    }

    private static Row row(Rule rule, List<Map<String, Double>> bodies) {
        List<Map<String, Double>> whole = bodies.stream()
                .filter(b -> b.containsKey(rule.of())
                        && b.keySet().containsAll(rule.factors().keySet()))
                .toList();
        return new Row(rule, whole.size() < LEAST ? rule : fitted(rule, whole), whole.size());
    }

    private static Rule fitted(Rule rule, List<Map<String, Double>> bodies) {
        List<String> names = new ArrayList<>(rule.factors().keySet());
        int n = bodies.size();
        DMatrixRMaj x = new DMatrixRMaj(n, names.size() + 1);
        double[] y = new double[n];
        double[] start = new double[names.size() + 1];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < names.size(); j++) {
                x.set(i, j, number(bodies.get(i), names.get(j)));
                start[j] = number(rule.factors(), names.get(j));
            }
            x.set(i, names.size(), 1);
            y[i] = number(bodies.get(i), rule.of());
        }
        start[names.size()] = rule.constant();
        double[] found = regress(x, y, start);
        Map<String, Double> factors = new LinkedHashMap<>();
        for (int j = 0; j < names.size(); j++) {
            factors.put(names.get(j), found[j]);
        }
        double own = MAD * middleOf(relative(x, y, found));
        double spread =
                Math.sqrt((n * own * own + DEFAULT_COUNTS * rule.spread() * rule.spread()) / (n + DEFAULT_COUNTS));
        return rule.with(factors, found[names.size()], Math.max(LEAST_SPREAD, spread));
    }

    private static double number(Map<String, Double> numbers, String name) {
        return java.util.Objects.requireNonNull(numbers.get(name));
    }

    /** Huber's weights round by round; the default stands in as if more bodies had lain on it. */
    private static double[] regress(DMatrixRMaj x, double[] y, double[] start) {
        double[] found = start;
        for (int round = 0; round < ROUNDS; round++) {
            double[] off = residuals(x, y, found);
            double[] sizes = Arrays.stream(off).map(Math::abs).toArray();
            double scale = Math.max(1e-6, MAD * middleOf(sizes));
            double[] weights = Arrays.stream(sizes)
                    .map(size -> Math.min(1, HUBER * scale / Math.max(1e-12, size)))
                    .toArray();
            found = solve(x, y, weights, start);
        }
        return found;
    }

    private static double[] solve(DMatrixRMaj x, double[] y, double[] weights, double[] start) {
        int k = x.numCols;
        int n = x.numRows;
        double share = (double) DEFAULT_COUNTS / n;
        DMatrixRMaj normal = new DMatrixRMaj(k, k);
        DMatrixRMaj right = new DMatrixRMaj(k, 1);
        for (int i = 0; i < n; i++) {
            double expected = 0;
            for (int j = 0; j < k; j++) {
                expected += x.get(i, j) * start[j];
            }
            for (int j = 0; j < k; j++) {
                for (int m = 0; m < k; m++) {
                    normal.add(j, m, (weights[i] + share) * x.get(i, j) * x.get(i, m));
                }
                right.add(j, 0, x.get(i, j) * (weights[i] * y[i] + share * expected));
            }
        }
        for (int j = 0; j < k; j++) {
            double steady = 1e-9 * (1 + normal.get(j, j));
            normal.add(j, j, steady);
            right.add(j, 0, steady * start[j]);
        }
        DMatrixRMaj found = new DMatrixRMaj(k, 1);
        return CommonOps_DDRM.solve(normal, right, found) ? found.getData().clone() : start;
    }

    private static double[] residuals(DMatrixRMaj x, double[] y, double[] factors) {
        double[] off = new double[y.length];
        for (int i = 0; i < y.length; i++) {
            off[i] = y[i];
            for (int j = 0; j < factors.length; j++) {
                off[i] -= x.get(i, j) * factors[j];
            }
        }
        return off;
    }

    private static double[] relative(DMatrixRMaj x, double[] y, double[] factors) {
        double[] off = residuals(x, y, factors);
        for (int i = 0; i < off.length; i++) {
            off[i] = Math.abs(off[i]) / Math.max(1, y[i] - off[i]);
        }
        return off;
    }

    private static double middleOf(double[] numbers) {
        double[] sorted = numbers.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }

    /** The norms that come of it. */
    public Norms norms(String source) {
        return before.with(source, shapes, rules.stream().map(Row::after).toList());
    }

    /** Whether the shapes were fitted. */
    public boolean isShaped() {
        return measured >= LEAST;
    }

    /** Whether anything was fitted. */
    public boolean isAny() {
        return isShaped() || rules.stream().anyMatch(Row::isFitted);
    }

    /** The most bodies that anything was fitted to, or could have been. */
    public int most() {
        return Math.max(measured, rules.stream().mapToInt(Row::bodies).max().orElse(0));
    }
}
