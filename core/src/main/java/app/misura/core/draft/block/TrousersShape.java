package app.misura.core.draft.block;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Roots;
import app.misura.core.geometry.Segment;
import java.util.OptionalDouble;

/**
 * Front and back of a leg for one choice of the free parameters, with hem, forks and the back's side solved so that the
 * long seams have their lengths. y is 0 where the front's side meets the band; x is 0 on the crease.
 */
final class TrousersShape {
    /** How near a solved length comes to its target, mm. */
    static final double SOLVED = 0.004;
    /** The back inseam is so much shorter and stretched in sewing, mm: within the 0 to 6 that cloth gives. */
    static final double BACK_SHORTER = 3;

    private static final double FRONT_LEAN = 18;
    private static final double BACK_LEAN = 21;
    /** The front takes so much less than a quarter of the seat, and the back so much more: share of the seat. */
    private static final double SHIFT = 0.0095;

    final TrousersInput in;
    final TrousersParameters p;
    final double seatY;
    final double frontSeat;
    final double backSeat;
    final Point frontSide;
    final Point backSide;
    final double sideTake;
    double hemY;
    Path frontOutseam;
    Path frontInseam;
    Crotch frontCrotch;
    Path backOutseam;
    Path backInseam;
    Crotch backCrotch;

    private TrousersShape(TrousersInput in, TrousersParameters p, double sideTake) {
        this.in = in;
        this.p = p;
        this.sideTake = sideTake;
        this.seatY = in.seatDepth() - in.band();
        this.frontSeat = in.seat() / 4 - SHIFT * in.seat();
        this.backSeat = in.seat() / 4 + SHIFT * in.seat();
        double kneeHalf = halfKneeBack();
        this.frontSide = new Point(-(frontSeat + p.frontFork()) / 2, seatY);
        this.backSide = new Point(-(kneeHalf + 0.455 * (backSeat + p.backFork() - 2 * kneeHalf)), seatY);
    }

    /**
     * Solves one shape.
     *
     * @param sideTake what both side seams of one side take in at the waist, mm (negative: the sides flare)
     * @return null if a length cannot be reached
     */
    static @org.jspecify.annotations.Nullable TrousersShape solve(
            TrousersInput in, TrousersParameters p, double sideTake) {
        TrousersShape shape = new TrousersShape(in, p, sideTake);
        return shape.solveFront() && shape.solveBack() ? shape : null;
    }

    private double halfKneeFront() {
        return in.knee() / 4 - 5;
    }

    private double halfKneeBack() {
        return in.knee() / 4 + 5;
    }

    private double kneeY() {
        return hemY - in.kneeHeight();
    }

    Point knee(boolean front, int side) {
        return new Point(side * (front ? halfKneeFront() : halfKneeBack()), kneeY());
    }

    Point hem(boolean front, int side) {
        return new Point(side * (in.hem() / 4 + (front ? -5 : 5)), hemY);
    }

    private boolean solveFront() {
        Point waist = new Point(frontSide.x() + 0.46 * sideTake, 0);
        OptionalDouble hem = Roots.near(
                y -> {
                    hemY = y;
                    frontOutseam = LegLine.outseam(waist, frontSide, knee(true, -1), hem(true, -1));
                    return frontOutseam.length() - in.pieceOutside();
                },
                in.pieceOutside() - 8,
                4,
                SOLVED);
        if (hem.isEmpty()) {
            return false;
        }
        double forkX = frontSide.x() + frontSeat + p.frontFork();
        OptionalDouble fork = Roots.near(
                y -> {
                    frontInseam = LegLine.inseam(new Point(forkX, y), knee(true, 1), hem(true, 1), FRONT_LEAN);
                    return in.inside() - frontInseam.length();
                },
                hemY - in.inside() + 6,
                4,
                SOLVED);
        if (fork.isEmpty() || fork.getAsDouble() <= seatY + 5) {
            return false;
        }
        frontCrotch = crotchFront(frontInseam.start());
        return true;
    }

    private Crotch crotchFront(Point fork) {
        double centreX = frontSide.x() + frontSeat;
        double n = (in.seat() - in.waist()) / 2;
        double take = n >= 0 ? Math.min(12, 0.07 * n) : Math.max(-35, 0.4 * n);
        Point top = new Point(centreX - take, p.frontDrop());
        double departY = Math.max(seatY, fork.y() - 1.35 * p.frontFork());
        double slope = take / (seatY - p.frontDrop());
        Point departure = new Point(centreX + slope * (departY - seatY), departY);
        return Crotch.of(
                top,
                departure,
                fork,
                frontInseam.segments().get(0).startTangent(),
                Math.min(1, 0.98 * p.fullness()),
                Math.min(1, 0.84 * p.fullness()));
    }

    private boolean solveBack() {
        double seatX = backSide.x() + backSeat;
        double forkX = seatX + p.backFork();
        OptionalDouble fork = Roots.near(
                y -> {
                    backInseam = LegLine.inseam(new Point(forkX, y), knee(false, 1), hem(false, 1), BACK_LEAN);
                    return in.inside() - BACK_SHORTER - backInseam.length();
                },
                frontInseam.start().y() + 12,
                4,
                SOLVED);
        if (fork.isEmpty() || !solveCentreBack(backInseam.start(), seatX)) {
            return false;
        }
        OptionalDouble side = Roots.near(
                y -> {
                    Point waist = new Point(backSide.x() + 0.54 * sideTake, y);
                    backOutseam = LegLine.outseam(waist, backSide, knee(false, -1), hem(false, -1));
                    return backOutseam.length() - in.pieceOutside();
                },
                0,
                -4,
                SOLVED);
        return side.isPresent() && side.getAsDouble() < seatY - 30;
    }

    /** Shifts the slanted centre line until the curve crosses seat level at the seat's width. */
    private boolean solveCentreBack(Point fork, double seatX) {
        double departY = seatY - 0.45 * (in.pieceRise() - seatY);
        double lean = Math.tan(p.slant());
        OptionalDouble shift = Roots.near(
                x -> {
                    Point top = new Point(x - (seatY + p.raise()) * lean, -p.raise());
                    Point departure = new Point(x - (seatY - departY) * lean, departY);
                    backCrotch = Crotch.of(
                            top,
                            departure,
                            fork,
                            backInseam.segments().get(0).startTangent(),
                            Math.min(1, 1.1 * p.fullness()),
                            Math.min(1, 0.95 * p.fullness()));
                    return backCrotch.xAt(seatY) - seatX;
                },
                seatX - 8,
                2,
                SOLVED);
        return shift.isPresent();
    }

    double loop() {
        return frontCrotch.length() + backCrotch.length();
    }

    double forkDrop() {
        return backInseam.start().y() - frontInseam.start().y();
    }

    /** Drawn thigh: both widths at each piece's own fork tip. */
    double thigh() {
        return frontInseam.start().x()
                - xAt(frontOutseam, frontInseam.start().y())
                + backInseam.start().x()
                - xAt(backOutseam, backInseam.start().y());
    }

    private static double xAt(Path outseam, double y) {
        for (Segment segment : outseam.segments()) {
            if (segment.start().y() <= y && segment.end().y() >= y) {
                double low = 0;
                double high = 1;
                for (int i = 0; i < 40; i++) {
                    double middle = (low + high) / 2;
                    if (segment.at(middle).y() < y) {
                        low = middle;
                    } else {
                        high = middle;
                    }
                }
                return segment.at((low + high) / 2).x();
            }
        }
        throw new IllegalStateException("the side seam does not pass the height " + y);
    }
}
