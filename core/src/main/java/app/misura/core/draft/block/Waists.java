package app.misura.core.draft.block;

import app.misura.core.draft.Dart;
import app.misura.core.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Both waist lines of one side of the body: the sides, then darts and pleats take in exactly what is left. */
final class Waists {
    /** Under so much left over there are no darts; the side seams take it, mm. */
    private static final double NO_DARTS = 14;
    /** Up to so much, all of it is taken behind, mm. */
    private static final double BACK_ONLY = 22;

    private static final double WIDEST = 35;
    private static final double SECOND = 25;
    /** Square to the centre within ten degrees; the line uses about half of it to lie flat. */
    private static final double OFF_SQUARE = 5;
    /** What a front with one pleat, or two, folds away at least, mm. */
    private static final double[] PLEATS = {0, 28, 46};

    final WaistLine.Drawn front;
    final WaistLine.Drawn back;
    final double frontOffSquare;
    final double backOffSquare;

    private Waists(WaistLine.Drawn front, WaistLine.Drawn back, double frontOffSquare, double backOffSquare) {
        this.front = front;
        this.back = back;
        this.frontOffSquare = frontOffSquare;
        this.backOffSquare = backOffSquare;
    }

    /** What the sides, and what darts and pleats take in at first sight. Negative sides flare. */
    record Share(double sides, double front, double back) {
        boolean hasFolds() {
            return front > 0 || back > 0;
        }

        static Share of(TrousersInput in, TrousersParameters p) {
            double n = (in.seat() - in.waist()) / 2;
            double seatY = in.seatDepth() - in.band();
            double centreBack = (seatY + p.raise()) * Math.tan(p.slant());
            double centreFront = n >= 0 ? Math.min(12, 0.07 * n) : Math.max(-35, 0.4 * n);
            double rest = n - centreBack - centreFront;
            double pleats = PLEATS[in.front().pleats()] * Math.min(1, in.size());
            if (pleats > 0) {
                return pleated(rest, pleats);
            }
            if (rest < NO_DARTS) {
                return new Share(rest, 0, 0);
            }
            double folds = Math.min(0.6 * rest, 4 * WIDEST * 0.9);
            double back = folds <= BACK_ONLY ? folds : Math.min(0.62 * folds, 2 * WIDEST - 4);
            return new Share(rest - folds, folds - back, back);
        }

        private static Share pleated(double rest, double pleats) {
            double folds = Math.max(0, 0.6 * rest);
            double back = Math.min(folds <= BACK_ONLY ? folds : 0.62 * folds, 2 * WIDEST - 4);
            double front = Math.max(pleats, folds - back);
            return new Share(rest - front - back, front, back);
        }
    }

    /**
     * Draws the two lines over a solved shape so that, closed, they measure half the waist.
     *
     * @return null if a fold would have to be wider than cloth allows
     */
    static @Nullable Waists over(TrousersShape shape, Share share) {
        TrousersInput in = shape.in;
        Point frontDown = shape.frontCrotch.centre().startTangent();
        Point backDown = shape.backCrotch.centre().startTangent();
        WaistLine frontLine = new WaistLine(
                shape.frontOutseam.start(), shape.frontCrotch.centre().start(), frontDown, OFF_SQUARE);
        WaistLine backLine = new WaistLine(
                shape.backOutseam.start(), shape.backCrotch.centre().start(), backDown, OFF_SQUARE);
        double front = share.front();
        double back = share.back();
        for (int i = 0; i < 12; i++) {
            WaistLine.Drawn f = frontLine.draw(frontFolds(in, front, shape.seatY));
            WaistLine.Drawn b = backLine.draw(backFolds(back, shape.seatY));
            double over = f.closedLength() + b.closedLength() - in.waist() / 2;
            if (!share.hasFolds() || Math.abs(over) < TrousersShape.SOLVED) {
                return new Waists(f, b, frontLine.offSquare(frontDown), backLine.offSquare(backDown));
            }
            double frontShare = in.front().pleats() > 0 && back > 0 ? 0 : front / (front + back);
            front += over * frontShare;
            back += over * (1 - frontShare);
            if (front < -1e-9 || back < -1e-9 || front > 2 * WIDEST || back > 2 * WIDEST) {
                return null;
            }
        }
        return null;
    }

    private static List<WaistLine.Fold> frontFolds(TrousersInput in, double intake, double seatY) {
        List<WaistLine.Fold> folds = new ArrayList<>();
        if (intake <= 0.5) {
            return folds;
        }
        double length = Math.min(95, 0.52 * seatY);
        int pleats = in.front().pleats();
        Dart.Kind kind = pleats > 0 ? Dart.Kind.PLEAT : Dart.Kind.DART;
        if (pleats == 2 || pleats == 0 && intake > SECOND) {
            folds.add(new WaistLine.Fold(kind, 0.27, 0.42 * intake, 0.8 * length));
            folds.add(new WaistLine.Fold(kind, 0.56, 0.58 * intake, length));
        } else {
            folds.add(new WaistLine.Fold(kind, 0.52, intake, length));
        }
        return folds;
    }

    private static List<WaistLine.Fold> backFolds(double intake, double seatY) {
        List<WaistLine.Fold> folds = new ArrayList<>();
        if (intake <= 0.5) {
            return folds;
        }
        double length = Math.min(125, 0.68 * seatY);
        if (intake > SECOND) {
            folds.add(new WaistLine.Fold(Dart.Kind.DART, 0.33, 0.46 * intake, 0.82 * length));
            folds.add(new WaistLine.Fold(Dart.Kind.DART, 0.66, 0.54 * intake, length));
        } else {
            folds.add(new WaistLine.Fold(Dart.Kind.DART, 0.48, intake, length));
        }
        return folds;
    }

    double closedLength() {
        return front.closedLength() + back.closedLength();
    }
}
