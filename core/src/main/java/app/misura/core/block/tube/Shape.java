package app.misura.core.block.tube;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * The outline of a tube's panels, half of each: x from the fold, y down from the middle of its top edge.
 *
 * @param rail from level to level
 * @param seams one seam behind, or one on each side
 * @param front how much the top edge rises to the front, mm
 * @param depth from the middle of the top edge down to the lower edge, mm
 */
record Shape(Rail rail, int seams, double front, double depth) {

    static Shape of(Rungs rungs, Top top, int seams) {
        List<Rungs.Rung> list = new ArrayList<>(rungs.list());
        if (top.height() > rungs.top().height()) {
            list.add(0, new Rungs.Rung("", rungs.top().girth(), top.height()));
        }
        double[] y = list.stream().mapToDouble(r -> top.height() - r.height()).toArray();
        double[] x = list.stream().mapToDouble(r -> r.girth() / (2 * seams)).toArray();
        return new Shape(Rail.through(y, x), seams, top.front(), y[y.length - 1]);
    }

    /** Where the seam begins: with one seam behind, where the edge lies behind; with two, in its middle. */
    double seamY() {
        return seams == 1 ? front : 0;
    }

    /** The seam's edge, from the top edge down. */
    Path side() {
        return rail.downFrom(seamY());
    }

    /** Between which two levels the seam leans most: the number of the upper one among the limb's own. */
    int steepest(Rungs rungs) {
        boolean beyond = rail.levels() > rungs.list().size();
        return Math.max(0, rail.steepest() - (beyond ? 1 : 0));
    }

    /** The half of one panel's top edge, from its fold to its seam. @param foldY where it lies on the fold */
    Path top(double foldY) {
        Point seam = side().start();
        if (Math.abs(foldY - seam.y()) < Rail.SAME) {
            return Path.of(new Segment.Line(new Point(0, seam.y()), seam));
        }
        Point fold = new Point(0, foldY);
        Point level = new Point(1, 0);
        return Path.of(Segment.Cubic.hermite(fold, level, Numbers.SLANTED, level, Numbers.SLANTED, seam));
    }

    /** Where the top edge lies on the folds: in front, and of two panels behind as well. */
    List<Double> folds() {
        return seams == 1 ? List.of(-front) : List.of(-front, front);
    }

    /** The whole top edge, all panels together, mm. */
    double edge() {
        return folds().stream().mapToDouble(y -> 2 * top(y).length()).sum();
    }
}
