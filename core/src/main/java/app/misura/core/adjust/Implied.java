package app.misura.core.adjust;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.jspecify.annotations.Nullable;

/** What the sums say of measures that were not read: {@code x_m = -(A_m' V^-1 A_m)^-1 A_m' V^-1 r}. */
final class Implied {
    private Implied() {}

    /**
     * Those of some missing measures that are determined, in order.
     *
     * @param named the measures, by their place in the network
     * @param am their columns
     * @param v covariance of the gaps
     * @param gaps scaled as the columns are
     * @param known what the weights found of all of them, determined each; null where that is not so
     */
    static Map<String, Adjustment.Value> of(
            Network network,
            List<Integer> named,
            DMatrixRMaj am,
            DMatrixRMaj v,
            DMatrixRMaj gaps,
            Weights.@Nullable Missing known) {
        Map<String, Adjustment.Value> values = new LinkedHashMap<>();
        if (named.isEmpty()) {
            return values;
        }
        if (known != null) {
            DMatrixRMaj x = Dense.times(known.inverse(), Dense.times(known.left(), gaps));
            for (int j = 0; j < named.size(); j++) {
                String id = network.measures().get(named.get(j)).id();
                values.put(
                        id,
                        new Adjustment.Value(
                                id, -x.get(j, 0), Math.sqrt(known.inverse().get(j, j))));
            }
            return values;
        }
        DMatrixRMaj amT = Dense.transposed(am);
        DMatrixRMaj weight = Dense.Symmetric.of(v).weighting();
        DMatrixRMaj left = Dense.times(amT, weight);
        DMatrixRMaj inverse = Dense.Symmetric.of(Dense.times(left, am)).inverse();
        DMatrixRMaj x = Dense.times(inverse, Dense.times(left, gaps));
        DMatrixRMaj free = Dense.leftNull(amT);
        for (int j = 0; j < named.size(); j++) {
            double undetermined = 0;
            for (int c = 0; c < free.numCols; c++) {
                undetermined += Math.abs(free.get(j, c));
            }
            if (undetermined < 1e-7) {
                String id = network.measures().get(named.get(j)).id();
                values.put(id, new Adjustment.Value(id, -x.get(j, 0), Math.sqrt(Math.max(0, inverse.get(j, j)))));
            }
        }
        return values;
    }
}
