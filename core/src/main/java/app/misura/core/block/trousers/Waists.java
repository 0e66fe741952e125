package app.misura.core.block.trousers;

import app.misura.core.geometry.Point;
import app.misura.core.geometry.Search;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Both waist lines of one side of the body, with what is folded away in them. */
record Waists(WaistLine.Drawn front, WaistLine.Drawn back, double frontOffSquare, double backOffSquare) {

    double closedLength() {
        return front.closedLength() + back.closedLength();
    }

    /** The two lines over a solved leg, their folds as shared. */
    static Waists drawn(Legs legs, Wanted in, Folds folds, double frontIntake, double backIntake) {
        return new Lines(legs, in, folds).drawn(frontIntake, backIntake);
    }

    /**
     * The two lines over a solved leg, the darts taking in exactly what closes them to half the waist.
     *
     * @return empty if a fold would have to be wider than cloth allows, or narrower than none
     */
    static Optional<Waists> closed(Legs legs, Wanted in, Folds folds, Folds.Share share) {
        Lines lines = new Lines(legs, in, folds);
        boolean pleated = in.front() != Wanted.Front.FLAT;
        double frontShare = pleated || folds.front() == 0 ? 0 : share.front() / (share.front() + share.back());
        return Search.<Waists>of(
                        more -> lines.ifSewable(
                                share.front() + more * frontShare, share.back() + more * (1 - frontShare)),
                        waists -> waists.closedLength() - in.waist() / 2)
                .from(0, 2)
                .within(Numbers.SOLVED)
                .found();
    }

    /** The lines without their folds. */
    private static final class Lines {
        private final Wanted in;
        private final Folds folds;
        private final WaistLine front;
        private final WaistLine back;
        private final double frontOff;
        private final double backOff;

        Lines(Legs legs, Wanted in, Folds folds) {
            this.in = in;
            this.folds = folds;
            Point frontDown = legs.front().crotch().centre().startTangent();
            Point backDown = legs.back().crotch().centre().startTangent();
            this.front = line(legs.front(), frontDown);
            this.back = line(legs.back(), backDown);
            this.frontOff = front.offSquare(frontDown);
            this.backOff = back.offSquare(backDown);
        }

        private static WaistLine line(Leg leg, Point down) {
            return new WaistLine(leg.outseam().start(), leg.crotch().centre().start(), down, Numbers.OFF_SQUARE);
        }

        Waists drawn(double frontIntake, double backIntake) {
            return new Waists(
                    front.draw(folds.frontFolds(frontIntake, in.seatY())),
                    back.draw(folds.backFolds(backIntake, in.seatY())),
                    frontOff,
                    backOff);
        }

        @Nullable
        Waists ifSewable(double frontIntake, double backIntake) {
            return folds.canTake(frontIntake, backIntake) ? drawn(frontIntake, backIntake) : null;
        }
    }
}
