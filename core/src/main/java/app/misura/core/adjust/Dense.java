package app.misura.core.adjust;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.ejml.interfaces.decomposition.EigenDecomposition_F64;
import org.ejml.interfaces.decomposition.SingularValueDecomposition_F64;

/** The few matrix operations an adjustment needs, on small dense matrices whose rows are scaled to about one. */
final class Dense {
    /** A singular value or eigenvalue under this share of the largest counts as nought; the matrices are scaled to one. */
    static final double RANK = 1e-9;

    private Dense() {}

    static DMatrixRMaj times(DMatrixRMaj a, DMatrixRMaj b) {
        DMatrixRMaj c = new DMatrixRMaj(a.numRows, b.numCols);
        CommonOps_DDRM.mult(a, b, c);
        return c;
    }

    static DMatrixRMaj transposed(DMatrixRMaj a) {
        return CommonOps_DDRM.transpose(a, null);
    }

    static int rank(DMatrixRMaj a) {
        if (a.numRows == 0 || a.numCols == 0) {
            return 0;
        }
        double[] values = svd(a, false).getSingularValues();
        double largest = 0;
        for (double v : values) {
            largest = Math.max(largest, v);
        }
        int rank = 0;
        for (double v : values) {
            rank += v > RANK * Math.max(largest, RANK) ? 1 : 0;
        }
        return rank;
    }

    /** Orthonormal columns that span what no column of {@code a} reaches: its left null space. */
    static DMatrixRMaj leftNull(DMatrixRMaj a) {
        if (a.numCols == 0) {
            return CommonOps_DDRM.identity(a.numRows);
        }
        SingularValueDecomposition_F64<DMatrixRMaj> svd = svd(a, true);
        DMatrixRMaj u = svd.getU(null, false);
        double[] values = svd.getSingularValues();
        double largest = 0;
        for (double v : values) {
            largest = Math.max(largest, v);
        }
        int kept = 0;
        int[] columns = new int[u.numCols];
        for (int j = 0; j < u.numCols; j++) {
            double value = j < values.length ? values[j] : 0;
            if (value <= RANK * Math.max(largest, RANK)) {
                columns[kept++] = j;
            }
        }
        DMatrixRMaj n = new DMatrixRMaj(a.numRows, kept);
        for (int j = 0; j < kept; j++) {
            for (int i = 0; i < a.numRows; i++) {
                n.set(i, j, u.get(i, columns[j]));
            }
        }
        return n;
    }

    private static SingularValueDecomposition_F64<DMatrixRMaj> svd(DMatrixRMaj a, boolean vectors) {
        SingularValueDecomposition_F64<DMatrixRMaj> svd =
                DecompositionFactory_DDRM.svd(a.numRows, a.numCols, vectors, false, false);
        if (!svd.decompose(a.copy())) {
            throw new ArithmeticException("singular values did not converge");
        }
        return svd;
    }

    /** Eigenvalues and vectors of a symmetric matrix. */
    record Symmetric(double[] values, DMatrixRMaj[] vectors) {
        static Symmetric of(DMatrixRMaj a) {
            int n = a.numRows;
            double[] values = new double[n];
            DMatrixRMaj[] vectors = new DMatrixRMaj[n];
            if (n == 0) {
                return new Symmetric(values, vectors);
            }
            EigenDecomposition_F64<DMatrixRMaj> eigen = DecompositionFactory_DDRM.eig(n, true, true);
            if (!eigen.decompose(a.copy())) {
                throw new ArithmeticException("eigenvalues did not converge");
            }
            for (int i = 0; i < n; i++) {
                values[i] = eigen.getEigenvalue(i).getReal();
                vectors[i] = eigen.getEigenVector(i);
            }
            return new Symmetric(values, vectors);
        }

        private double largest() {
            double largest = 0;
            for (double v : values) {
                largest = Math.max(largest, v);
            }
            return largest;
        }

        boolean isNull(int i) {
            return values[i] <= RANK * Math.max(largest(), RANK);
        }

        /** Whether a vector leaves the range: gaps where no error of any reading can put them. */
        boolean isOutside(DMatrixRMaj projected) {
            for (int i = 0; i < values.length; i++) {
                if (isNull(i) && Math.abs(CommonOps_DDRM.dot(vectors[i], projected)) > 1e-7) {
                    return true;
                }
            }
            return false;
        }

        /** Generalised inverse: nought where the eigenvalue is nought. */
        DMatrixRMaj inverse() {
            return inverse(false);
        }

        /** Inverse in which an exact direction (eigenvalue nought) weighs enormously instead of nothing. */
        DMatrixRMaj weighting() {
            return inverse(true);
        }

        private DMatrixRMaj inverse(boolean exactWeighs) {
            int n = values.length;
            DMatrixRMaj sum = new DMatrixRMaj(n, n);
            for (int i = 0; i < n; i++) {
                if (!isNull(i)) {
                    CommonOps_DDRM.multAddTransB(1 / values[i], vectors[i], vectors[i], sum);
                } else if (exactWeighs) {
                    CommonOps_DDRM.multAddTransB(1 / (RANK * Math.max(largest(), RANK)), vectors[i], vectors[i], sum);
                }
            }
            return sum;
        }
    }
}
