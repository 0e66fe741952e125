package app.misura.core.adjust;

import org.ejml.data.DMatrixRMaj;
import org.jspecify.annotations.Nullable;

/** Inverse of a small symmetric matrix that is well conditioned; of any other there is none. */
final class Cholesky {
    /** A pivot under this share of its diagonal says that the matrix is too near to a singular one. */
    private static final double PIVOT = 1e-7;

    private Cholesky() {}

    /** Whether it is well conditioned. */
    static boolean isPositive(DMatrixRMaj symmetric) {
        return lower(symmetric) != null;
    }

    /** Null where it is not. */
    static @Nullable DMatrixRMaj inverse(DMatrixRMaj symmetric) {
        double[] l = lower(symmetric);
        if (l == null) {
            return null;
        }
        int n = symmetric.numRows;
        double[] m = new double[n * n];
        // the lower triangle's own inverse, column by column
        for (int j = 0; j < n; j++) {
            m[j * n + j] = 1 / l[j * n + j];
            for (int i = j + 1; i < n; i++) {
                double sum = 0;
                for (int k = j; k < i; k++) {
                    sum -= l[i * n + k] * m[k * n + j];
                }
                m[i * n + j] = sum / l[i * n + i];
            }
        }
        DMatrixRMaj inverse = new DMatrixRMaj(n, n);
        double[] out = inverse.data;
        for (int k = 0; k < n; k++) {
            for (int i = 0; i <= k; i++) {
                double factor = m[k * n + i];
                if (factor != 0) {
                    for (int j = 0; j <= i; j++) {
                        out[i * n + j] += factor * m[k * n + j];
                    }
                }
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                out[j * n + i] = out[i * n + j];
            }
        }
        return inverse;
    }

    private static double @Nullable [] lower(DMatrixRMaj symmetric) {
        int n = symmetric.numRows;
        double[] l = new double[n * n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = symmetric.data[i * n + j];
                for (int k = 0; k < j; k++) {
                    sum -= l[i * n + k] * l[j * n + k];
                }
                if (i > j) {
                    l[i * n + j] = sum / l[j * n + j];
                } else if (sum > PIVOT * symmetric.data[i * n + i]) {
                    l[i * n + i] = Math.sqrt(sum);
                } else {
                    return null;
                }
            }
        }
        return l;
    }
}
