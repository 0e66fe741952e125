package app.misura.core.block.trousers;

import app.misura.core.geometry.Path;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Search;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * Front and back of a leg for one choice of the free parameters, with hem, forks and the back's side solved so that the
 * long seams have their lengths. y is 0 where the front's side meets the band; x is 0 on the crease.
 */
record Legs(Leg front, Leg back) {
    /** The back's side meets the band at least so far over the seat's level, mm. */
    private static final double LOWEST_SIDE = 30;

    /**
     * Solves both pieces.
     *
     * @param sideTake what both side seams of one side take in at the waist, mm (negative: the sides flare)
     * @return empty if a length cannot be reached
     */
    static Optional<Legs> solve(Wanted in, Parameters p, double sideTake) {
        Solver solver = new Solver(in, p, sideTake);
        return solver.front().flatMap(front -> solver.back(front).map(back -> new Legs(front, back)));
    }

    double loop() {
        return front.crotch().length() + back.crotch().length();
    }

    /** How far the back fork hangs under the front fork. */
    double forkDrop() {
        return back.fork().y() - front.fork().y();
    }

    double thigh() {
        return front.thigh() + back.thigh();
    }

    /** The parts of one solution. */
    private static final class Solver {
        private final Wanted in;
        private final Parameters p;
        private final double sideTake;
        private final double seatY;
        private final double frontSeat;
        private final double backSeat;
        private final Point frontSide;
        private final Point backSide;

        Solver(Wanted in, Parameters p, double sideTake) {
            this.in = in;
            this.p = p;
            this.sideTake = sideTake;
            this.seatY = in.seatY();
            this.frontSeat = in.seat() / 4 - Numbers.SEAT_SHIFT * in.seat();
            this.backSeat = in.seat() / 4 + Numbers.SEAT_SHIFT * in.seat();
            this.frontSide = new Point(-(frontSeat + p.frontFork()) / 2, seatY);
            double half = halfKnee(1);
            this.backSide = new Point(-(half + Numbers.BACK_SIDE_SHARE * (backSeat + p.backFork() - 2 * half)), seatY);
        }

        /** @param behind 1 for the back, -1 for the front */
        private double halfKnee(int behind) {
            return in.knee() / 4 + behind * Numbers.BACK_WIDER;
        }

        /** @param side 1 towards the fork, -1 towards the side seam */
        private LegLine line(int behind, int side, double hemY) {
            double half = in.girths().hem() / 4 + behind * Numbers.BACK_WIDER;
            if (in.endsAboveKnee()) {
                return new LegLine(null, new Point(shortHem(behind, side, half), hemY));
            }
            double kneeY = hemY - in.lengths().kneeHeight().orElseThrow();
            return new LegLine(new Point(side * halfKnee(behind), kneeY), new Point(side * half, hemY));
        }

        /** Above the knee the back's crease lies out of its middle, as seat and fork do. */
        private double shortHem(int behind, int side, double half) {
            if (behind < 0) {
                return side * half;
            }
            double over = 2 * (half - halfKnee(1));
            double share = side > 0 ? 1 - Numbers.BACK_SIDE_SHARE : Numbers.BACK_SIDE_SHARE;
            return side * (halfKnee(1) + share * over);
        }

        Optional<Leg> front() {
            Point waist = new Point(frontSide.x() + Numbers.FRONT_SIDE * sideTake, 0);
            return ofLength(y -> line(-1, -1, y).outseam(waist, frontSide), in.pieceOutside(), in.pieceOutside() - 8, 1)
                    .flatMap(this::frontAbove);
        }

        private Optional<Leg> frontAbove(Path outseam) {
            double hemY = outseam.end().y();
            LegLine inside = line(-1, 1, hemY);
            double forkX = frontSide.x() + frontSeat + p.frontFork();
            return ofLength(
                            y -> inside.inseam(new Point(forkX, y), Numbers.FRONT_LEAN),
                            in.lengths().inside(),
                            hemY - in.lengths().inside() + 6,
                            -1)
                    .filter(inseam -> inseam.start().y() > seatY + Numbers.FORK_UNDER_SEAT)
                    .map(inseam -> new Leg(outseam, inseam, frontCrotch(inseam), frontSide));
        }

        /** The line of that length among those drawn at different heights. @param grows 1 where it grows with y, else -1 */
        private static Optional<Path> ofLength(DoubleFunction<Path> line, double length, double guess, int grows) {
            return Search.of(line, path -> grows * (path.length() - length))
                    .from(guess, 4)
                    .within(Numbers.SOLVED)
                    .found();
        }

        private Crotch frontCrotch(Path inseam) {
            Point fork = inseam.start();
            double centreX = frontSide.x() + frontSeat;
            double take = in.centreFront();
            Point top = new Point(centreX - take, p.frontDrop());
            double departY = Math.max(seatY, fork.y() - 1.35 * p.frontFork());
            double slope = take / (seatY - p.frontDrop());
            Point departure = new Point(centreX + slope * (departY - seatY), departY);
            return Crotch.of(
                    top,
                    departure,
                    fork,
                    inseam.segments().get(0).startTangent(),
                    Math.min(1, 0.98 * p.fullness()),
                    Math.min(1, 0.84 * p.fullness()));
        }

        Optional<Leg> back(Leg front) {
            LegLine inside = line(1, 1, front.hemY());
            double seatX = backSide.x() + backSeat;
            double forkX = seatX + p.backFork();
            Optional<Path> inseam = ofLength(
                    y -> inside.inseam(new Point(forkX, y), Numbers.BACK_LEAN),
                    in.lengths().inside() - Numbers.BACK_SHORTER,
                    front.fork().y() + 12,
                    -1);
            Optional<Crotch> crotch = inseam.flatMap(line -> backCrotch(line, seatX));
            Optional<Path> outseam = crotch.isEmpty() ? Optional.empty() : backOutseam(line(1, -1, front.hemY()));
            return outseam.map(side -> new Leg(side, inseam.orElseThrow(), crotch.orElseThrow(), backSide));
        }

        private Optional<Path> backOutseam(LegLine out) {
            double x = backSide.x() + (1 - Numbers.FRONT_SIDE) * sideTake;
            return ofLength(y -> out.outseam(new Point(x, y), backSide), in.pieceOutside(), 0, -1)
                    .filter(side -> side.start().y() < seatY - LOWEST_SIDE);
        }

        /** The slanted centre line, shifted until the curve crosses seat level at the seat's width. */
        private Optional<Crotch> backCrotch(Path inseam, double seatX) {
            Point fork = inseam.start();
            Point direction = inseam.segments().get(0).startTangent();
            double departY = seatY - 0.45 * (in.pieceRise() - seatY);
            double lean = Math.tan(p.slant());
            return Search.<Crotch>of(
                            x -> Crotch.of(
                                    new Point(x - (seatY + p.raise()) * lean, -p.raise()),
                                    new Point(x - (seatY - departY) * lean, departY),
                                    fork,
                                    direction,
                                    Math.min(1, 1.1 * p.fullness()),
                                    Math.min(1, 0.95 * p.fullness())),
                            crotch -> crotch.xAt(seatY) - seatX)
                    .from(seatX - 8, 2)
                    .within(Numbers.SOLVED)
                    .found();
        }
    }
}
