package app.misura.core.format.pdf;

import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * How a drawing is cut into pages: each shows its part and an overlap of the next, so that the pages glue together by
 * their marks.
 *
 * @param columns pages side by side
 * @param stepX how far neighbours lie apart, mm
 */
public record Tiles(int columns, int rows, double stepX, double stepY, double marginMm) {
    /** What no office printer prints. */
    public static final double MARGIN = 12;
    /** Glued under the neighbour. */
    public static final double OVERLAP = 10;

    public static Tiles over(double widthMm, double heightMm, Paper paper) {
        double stepX = paper.widthMm() - 2 * MARGIN - OVERLAP;
        double stepY = paper.heightMm() - 2 * MARGIN - OVERLAP;
        int columns = (int) Math.max(1, Math.ceil((widthMm - OVERLAP) / stepX));
        int rows = (int) Math.max(1, Math.ceil((heightMm - OVERLAP) / stepY));
        return new Tiles(columns, rows, stepX, stepY, MARGIN);
    }

    /** Name of a page: row letter, column number; after row Z come AA, AB. */
    public String name(int row, int column) {
        String before = row >= 26 ? String.valueOf((char) ('A' + row / 26 - 1)) : "";
        return before + (char) ('A' + row % 26) + (column + 1);
    }

    /** The place of the drawing that lies at the corner of a page's printed part. */
    public Point corner(int row, int column) {
        return new Point(column * stepX, row * stepY);
    }

    /** Places on the page, from its corner, where the overlap marks stand: on both edges of each overlap. */
    public List<Point> marks() {
        double w = stepX + OVERLAP;
        double h = stepY + OVERLAP;
        List<Point> marks = new ArrayList<>();
        for (double x : new double[] {OVERLAP / 2, w - OVERLAP / 2}) {
            for (double y : new double[] {OVERLAP / 2, h - OVERLAP / 2}) {
                marks.add(new Point(x, y));
            }
        }
        return marks;
    }
}
