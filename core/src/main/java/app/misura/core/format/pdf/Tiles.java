package app.misura.core.format.pdf;

import app.misura.core.format.drawing.Drawing;
import app.misura.core.format.drawing.Shape;
import app.misura.core.geometry.Box;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * How a drawing is cut into pages: each shows its part and an overlap of the next, so that the pages glue together by
 * their marks. A page on which nothing lies is not printed.
 *
 * @param columns pages side by side
 * @param stepX how far neighbours lie apart, mm
 * @param used the pages that something lies on, row by row: row times columns plus column
 */
public record Tiles(int columns, int rows, double stepX, double stepY, Set<Integer> used) {
    /** What no office printer prints. */
    public static final double MARGIN = 12;
    /** Glued under the neighbour. */
    public static final double OVERLAP = 10;

    public Tiles {
        used = Set.copyOf(used);
    }

    public static Tiles over(Drawing drawing, Paper paper) {
        double stepX = paper.widthMm() - 2 * MARGIN - OVERLAP;
        double stepY = paper.heightMm() - 2 * MARGIN - OVERLAP;
        int columns = (int) Math.max(1, Math.ceil((drawing.widthMm() - OVERLAP) / stepX));
        int rows = (int) Math.max(1, Math.ceil((drawing.heightMm() - OVERLAP) / stepY));
        Set<Integer> used = new TreeSet<>();
        for (Drawing.Group group : drawing.groups()) {
            box(group).ifPresent(box -> {
                for (int row = 0; row < rows; row++) {
                    for (int column = 0; column < columns; column++) {
                        double left = column * stepX;
                        double top = row * stepY;
                        if (box.left() < left + stepX + OVERLAP
                                && box.right() > left
                                && box.top() < top + stepY + OVERLAP
                                && box.bottom() > top) {
                            used.add(row * columns + column);
                        }
                    }
                }
            });
        }
        return new Tiles(columns, rows, stepX, stepY, used);
    }

    /** What the lines of a group take on the sheet. */
    private static Optional<Box> box(Drawing.Group group) {
        List<Point> points = new ArrayList<>();
        for (Shape shape : group.shapes()) {
            if (shape instanceof Shape.Chords chords) {
                chords.points().forEach(p -> points.add(group.onSheet(p)));
            }
        }
        return points.isEmpty() ? Optional.empty() : Optional.of(Box.of(points));
    }

    /** Whether something lies on a page; on one outside the sheet nothing does. */
    public boolean isUsed(int row, int column) {
        return row >= 0 && column >= 0 && column < columns && used.contains(row * columns + column);
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
