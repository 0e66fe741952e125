package app.misura.core.geometry;

import java.util.Arrays;
import java.util.List;

/**
 * Looks for two edges of a closed outline that cross. The edges are gone through from the top, so that only those that
 * share a level are compared; levels are counted in whole thousandths of a millimetre, rounded so that none is missed.
 */
final class Crossing {
    private static final double LEVELS_PER_MM = 1000;

    private final int edges;
    private final double[] x;
    private final double[] y;

    Crossing(List<Point> outline) {
        this.edges = outline.size();
        this.x = new double[edges + 1];
        this.y = new double[edges + 1];
        for (int i = 0; i <= edges; i++) {
            Point p = outline.get(i % edges);
            x[i] = p.x();
            y[i] = p.y();
        }
    }

    boolean found() {
        long[] fromTop = fromTop();
        for (int a = 0; a < edges; a++) {
            int i = (int) fromTop[a];
            long lowest = Math.round(Math.ceil(Math.max(y[i], y[i + 1]) * LEVELS_PER_MM));
            for (int b = a + 1; b < edges && fromTop[b] >> 32 <= lowest; b++) {
                if (cross(i, (int) fromTop[b])) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The edges by the level of their upper end: the level in the upper half of the number, the edge in the lower. */
    private long[] fromTop() {
        long[] order = new long[edges];
        for (int i = 0; i < edges; i++) {
            long level = Math.round(Math.floor(Math.min(y[i], y[i + 1]) * LEVELS_PER_MM));
            order[i] = level << 32 | i;
        }
        Arrays.sort(order);
        return order;
    }

    private boolean cross(int i, int j) {
        int apart = Math.abs(i - j);
        return apart > 1
                && apart < edges - 1
                && Math.max(x[i], x[i + 1]) >= Math.min(x[j], x[j + 1])
                && Math.max(x[j], x[j + 1]) >= Math.min(x[i], x[i + 1])
                && side(i, j) * side(i, j + 1) < 0
                && side(j, i) * side(j, i + 1) < 0;
    }

    /** On which side of an edge a corner lies, by its sign. */
    private double side(int edge, int corner) {
        double alongX = x[edge + 1] - x[edge];
        double alongY = y[edge + 1] - y[edge];
        return alongX * (y[corner] - y[edge]) - alongY * (x[corner] - x[edge]);
    }
}
