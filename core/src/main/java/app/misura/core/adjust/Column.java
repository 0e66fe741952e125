package app.misura.core.adjust;

import org.ejml.data.DMatrixRMaj;

/** What a measure weighs in each closure, as its few places that are not nought. */
record Column(int[] rows, double[] factors) {

    /** The column of a matrix. */
    static Column of(DMatrixRMaj matrix, int column) {
        int count = 0;
        for (int k = 0; k < matrix.numRows; k++) {
            count += matrix.get(k, column) != 0 ? 1 : 0;
        }
        int[] rows = new int[count];
        double[] factors = new double[count];
        int at = 0;
        for (int k = 0; k < matrix.numRows; k++) {
            if (matrix.get(k, column) != 0) {
                rows[at] = k;
                factors[at++] = matrix.get(k, column);
            }
        }
        return new Column(rows, factors);
    }

    boolean isEmpty() {
        return rows.length == 0;
    }

    /** {@code a'b} with a vector of closures. */
    double dot(double[] vector) {
        double sum = 0;
        for (int j = 0; j < rows.length; j++) {
            sum += factors[j] * vector[rows[j]];
        }
        return sum;
    }

    /** {@code M a} for a symmetric matrix. */
    double[] times(DMatrixRMaj symmetric) {
        double[] product = new double[symmetric.numRows];
        double[] data = symmetric.data;
        for (int j = 0; j < rows.length; j++) {
            int from = rows[j] * symmetric.numCols;
            for (int k = 0; k < product.length; k++) {
                product[k] += factors[j] * data[from + k];
            }
        }
        return product;
    }

    /** Adds {@code weight a a'} to a matrix. */
    void addSquare(double weight, DMatrixRMaj to) {
        for (int i = 0; i < rows.length; i++) {
            for (int j = 0; j < rows.length; j++) {
                to.add(rows[i], rows[j], weight * factors[i] * factors[j]);
            }
        }
    }
}
