package app.misura.core.norm;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Shapes that follow bodies of which not every measure is known: expectation and maximisation for a mixture of normal
 * distributions with missing values (Little and Rubin, Statistical Analysis with Missing Data, chapter 11), a body that lies far
 * out weighing less, as with a t distribution. What was there before counts as if it were {@value #BEFORE_COUNTS} bodies more of
 * each shape.
 */
public final class ShapesFit {
    /** As many bodies as what was there before counts for, in each shape. */
    public static final int BEFORE_COUNTS = 30;

    private static final int ROUNDS = 15;

    /** Degrees of freedom of the t distribution: a body of twelve measures that lies four sd out weighs about half. */
    private static final double TAILS = 5;

    private final List<Shape> before;
    private final List<Map<String, Double>> bodies;

    private ShapesFit(List<Shape> before, List<Map<String, Double>> bodies) {
        this.before = before;
        this.bodies = bodies;
    }

    /** @param bodies net, in cm, by key; measures that no shape holds say nothing */
    public static List<Shape> of(List<Shape> before, List<Map<String, Double>> bodies) {
        ShapesFit fit = new ShapesFit(before, bodies);
        List<Shape> shapes = before;
        for (int round = 0; round < ROUNDS; round++) {
            shapes = fit.round(shapes);
        }
        return shapes;
    }

    /** What one shape makes of one body. */
    private record Filled(double logDensity, double[] off, DMatrixRMaj left, double weight) {}

    private List<Shape> round(List<Shape> shapes) {
        int n = shapes.size();
        List<Sums> sums = new ArrayList<>();
        before.forEach(shape -> sums.add(new Sums(shape)));
        for (Map<String, Double> body : bodies) {
            List<Filled> filled = new ArrayList<>();
            double most = Double.NEGATIVE_INFINITY;
            for (Shape shape : shapes) {
                Filled each = filled(shape, body);
                filled.add(each);
                most = Math.max(most, each.logDensity());
            }
            double all = 0;
            for (Filled each : filled) {
                all += Math.exp(each.logDensity() - most);
            }
            for (int s = 0; s < n; s++) {
                Filled each = filled.get(s);
                sums.get(s).add(each, shapes.get(s), Math.exp(each.logDensity() - most) / all);
            }
        }
        double total = sums.stream().mapToDouble(Sums::count).sum();
        List<Shape> after = new ArrayList<>();
        for (Sums each : sums) {
            after.add(each.shape(total));
        }
        return after;
    }

    private static Filled filled(Shape shape, Map<String, Double> body) {
        int n = shape.of().size();
        List<Integer> read = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (body.containsKey(shape.of().get(i))) {
                read.add(i);
            }
        }
        int k = read.size();
        DMatrixRMaj covariance = new DMatrixRMaj(shape.covariance());
        DMatrixRMaj known = new DMatrixRMaj(k, k);
        DMatrixRMaj across = new DMatrixRMaj(n, k);
        DMatrixRMaj off = new DMatrixRMaj(k, 1);
        for (int j = 0; j < k; j++) {
            int of = read.get(j);
            Double cm = body.get(shape.of().get(of));
            off.set(j, 0, Math.log(cm == null ? 1 : cm) - shape.mean()[of]);
            for (int i = 0; i < k; i++) {
                known.set(i, j, covariance.get(read.get(i), of));
            }
            for (int i = 0; i < n; i++) {
                across.set(i, j, covariance.get(i, of));
            }
        }
        if (k == 0) {
            return new Filled(Math.log(shape.share()), new double[n], covariance, 1);
        }
        double det = CommonOps_DDRM.det(known);
        DMatrixRMaj inverse = new DMatrixRMaj(k, k);
        CommonOps_DDRM.invert(known, inverse);
        DMatrixRMaj weighed = new DMatrixRMaj(k, 1);
        CommonOps_DDRM.mult(inverse, off, weighed);
        double square = CommonOps_DDRM.dot(off, weighed);
        DMatrixRMaj mean = new DMatrixRMaj(n, 1);
        CommonOps_DDRM.mult(across, weighed, mean);
        DMatrixRMaj gain = new DMatrixRMaj(n, k);
        CommonOps_DDRM.mult(across, inverse, gain);
        CommonOps_DDRM.multAddTransB(-1, gain, across, covariance);
        return new Filled(
                Math.log(shape.share()) - 0.5 * (square + Math.log(Math.max(1e-300, det)) + k * Math.log(2 * Math.PI)),
                mean.getData().clone(),
                covariance,
                Math.min(1, (TAILS + k) / (TAILS + square)));
    }

    /** What all bodies make of one shape. */
    private static final class Sums {
        private final Shape before;
        private final double[] off;
        private final DMatrixRMaj square;
        private double weight = BEFORE_COUNTS;
        private double count = BEFORE_COUNTS;

        Sums(Shape before) {
            this.before = before;
            int n = before.of().size();
            off = new double[n];
            square = new DMatrixRMaj(before.covariance());
            CommonOps_DDRM.scale(BEFORE_COUNTS, square);
        }

        double count() {
            return count;
        }

        /** @param now whose middle what it lies off is measured from */
        void add(Filled each, Shape now, double share) {
            double w = share * each.weight();
            int n = off.length;
            double[] from = new double[n];
            for (int i = 0; i < n; i++) {
                from[i] = each.off()[i] + now.mean()[i] - before.mean()[i];
                off[i] += w * from[i];
            }
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    square.add(i, j, w * from[i] * from[j] + share * each.left().get(i, j));
                }
            }
            weight += w;
            count += share;
        }

        Shape shape(double total) {
            int n = off.length;
            double[] mean = before.mean().clone();
            double[][] covariance = new double[n][n];
            for (int i = 0; i < n; i++) {
                mean[i] += off[i] / weight;
            }
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    covariance[i][j] = square.get(i, j) / count - off[i] / weight * (off[j] / weight) * weight / count;
                }
            }
            return new Shape(before.like(), count / total, before.of(), mean, covariance);
        }
    }
}
