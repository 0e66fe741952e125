package app.misura.core.body;

import java.util.Arrays;
import java.util.Comparator;

/** A smooth line through given values that never overshoots them (Fritsch and Carlson 1980). Constant beyond its ends. */
final class Monotone {
    private final double[] x;
    private final double[] y;
    private final double[] slope;

    Monotone(double[] xs, double[] ys) {
        Integer[] order = new Integer[xs.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> xs[i]));
        int n = xs.length;
        x = new double[n];
        y = new double[n];
        slope = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = xs[order[i]];
            y[i] = ys[order[i]];
        }
        double[] d = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            d[i] = (y[i + 1] - y[i]) / Math.max(1e-9, x[i + 1] - x[i]);
        }
        slope[0] = d[0];
        slope[n - 1] = d[n - 2];
        for (int i = 1; i < n - 1; i++) {
            if (d[i - 1] * d[i] > 0) {
                double h0 = x[i] - x[i - 1];
                double h1 = x[i + 1] - x[i];
                double w1 = 2 * h1 + h0;
                double w2 = h1 + 2 * h0;
                slope[i] = (w1 + w2) / (w1 / d[i - 1] + w2 / d[i]);
            }
        }
    }

    double at(double value) {
        int n = x.length;
        if (value <= x[0]) {
            return y[0];
        }
        if (value >= x[n - 1]) {
            return y[n - 1];
        }
        int i = 0;
        while (x[i + 1] < value) {
            i++;
        }
        double h = x[i + 1] - x[i];
        double s = (value - x[i]) / h;
        double s2 = s * s;
        double s3 = s2 * s;
        return (2 * s3 - 3 * s2 + 1) * y[i]
                + (s3 - 2 * s2 + s) * h * slope[i]
                + (-2 * s3 + 3 * s2) * y[i + 1]
                + (s3 - s2) * h * slope[i + 1];
    }
}
