package app.misura.core.adjust;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.jspecify.annotations.Nullable;

/**
 * One least-squares fit of a network: closures {@code A x = b}, gaps {@code r = A x - b}, {@code V = A S A' + T}. Missing
 * measures are projected out, never dropped: two closures that share one missing measure still make one check.
 *
 * <p>Rows are scaled by the square root of V's unprojected diagonal, which changes no result but makes ranks decidable.
 */
final class Fit {
    /** Two |w| nearer than this are equal; form order then decides, rounding never does. */
    static final double TIE = 1e-7;
    /** Under this the reading has no part in any check. */
    private static final double UNCHECKED = 1e-9;

    private final Network network;
    private final int closures;
    private final List<Integer> observed = new ArrayList<>();
    private final List<Integer> missing = new ArrayList<>();
    private final DMatrixRMaj a;
    private final double[] gaps;
    private final double[] scale;
    private final double[] spread;
    private final DMatrixRMaj v;
    private final List<Integer> named;
    private final Weights weights;
    private final double[] wr;
    private final double chiSquare;
    private final Column[] column;
    private final double[][] wf;
    /** How much the closures know of each measure: {@code a_i' W a_i}. */
    private final double[] information;

    private final List<Integer> checked;
    private final int strongest;
    private final int groups;

    Fit(Network network) {
        this.network = network;
        this.closures = network.closures().size();
        int n = network.measures().size();
        for (int i = 0; i < n; i++) {
            (network.measures().get(i).value() == null ? missing : observed).add(i);
        }
        a = coefficients();
        gaps = new double[closures];
        scale = new double[closures];
        measureGaps();
        CommonOps_DDRM.divideRows(scale, a);
        column = new Column[n];
        for (int i = 0; i < n; i++) {
            column[i] = Column.of(a, i);
        }
        v = covariance();
        named = missing.stream().filter(i -> !column[i].isEmpty()).toList();
        DMatrixRMaj r = scaledGaps();
        weights = Weights.of(a, column, v, named, columns(named), r);
        spread = spreads();
        wr = Dense.times(weights.w(), r).data;
        double sum = 0;
        for (int k = 0; k < closures; k++) {
            sum += r.data[k] * wr[k];
        }
        chiSquare = sum;
        wf = new double[n][];
        information = new double[n];
        for (int i = 0; i < n; i++) {
            wf[i] = column[i].times(weights.w());
            information[i] = column[i].dot(wf[i]);
        }
        checked = observed.stream().filter(this::isChecked).toList();
        strongest = findStrongest();
        groups = countGroups();
    }

    private DMatrixRMaj coefficients() {
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < network.measures().size(); i++) {
            index.put(network.measures().get(i).id(), i);
        }
        DMatrixRMaj matrix = new DMatrixRMaj(closures, network.measures().size());
        for (int k = 0; k < closures; k++) {
            for (Map.Entry<String, Double> term :
                    network.closures().get(k).terms().entrySet()) {
                matrix.set(k, Objects.requireNonNull(index.get(term.getKey())), term.getValue());
            }
        }
        return matrix;
    }

    private void measureGaps() {
        for (int k = 0; k < closures; k++) {
            Network.Closure closure = network.closures().get(k);
            double gap = closure.constant();
            double variance = closure.looseness() * closure.looseness();
            for (int i : observed) {
                Network.Measure m = network.measures().get(i);
                gap += a.get(k, i) * value(m);
                variance += a.get(k, i) * a.get(k, i) * m.variance();
            }
            gaps[k] = gap;
            scale[k] = variance > 0 ? Math.sqrt(variance) : 1;
        }
    }

    private static double value(Network.Measure measure) {
        return java.util.Objects.requireNonNull(measure.value());
    }

    private DMatrixRMaj covariance() {
        DMatrixRMaj matrix = new DMatrixRMaj(closures, closures);
        for (int i : observed) {
            column[i].addSquare(network.measures().get(i).variance(), matrix);
        }
        for (int k = 0; k < closures; k++) {
            double loose = network.closures().get(k).looseness() / scale[k];
            matrix.add(k, k, loose * loose);
        }
        return matrix;
    }

    /**
     * Standard deviation of each gap. Where closures depend on each other, as {@code c'A = 0} says, a gap can only lie
     * where {@code c'r = 0}: the covariance given that is {@code V - Vc (c'Vc)^- c'V}. Else it is V itself.
     */
    private double[] spreads() {
        if (weights.independent()) {
            return scale;
        }
        DMatrixRMaj whole = a.copy();
        CommonOps_DDRM.multRows(scale, whole);
        DMatrixRMaj dependence = Dense.leftNull(whole);
        DMatrixRMaj full = v.copy();
        CommonOps_DDRM.multRows(scale, full);
        CommonOps_DDRM.multCols(full, scale);
        DMatrixRMaj vc = Dense.times(full, dependence);
        DMatrixRMaj core = Dense.times(Dense.transposed(dependence), vc);
        DMatrixRMaj known = Dense.times(Dense.times(vc, Dense.Symmetric.of(core).inverse()), Dense.transposed(vc));
        double[] spreads = new double[closures];
        for (int k = 0; k < closures; k++) {
            double variance = full.get(k, k) - known.get(k, k);
            spreads[k] = variance > 0 ? Math.sqrt(variance) : 1;
        }
        return spreads;
    }

    private DMatrixRMaj columns(List<Integer> which) {
        DMatrixRMaj part = new DMatrixRMaj(closures, which.size());
        for (int j = 0; j < which.size(); j++) {
            for (int k = 0; k < closures; k++) {
                part.set(k, j, a.get(k, which.get(j)));
            }
        }
        return part;
    }

    private DMatrixRMaj scaledGaps() {
        DMatrixRMaj r = new DMatrixRMaj(closures, 1);
        for (int k = 0; k < closures; k++) {
            r.set(k, 0, gaps[k] / scale[k]);
        }
        return r;
    }

    boolean isContradictory() {
        return weights.contradictory();
    }

    int degreesOfFreedom() {
        return weights.degrees();
    }

    double chiSquare() {
        return chiSquare;
    }

    double chiSquareCritical() {
        return degreesOfFreedom() == 0 ? 0 : Bounds.chiSquare(network.settings().alpha(), degreesOfFreedom());
    }

    double p() {
        return degreesOfFreedom() == 0
                ? 1
                : ChiSquaredDistribution.of(degreesOfFreedom()).survivalProbability(chiSquare);
    }

    boolean globalHolds() {
        return !isContradictory() && (degreesOfFreedom() == 0 || chiSquare <= chiSquareCritical());
    }

    boolean isChecked(int i) {
        return network.measures().get(i).value() != null
                && information[i] * network.measures().get(i).variance() > UNCHECKED;
    }

    List<Integer> checked() {
        return checked;
    }

    /** The standardised error of a checked reading, signed. */
    double w(int i) {
        return said(i) / Math.sqrt(information[i]);
    }

    double error(int i) {
        return said(i) / information[i];
    }

    double errorSd(int i) {
        return 1 / Math.sqrt(information[i]);
    }

    /** Spread of the value that the others suggest. */
    double suggestedSd(int i) {
        return Math.sqrt(
                Math.max(0, 1 / information[i] - network.measures().get(i).variance()));
    }

    /** {@code f'Wr}: how strongly the gaps speak of a measure. */
    double said(int i) {
        return column[i].dot(wr);
    }

    /** {@code f_i'W f_j}; of a measure with itself what the closures know of it. */
    double across(int i, int j) {
        return column[i].dot(wf[j]);
    }

    boolean isParallel(int i, int j) {
        double cosine = across(i, j) / Math.sqrt(information[i] * information[j]);
        return Math.abs(cosine) > network.settings().parallel();
    }

    /** How many signatures can be told apart: the first checked measure with all parallel to it, then the next left over. */
    int groups() {
        return groups;
    }

    private int countGroups() {
        List<Integer> rest = new ArrayList<>(checked());
        int count = 0;
        while (!rest.isEmpty()) {
            int first = rest.get(0);
            rest.removeIf(i -> i == first || isParallel(first, i));
            count++;
        }
        return count;
    }

    /** The checked measure with the largest |w|, the first in form order of those that tie; -1 if nothing is checked. */
    int strongest() {
        return strongest;
    }

    private int findStrongest() {
        double largest = 0;
        for (int i : checked()) {
            largest = Math.max(largest, Math.abs(w(i)));
        }
        for (int i : checked()) {
            if (Math.abs(w(i)) >= largest * (1 - TIE)) {
                return i;
            }
        }
        return -1;
    }

    double suspectStatistic() {
        return Math.abs(w(strongest()));
    }

    double suspectCritical() {
        return Bounds.sidak(network.settings().alpha(), groups());
    }

    boolean suspectHolds() {
        return strongest() < 0 || suspectStatistic() <= suspectCritical();
    }

    boolean gateHolds() {
        return !isContradictory()
                && (network.settings().gate() == Network.Gate.GLOBAL ? globalHolds() : suspectHolds());
    }

    /** All checked measures that cannot be told apart from this one, itself among them, in form order. */
    List<Integer> groupOf(int top) {
        return checked().stream().filter(i -> i == top || isParallel(top, i)).toList();
    }

    /** The closures whose own looseness would explain the same pattern. */
    List<String> closuresLike(int top) {
        List<String> like = new ArrayList<>();
        double own = information[top];
        for (int k = 0; k < closures; k++) {
            double weight = weights.w().get(k, k);
            if (weight > UNCHECKED
                    && Math.abs(wf[top][k]) / Math.sqrt(weight * own)
                            > network.settings().parallel()) {
                like.add(network.closures().get(k).id());
            }
        }
        return like;
    }

    double misclosure(int k) {
        return gaps[k];
    }

    /** Null where a member is missing. */
    @Nullable
    Double z(int k) {
        return missing.stream().anyMatch(i -> a.get(k, i) != 0) ? null : gaps[k] / spread[k];
    }

    /** Every reading after the fit, and every missing measure that the sums determine. */
    List<Adjustment.Value> adjusted(Map<String, Adjustment.Value> implied) {
        List<Adjustment.Value> values = new ArrayList<>();
        for (int i = 0; i < network.measures().size(); i++) {
            Network.Measure m = network.measures().get(i);
            if (m.value() == null) {
                if (implied.containsKey(m.id())) {
                    values.add(implied.get(m.id()));
                }
                continue;
            }
            double variance = m.variance();
            double fitted = value(m) - variance * column[i].dot(wr);
            double redundancy = Math.min(1, variance * information[i]);
            values.add(new Adjustment.Value(m.id(), fitted, Math.sqrt(variance * (1 - redundancy))));
        }
        return values;
    }

    /** The missing measures that the sums determine. */
    Map<String, Adjustment.Value> implied() {
        return Implied.of(network, named, columns(named), v, scaledGaps(), weights.missing());
    }
}
