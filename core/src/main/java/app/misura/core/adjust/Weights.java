package app.misura.core.adjust;

import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.jspecify.annotations.Nullable;

/**
 * What gaps weigh once missing measures are projected out: {@code W = N (N'VN)^- N'} with N the left null space of their
 * columns.
 *
 * <p>Where V and the missing measures are well conditioned, as on nearly every sheet, the same comes by Cholesky's way: {@code
 * W = V^-1 - V^-1 Am (Am' V^-1 Am)^-1 Am' V^-1}. Else singular values and eigenvalues decide.
 *
 * @param contradictory whether gaps lie where no error of any reading can put them
 * @param degrees degrees of freedom
 * @param independent whether no closure follows from others
 * @param missing inverse normal matrix of the missing measures that are named; null where the long way was gone
 */
record Weights(
        DMatrixRMaj w,
        boolean contradictory,
        int degrees,
        boolean independent,
        @Nullable Missing missing) {

    /** @param inverse of {@code Am' V^-1 Am} @param left {@code Am' V^-1} */
    record Missing(DMatrixRMaj inverse, DMatrixRMaj left) {}

    /**
     * @param a closures by measures, rows scaled
     * @param v covariance of the gaps, of unit diagonal
     * @param named columns of the missing measures that any closure names
     * @param am the same as a matrix
     */
    static Weights of(
            DMatrixRMaj a, Column[] columns, DMatrixRMaj v, List<Integer> named, DMatrixRMaj am, DMatrixRMaj r) {
        boolean independent = isIndependent(a.numRows, columns);
        DMatrixRMaj inverse = Cholesky.inverse(v);
        if (inverse != null && named.isEmpty()) {
            return new Weights(
                    inverse, false, independent ? a.numRows : Dense.rank(a), independent, new Missing(am, am));
        }
        if (inverse != null) {
            DMatrixRMaj left = new DMatrixRMaj(named.size(), a.numRows);
            DMatrixRMaj normal = new DMatrixRMaj(named.size(), named.size());
            for (int j = 0; j < named.size(); j++) {
                double[] row = columns[named.get(j)].times(inverse);
                System.arraycopy(row, 0, left.data, j * a.numRows, a.numRows);
                for (int m = 0; m < named.size(); m++) {
                    normal.set(j, m, columns[named.get(m)].dot(row));
                }
            }
            DMatrixRMaj normalInverse = Cholesky.inverse(normal);
            if (normalInverse != null) {
                DMatrixRMaj w = inverse.copy();
                org.ejml.dense.row.CommonOps_DDRM.multAdd(
                        -1, Dense.times(Dense.transposed(left), normalInverse), left, w);
                int rank = independent ? a.numRows : Dense.rank(a);
                return new Weights(w, false, rank - named.size(), independent, new Missing(normalInverse, left));
            }
        }
        return theLongWay(a, v, am, r, independent);
    }

    private static Weights theLongWay(
            DMatrixRMaj a, DMatrixRMaj v, DMatrixRMaj am, DMatrixRMaj r, boolean independent) {
        DMatrixRMaj basis = Dense.leftNull(am);
        DMatrixRMaj basisT = Dense.transposed(basis);
        Dense.Symmetric core = Dense.Symmetric.of(Dense.times(Dense.times(basisT, v), basis));
        return new Weights(
                Dense.times(Dense.times(basis, core.inverse()), basisT),
                core.isOutside(Dense.times(basisT, r)),
                Dense.rank(a) - Dense.rank(am),
                independent,
                null);
    }

    /** Whether no closure follows from others. */
    private static boolean isIndependent(int closures, Column[] columns) {
        DMatrixRMaj square = new DMatrixRMaj(closures, closures);
        for (Column column : columns) {
            column.addSquare(1, square);
        }
        return Cholesky.isPositive(square);
    }
}
