package app.misura.core.block.trousers;

import app.misura.core.draft.Given;
import app.misura.core.draft.Need;
import app.misura.core.length.TapeWords;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * What the block is drawn from, taken from the given names once: finished girths and lengths in cloth as it is cut, mm,
 * from the top of the band; the body's own for what is judged by the body.
 */
record Wanted(Girths girths, Lengths lengths, Net net, Front front, Closing fly, double seatShape, TapeWords tape) {

    static final List<Need> NEEDS = List.of(
            Need.finished("waist"),
            Need.finished("seat"),
            Need.finished("thigh"),
            Need.finished("knee").ifThere(),
            Need.finished("hem"),
            Need.finished("crotch-loop"),
            Need.finished("outside-leg"),
            Need.finished("inside-leg"),
            Need.finished("seat-depth"),
            Need.finished("knee-height").ifThere(),
            Need.finished("band-height"),
            Need.finished("underlap"),
            Need.net("waist"),
            Need.net("seat"),
            Need.net("thigh"),
            Need.net("crotch-loop"),
            Need.net("rise"),
            Need.word("front"),
            Need.word("fly"),
            Need.word("seat-shape"),
            Need.word("wearer"));

    /** @param thigh a floor: the drawn thigh follows from seat and fork @param knee empty where the leg ends above it */
    record Girths(double waist, double seat, double thigh, OptionalDouble knee, double hem) {}

    /**
     * @param loop front and back crotch together, over the band at both ends
     * @param seatDepth to the fullest seat, at the side
     * @param kneeHeight above the hem; empty where the leg ends above the knee
     * @param band its height
     * @param underlap the band's end that lies under the other, for hook or button
     */
    record Lengths(
            double loop,
            double outside,
            double inside,
            double seatDepth,
            OptionalDouble kneeHeight,
            double band,
            double underlap) {}

    record Net(double seat, double waist, double thigh, double loop, double rise, boolean child) {}

    /** How the front takes in its waist. */
    enum Front {
        FLAT,
        ONE_PLEAT,
        TWO_PLEATS;

        static Front named(String word) {
            return switch (word) {
                case "flat" -> FLAT;
                case "one-pleat" -> ONE_PLEAT;
                case "two-pleats" -> TWO_PLEATS;
                default -> throw new IllegalArgumentException("no front is called " + word);
            };
        }
    }

    /** What closes the front's opening. */
    enum Closing {
        ZIP,
        BUTTON;

        static Closing named(String word) {
            return switch (word) {
                case "zip" -> ZIP;
                case "button" -> BUTTON;
                default -> throw new IllegalArgumentException("no fly is called " + word);
            };
        }
    }

    static Wanted of(Given given) {
        OptionalDouble kneeHeight = given.mmIfThere("knee-height");
        Girths girths = new Girths(
                given.mm("waist"),
                given.mm("seat"),
                given.mm("thigh"),
                kneeHeight.isPresent() ? given.mmIfThere("knee") : OptionalDouble.empty(),
                given.mm("hem"));
        Lengths lengths = new Lengths(
                given.mm("crotch-loop"),
                given.mm("outside-leg"),
                given.mm("inside-leg"),
                given.mm("seat-depth"),
                girths.knee().isPresent() ? kneeHeight : OptionalDouble.empty(),
                given.mm("band-height"),
                given.mm("underlap"));
        Net net = new Net(
                given.net("seat"),
                given.net("waist"),
                given.net("thigh"),
                given.net("crotch-loop"),
                given.net("rise"),
                given.word("wearer").equals("child"));
        return new Wanted(
                girths,
                lengths,
                net,
                Front.named(given.word("front")),
                Closing.named(given.word("fly")),
                shape(given.word("seat-shape")),
                given.tape());
    }

    /** From -1, flat, to +1, prominent. */
    private static double shape(String word) {
        return switch (word) {
            case "flat" -> -1;
            case "regular" -> 0;
            case "prominent" -> 1;
            default -> throw new IllegalArgumentException("no seat is called " + word);
        };
    }

    Wanted withSeatDepth(double mm) {
        Lengths l = lengths;
        return new Wanted(
                girths,
                new Lengths(l.loop(), l.outside(), l.inside(), mm, l.kneeHeight(), l.band(), l.underlap()),
                net,
                front,
                fly,
                seatShape,
                tape);
    }

    double waist() {
        return girths.waist();
    }

    double seat() {
        return girths.seat();
    }

    double rise() {
        return lengths.outside() - lengths.inside();
    }

    boolean endsAboveKnee() {
        return girths.knee().isEmpty();
    }

    /** Girth of the knee; of a leg that ends above it, the usual one for this seat. */
    double knee() {
        return girths.knee().orElse(Numbers.USUAL_KNEE * seat());
    }

    /** Size of the body against a net seat of one metre. */
    double size() {
        return net.seat() / 1000;
    }

    /** How much the waist outgrows nine tenths of the seat: 0 on most bodies. */
    double belly() {
        return Math.max(0, net.waist() / net.seat() - 0.90);
    }

    /** What each half of the front and back waist together has to lose against the seat. */
    double toTakeIn() {
        return (seat() - waist()) / 2;
    }

    /** What the centre front takes of it; negative where a belly stands before the seat. */
    double centreFront() {
        double n = toTakeIn();
        return n >= 0 ? Math.min(12, 0.07 * n) : Math.max(-35, 0.4 * n);
    }

    double seatY() {
        return lengths.seatDepth() - lengths.band();
    }

    double pieceRise() {
        return rise() - lengths.band();
    }

    double pieceOutside() {
        return lengths.outside() - lengths.band();
    }

    double pieceLoop() {
        return lengths.loop() - 2 * lengths.band();
    }

    /**
     * The two given names whose ratio is least usual for a body. Spreads of bodies: loop less twice the rise less 0.172
     * of the seat 0 (sd 1.2 cm), thigh over seat 0.58 (0.015), seat depth over rise 0.70 (0.02), waist over seat 0.82
     * (0.06).
     */
    List<String> leastUsual() {
        return Stream.of(
                        new Unusual(
                                List.of("crotch-loop", "rise"),
                                (net.loop() - 2 * net.rise() - 0.172 * net.seat()) / 12),
                        new Unusual(List.of("thigh", "seat"), (net.thigh() / net.seat() - 0.58) / 0.015),
                        new Unusual(List.of("seat-depth", "rise"), (lengths.seatDepth() / rise() - 0.70) / 0.02),
                        new Unusual(List.of("waist", "seat"), (net.waist() / net.seat() - 0.82) / 0.06))
                .max(Comparator.comparingDouble(u -> Math.abs(u.sds())))
                .orElseThrow()
                .names();
    }

    /** How many standard deviations a ratio lies from what bodies have. */
    private record Unusual(List<String> names, double sds) {}
}
