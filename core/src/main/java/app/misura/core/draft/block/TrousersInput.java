package app.misura.core.draft.block;

import java.util.List;

/**
 * What the trousers block is drawn from: finished measures in cloth as it is cut (shrinkage already added), mm, measured
 * from the top of the band.
 *
 * @param thigh a floor: the drawn thigh follows from seat and fork
 * @param knee wanted girth; {@code kneeFloor} is the least that the bent knee needs
 * @param loop front and back crotch together, over the band at both ends
 * @param seatDepth from the top of the band to the fullest seat, at the side
 * @param kneeHeight above the hem
 * @param seatShape -2 flat to +2 prominent
 * @param netSeat the body's own, for what is judged by the body
 */
public record TrousersInput(
        double waist,
        double seat,
        double thigh,
        double knee,
        double kneeFloor,
        double hem,
        double loop,
        double outside,
        double inside,
        double seatDepth,
        double kneeHeight,
        double band,
        int seatShape,
        double netSeat,
        double netWaist,
        double netLoop,
        double netRise,
        double netThigh,
        boolean child,
        Front front) {

    /** How the front takes in its waist. */
    public enum Front {
        FLAT,
        ONE_PLEAT,
        TWO_PLEATS;

        int pleats() {
            return ordinal();
        }
    }

    /** The same trousers over another thigh. */
    public TrousersInput withThigh(double other) {
        return with(other, seatDepth);
    }

    /** The same trousers with the fullest seat at another depth. */
    TrousersInput withSeatDepth(double other) {
        return with(thigh, other);
    }

    private TrousersInput with(double otherThigh, double otherDepth) {
        return new TrousersInput(
                waist,
                seat,
                otherThigh,
                knee,
                kneeFloor,
                hem,
                loop,
                outside,
                inside,
                otherDepth,
                kneeHeight,
                band,
                seatShape,
                netSeat,
                netWaist,
                netLoop,
                netRise,
                netThigh,
                child,
                front);
    }

    public double rise() {
        return outside - inside;
    }

    /** Size of the body against a net seat of one metre: s. */
    double size() {
        return netSeat / 1000;
    }

    /** How much the waist outgrows nine tenths of the seat: 0 on most bodies. */
    double belly() {
        return Math.max(0, netWaist / netSeat - 0.90);
    }

    double pieceRise() {
        return rise() - band;
    }

    double pieceOutside() {
        return outside - band;
    }

    double pieceLoop() {
        return loop - 2 * band;
    }

    /** The ratios of a body that are least likely to be this far from usual, most unlikely first. */
    List<Unusual> ratios() {
        List<Unusual> ratios = new java.util.ArrayList<>(List.of(
                new Unusual(Pair.LOOP_RISE, (netLoop - 2 * netRise - 0.172 * netSeat) / 12),
                new Unusual(Pair.THIGH_SEAT, (netThigh / netSeat - 0.58) / 0.015),
                new Unusual(Pair.SEAT_DEPTH_RISE, (seatDepth / rise() - 0.70) / 0.02),
                new Unusual(Pair.WAIST_SEAT, (netWaist / netSeat - 0.82) / 0.06)));
        ratios.sort(java.util.Comparator.comparingDouble(u -> -Math.abs(u.sds())));
        return ratios;
    }

    /** Two inputs that can fight. */
    public enum Pair {
        LOOP_RISE,
        THIGH_SEAT,
        SEAT_DEPTH_RISE,
        WAIST_SEAT
    }

    /** How many standard deviations a ratio lies from what bodies have. */
    record Unusual(Pair pair, double sds) {}
}
