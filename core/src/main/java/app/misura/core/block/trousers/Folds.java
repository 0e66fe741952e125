package app.misura.core.block.trousers;

import app.misura.core.draft.Dart;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What is folded away at the waist, decided before anything is solved: how many darts or pleats each piece has, and
 * whether they or the side seams take in what is left over at the end. Along the whole search it stays as it is, so that
 * nothing jumps.
 *
 * @param front how many folds the front has
 * @param kind of the front's folds
 * @param back how many darts the back has
 * @param sidesGive whether the side seams close the waist; else the darts do
 */
record Folds(int front, Dart.Kind kind, int back, boolean sidesGive) {

    /** What the sides, and what darts and pleats take in, mm. Negative sides flare. */
    record Share(double sides, double front, double back) {}

    private static final Folds NONE = new Folds(0, Dart.Kind.DART, 0, true);

    /** The ways to take in this waist, the usual one first. */
    static List<Folds> plans(Wanted in) {
        Parameters p = Parameters.at(in, 0, 1);
        double rest = rest(in, p);
        return in.front() == Wanted.Front.FLAT ? flat(rest) : pleated(in, rest);
    }

    /** What the centre lines leave to sides and folds of one half of the body. */
    private static double rest(Wanted in, Parameters p) {
        return in.toTakeIn() - p.centreBack(in.seatY()) - in.centreFront();
    }

    private static List<Folds> flat(double rest) {
        Set<Folds> plans = new LinkedHashSet<>();
        if (rest < Numbers.NO_DARTS) {
            plans.add(NONE);
        }
        double folds = Math.max(0, Numbers.FOLDS_SHARE * rest);
        boolean backOnly = folds <= Numbers.BACK_ONLY;
        double back = backOnly ? folds : Numbers.BACK_SHARE * folds;
        int front = backOnly ? 0 : darts(folds - back);
        plans.add(new Folds(front, Dart.Kind.DART, darts(back), false));
        plans.add(new Folds(front, Dart.Kind.DART, 2, false));
        plans.add(new Folds(Math.max(1, front), Dart.Kind.DART, 2, false));
        plans.add(new Folds(2, Dart.Kind.DART, 2, false));
        if (rest < Numbers.SIDES_ALONE) {
            plans.add(NONE);
        }
        return List.copyOf(plans);
    }

    private static int darts(double intake) {
        return intake > Numbers.SECOND ? 2 : 1;
    }

    private static List<Folds> pleated(Wanted in, double rest) {
        int pleats = in.front() == Wanted.Front.ONE_PLEAT ? 1 : 2;
        double back = pleatedBack(in, rest);
        Set<Folds> plans = new LinkedHashSet<>();
        if (back > Numbers.SMALLEST) {
            plans.add(new Folds(pleats, Dart.Kind.PLEAT, darts(back), false));
            plans.add(new Folds(pleats, Dart.Kind.PLEAT, 2, false));
        }
        plans.add(new Folds(pleats, Dart.Kind.PLEAT, darts(back), true));
        plans.add(new Folds(pleats, Dart.Kind.PLEAT, 0, true));
        return List.copyOf(plans);
    }

    private static double pleats(Wanted in) {
        double one = in.front() == Wanted.Front.ONE_PLEAT ? Numbers.ONE_PLEAT : Numbers.TWO_PLEATS;
        return one * Math.min(1, in.size());
    }

    /** Behind a pleated front, darts take what the sides and the pleats leave, and give way before the sides flare. */
    private static double pleatedBack(Wanted in, double rest) {
        double usual = Math.min(Numbers.FOLDS_SHARE * rest, Numbers.BACK_ONLY);
        double room = rest - pleats(in) + Numbers.PLEATED_FLARE;
        return Math.max(0, Math.max(Math.min(usual, room), Numbers.BACK_SHARE * (rest - pleats(in))));
    }

    /** What each takes in at these parameters. */
    Share share(Wanted in, Parameters p) {
        double rest = rest(in, p);
        if (kind == Dart.Kind.PLEAT) {
            double behind = back == 0 ? 0 : pleatedBack(in, rest);
            return new Share(rest - pleats(in) - behind, pleats(in), behind);
        }
        if (front + back == 0) {
            return new Share(rest, 0, 0);
        }
        double folds = Math.max(0, Math.min(Numbers.FOLDS_SHARE * rest, 4 * Numbers.WIDEST * 0.9));
        double behind = front == 0 ? folds : Math.min(Numbers.BACK_SHARE * folds, 2 * Numbers.WIDEST - 4);
        return new Share(rest - folds, folds - behind, behind);
    }

    /** Whether darts or pleats of that intake can be sewn. */
    boolean canTake(double frontIntake, double backIntake) {
        return fits(frontIntake, front, kind == Dart.Kind.PLEAT) && fits(backIntake, back, false);
    }

    private static boolean fits(double intake, int count, boolean pleats) {
        return intake > -1e-9 && (pleats || intake <= count * Numbers.WIDEST + 1e-9);
    }

    List<WaistLine.Fold> frontFolds(double intake, double seatY) {
        double length = Math.min(95, 0.52 * seatY);
        return front == 2 ? two(kind, 0.27, 0.56, 0.42, intake, length) : one(kind, 0.52, intake, length, front);
    }

    List<WaistLine.Fold> backFolds(double intake, double seatY) {
        double length = Math.min(125, 0.68 * seatY);
        return back == 2
                ? two(Dart.Kind.DART, 0.33, 0.66, 0.46, intake, length)
                : one(Dart.Kind.DART, 0.48, intake, length, back);
    }

    private static List<WaistLine.Fold> one(Dart.Kind kind, double at, double intake, double length, int count) {
        return count == 0 || intake <= Numbers.SMALLEST
                ? List.of()
                : List.of(new WaistLine.Fold(kind, at, intake, length));
    }

    /** Two folds; the one nearer to the side is smaller and shorter. */
    private static List<WaistLine.Fold> two(
            Dart.Kind kind, double outer, double inner, double outerShare, double intake, double length) {
        List<WaistLine.Fold> folds = new ArrayList<>();
        if (intake > Numbers.SMALLEST) {
            folds.add(new WaistLine.Fold(kind, outer, outerShare * intake, 0.81 * length));
            folds.add(new WaistLine.Fold(kind, inner, (1 - outerShare) * intake, length));
        }
        return folds;
    }
}
