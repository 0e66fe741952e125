package app.misura.core.figure;

import app.misura.core.body.Body;
import java.util.ArrayList;
import java.util.List;

/** The head as it is seen from in front or behind. @param back whether from behind */
record FrontalHead(Body b, boolean back) {

    private Knot hp(double x, double v) {
        return Knot.of(x * b.headWidth(), b.chin() + v * b.headHeight());
    }

    /** Chin, jaw and crown, closed. */
    List<Knot> outline() {
        double jaw = b.mix(1, .96);
        List<Knot> right = List.of(
                hp(0, 1).t(1, 0),
                hp(.56, .945),
                hp(.90, .79),
                hp(1, .60).t(0, -1),
                hp(.965, .46),
                hp(.91, .36),
                hp(.845 * jaw, .245),
                hp(.735 * jaw, .13),
                hp(.49 * jaw, .032),
                hp(.21 * jaw, -.003),
                hp(0, -.006).t(-1, 0));
        List<Knot> whole = new ArrayList<>(right);
        whole.addAll(Knot.reversed(Knot.mirrored(right.subList(1, right.size() - 1))));
        return whole;
    }

    /** The crown and the sides alone, open at the chin. */
    List<Knot> skull() {
        List<Knot> right = List.of(
                hp(0, 1).t(1, 0),
                hp(.56, .945),
                hp(.90, .79),
                hp(1, .60).t(0, -1),
                hp(.955, .44),
                hp(.88, .31),
                hp(.735, .20).t(-.75, -.66));
        List<Knot> whole = new ArrayList<>(Knot.reversed(Knot.mirrored(right.subList(1, right.size()))));
        whole.addAll(right);
        return whole;
    }

    /** The ear on the right of the page. */
    List<Knot> ear() {
        return back
                ? List.of(hp(.93, .50), hp(1.05, .545), hp(1.13, .50), hp(1.10, .40), hp(1.0, .30), hp(.90, .30))
                : List.of(hp(.955, .52), hp(1.04, .555), hp(1.105, .51), hp(1.07, .39), hp(1.0, .30), hp(.90, .315));
    }
}
