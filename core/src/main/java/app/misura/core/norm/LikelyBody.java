package app.misura.core.norm;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.decomposition.CholeskyDecomposition_F64;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * One body by the norms of a house: what each measure is likely to be given the numbers that are known, and what the others
 * make of each of these.
 *
 * <p>The logarithms of a body's lengths are normal in each shape (mean m, covariance C); a number adds its own variance to
 * them. With P the inverse of C at the known numbers and r what they lie off: the others make of number i {@code x_i - (P r)_i /
 * P_ii}, with standard deviation {@code 1 / sqrt(P_ii)} (conditional normal distribution); a shape weighs by its share times the
 * density of the numbers in it.
 */
public final class LikelyBody {
    /** What tells less than this of a measure is not named as telling it. */
    private static final double TELLS = 0.08;

    /** No more are named. */
    private static final int MOST_NAMED = 4;

    private final Norms norms;
    private final List<Known> known;
    private final List<Fitted> shapes = new ArrayList<>();
    private final double[] weights;

    /** One shape with the known numbers in it. */
    private static final class Fitted {
        final Joint joint;
        final int[] places;
        final DMatrixRMaj inverse;
        final double[] off;
        final double[] weighed;
        final double logDensity;

        Fitted(Joint joint, List<Known> known) {
            this.joint = joint;
            int n = known.size();
            places = new int[n];
            off = new double[n];
            DMatrixRMaj covariance = new DMatrixRMaj(n, n);
            for (int i = 0; i < n; i++) {
                places[i] = joint.at.getOrDefault(known.get(i).of(), -1);
                off[i] = known.get(i).log() - joint.mean[places[i]];
            }
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    covariance.set(i, j, joint.covariance.get(places[i], places[j]));
                }
                covariance.add(i, i, known.get(i).ownVariance() + 1e-8);
            }
            inverse = new DMatrixRMaj(n, n);
            LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(n);
            if (n > 0 && !solver.setA(covariance.copy())) {
                throw new IllegalStateException("the spreads of these measures contradict each other");
            }
            if (n > 0) {
                solver.invert(inverse);
            }
            weighed = new double[n];
            double square = 0;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    weighed[i] += inverse.get(i, j) * off[j];
                }
                square += weighed[i] * off[i];
            }
            logDensity = Math.log(joint.share) - 0.5 * (square + (n == 0 ? 0 : logDeterminant(solver)));
        }

        private static double logDeterminant(LinearSolverDense<DMatrixRMaj> solver) {
            CholeskyDecomposition_F64<DMatrixRMaj> cholesky = solver.getDecomposition();
            DMatrixRMaj triangle = cholesky.getT(null);
            double sum = 0;
            for (int i = 0; i < triangle.numRows; i++) {
                sum += 2 * Math.log(triangle.get(i, i));
            }
            return sum;
        }

        double error(int i) {
            return weighed[i] / inverse.get(i, i);
        }

        double sd(int i) {
            return 1 / Math.sqrt(inverse.get(i, i));
        }

        double logDensityOf(int i) {
            return NormalDistribution.of(0, sd(i)).logDensity(error(i));
        }
    }

    private LikelyBody(Norms norms, List<Known> known, boolean young, double tolerance, boolean whole) {
        this.norms = norms;
        this.known = known.stream().filter(k -> norms.about(k.of()).isPresent()).toList();
        Map<String, Double> read = middles(this.known);
        double beyond = beyond(read, young);
        double differ = tolerance * beyond * (young ? norms.margins().child().differ() : 1);
        for (Shape shape : norms.shapes()) {
            shapes.add(new Fitted(new Joint(norms, shape, read, differ, young, whole), this.known));
        }
        weights = weights(shapes.stream().mapToDouble(s -> s.logDensity).toArray());
    }

    /**
     * @param young whether the body is not grown
     * @param tolerance so many times the spreads of the norms
     */
    public static LikelyBody of(Norms norms, List<Known> known, boolean young, double tolerance) {
        return new LikelyBody(norms, known, young, tolerance, true);
    }

    /** The numbers of a body beside each other alone: nothing else is asked of it, and it is made in less time. */
    public static List<Compared> compared(Norms norms, List<Known> known, boolean young, double tolerance) {
        return known.size() < 2 ? List.of() : new LikelyBody(norms, known, young, tolerance, false).compared();
    }

    private static Map<String, Double> middles(List<Known> known) {
        Map<String, double[]> sums = new HashMap<>();
        for (Known each : known) {
            double[] sum = sums.computeIfAbsent(each.of(), k -> new double[2]);
            sum[0] += each.cm();
            sum[1]++;
        }
        Map<String, Double> middles = new HashMap<>();
        sums.forEach((of, sum) -> middles.put(of, sum[0] / sum[1]));
        return middles;
    }

    /** How much wider everything spreads outside the bodies that were measured; a child has a margin of its own. */
    private double beyond(Map<String, Double> read, boolean young) {
        Margins.Beyond margin = norms.margins().beyond();
        double out = norms.shapes().stream()
                .mapToDouble(shape -> outside(shape, read))
                .min()
                .orElse(0);
        return young ? 1 : 1 + margin.by() * Math.max(0, out - margin.from());
    }

    /**
     * How many standard deviations a body lies from the middle of a shape: the middle one of its girths, so that one slip does
     * nothing, or its height where that lies further out, by one more at most for the same reason.
     */
    private static double outside(Shape shape, Map<String, Double> read) {
        List<Double> girths = new ArrayList<>();
        double height = 0;
        for (int i = 0; i < shape.of().size(); i++) {
            Double cm = read.get(shape.of().get(i));
            if (cm != null) {
                double sds = Math.abs(Math.log(cm) - shape.mean()[i]) / shape.spread(i);
                if (shape.of().get(i).equals(Norms.HEIGHT)) {
                    height = sds;
                } else {
                    girths.add(sds);
                }
            }
        }
        girths.sort(null);
        double middle = girths.isEmpty() ? 0 : girths.get((girths.size() - 1) / 2);
        return Math.max(middle, Math.min(height, middle + 1));
    }

    private static double[] weights(double[] logs) {
        double most = Arrays.stream(logs).max().orElse(0);
        double[] weights = Arrays.stream(logs).map(l -> Math.exp(l - most)).toArray();
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).map(w -> w / sum).toArray();
    }

    /** What its numbers say of its shape: the share of each, in the order of the norms. */
    public List<Double> shares() {
        return Arrays.stream(weights).boxed().toList();
    }

    /** The numbers, each beside what all others make of it, as they were given; none where there are fewer than two. */
    public List<Compared> compared() {
        List<Compared> all = new ArrayList<>();
        for (int i = 0; known.size() > 1 && i < known.size(); i++) {
            all.add(compared(i));
        }
        return all;
    }

    private Compared compared(int i) {
        Known each = known.get(i);
        double[] logs = new double[shapes.size()];
        for (int s = 0; s < logs.length; s++) {
            logs[s] = shapes.get(s).logDensity - shapes.get(s).logDensityOf(i);
        }
        double[] ofOthers = weights(logs);
        double mean = 0;
        double square = 0;
        double density = 0;
        for (int s = 0; s < logs.length; s++) {
            Fitted shape = shapes.get(s);
            double expected = each.log() - shape.error(i);
            mean += ofOthers[s] * expected;
            square += ofOthers[s] * (expected * expected + shape.sd(i) * shape.sd(i));
            density += ofOthers[s] * Math.exp(shape.logDensityOf(i));
        }
        double cm = Math.exp(mean);
        Margins.Misread misread = norms.margins().misread();
        double bound = Math.log(2 * misread.within() * misread.times(region(each.of())));
        return new Compared(
                each,
                cm,
                cm * Math.sqrt(Math.max(1e-12, square - mean * mean)),
                each.log() - Math.log(Math.max(1e-300, density)),
                bound);
    }

    private Region region(String key) {
        return norms.about(key).orElseThrow();
    }

    /** What a measure is likely to be; empty where the norms do not know it. */
    public Optional<Likely> likely(String key) {
        if (norms.about(key).isEmpty()) {
            return Optional.empty();
        }
        double mean = 0;
        double square = 0;
        Map<String, Double> telling = new LinkedHashMap<>();
        for (int s = 0; s < shapes.size(); s++) {
            Fitted shape = shapes.get(s);
            int place = shape.joint.at.getOrDefault(key, -1);
            double expected = shape.joint.mean[place];
            double variance = shape.joint.covariance.get(place, place);
            double all = Math.sqrt(variance);
            for (int i = 0; i < known.size(); i++) {
                double with = shape.joint.covariance.get(place, shape.places[i]);
                double gain = 0;
                for (int j = 0; j < known.size(); j++) {
                    gain += shape.inverse.get(i, j) * shape.joint.covariance.get(place, shape.places[j]);
                }
                expected += with * shape.weighed[i];
                variance -= with * gain;
                double spread = Math.sqrt(shape.joint.covariance.get(shape.places[i], shape.places[i]));
                telling.merge(known.get(i).id(), weights[s] * Math.abs(gain) * spread / all, Double::sum);
            }
            mean += weights[s] * expected;
            square += weights[s] * (expected * expected + Math.max(1e-12, variance));
        }
        double cm = Math.exp(mean);
        return Optional.of(new Likely(cm, cm * Math.sqrt(Math.max(1e-12, square - mean * mean)), named(telling)));
    }

    private static List<String> named(Map<String, Double> telling) {
        return telling.entrySet().stream()
                .filter(e -> e.getValue() >= TELLS)
                .sorted(Comparator.comparingDouble((Map.Entry<String, Double> e) -> -e.getValue()))
                .limit(MOST_NAMED)
                .map(Map.Entry::getKey)
                .toList();
    }
}
