package app.misura.core.draft.block;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Target;
import app.misura.core.geometry.Roots;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Trousers, front, back, waistband and fly, solved for their lengths.
 *
 * <p>Kept exactly, re-measured within half a millimetre: waist, seat, hem, outside leg on both pieces, inside leg (back 3
 * mm shorter, stretched in sewing), rise, crotch loop. Thigh and knee are floors: the drawn width follows from seat and
 * fork. Free: extensions, raise, slant, front drop, fullness, forks, the back's side, darts.
 *
 * <p>Nested: the loop, around the forks (only where the thigh's floor binds), around the sides (only without darts),
 * around the four long seams. General tailoring knowledge, tried on random bodies; no survey data.
 */
public final class TrousersBlock {
    /** Seat depth over rise: outside the inner bounds it is drawn at the bound, outside the outer ones refused. */
    private static final double[] DEPTH = {0.52, 0.60, 0.72, 0.80};
    /** How far the path may be walked either way; beyond, every parameter has met its bound. */
    private static final double FURTHEST = 9;

    private static final double LOOP_SOLVED = 0.02;

    private final TrousersInput in;
    private final List<String> cautions = new ArrayList<>();

    private TrousersBlock(TrousersInput in) {
        this.in = in;
    }

    /** Drafts trousers. Never a draft that breaks a target: then the refusal names the pair least usual for a body. */
    public static TrousersOutcome draft(TrousersInput input) {
        double ratio = input.seatDepth() / input.rise();
        if (!(ratio >= DEPTH[0] && ratio <= DEPTH[3])) {
            return new TrousersOutcome.Refused(
                    TrousersInput.Pair.SEAT_DEPTH_RISE, "the fullest seat cannot lie there on so long a rise");
        }
        double kept = TrousersParameters.clamp(ratio, DEPTH[1], DEPTH[2]);
        TrousersBlock block = new TrousersBlock(kept == ratio ? input : input.withSeatDepth(kept * input.rise()));
        if (kept != ratio) {
            block.cautions.add(String.format(
                    Locale.ROOT,
                    "The fullest seat is drawn at %.1f %% of the rise, not at %.1f %%; look at the seat line.",
                    kept * 100,
                    ratio * 100));
        }
        return block.draft();
    }

    private TrousersOutcome draft() {
        Solved solved = solve(1);
        if (solved != null && solved.shape().thigh() < in.thigh()) {
            solved = widened(solved);
        }
        if (solved == null) {
            return refused("no crotch curve has that length");
        }
        Draft draft = new TrousersPieces(in, solved.shape(), solved.waists()).draft();
        for (Target target : draft.targets()) {
            if (!target.holds()) {
                return refused("the " + target.name().replace('-', ' ') + " does not hold");
            }
        }
        if (!draft.holds()) {
            return refused("a seam does not hold");
        }
        return new TrousersOutcome.Drafted(draft, List.copyOf(cautions));
    }

    private TrousersOutcome refused(String why) {
        return new TrousersOutcome.Refused(in.ratios().get(0).pair(), why);
    }

    private record Solved(TrousersShape shape, Waists waists) {}

    /** Widens both forks until the thigh has its floor, the loop kept. */
    private @Nullable Solved widened(Solved narrow) {
        Solved[] last = {narrow};
        OptionalDouble widen = Roots.near(
                w -> {
                    last[0] = w > 0.5 && w < 2.5 ? solve(w) : null;
                    return last[0] == null ? Double.NaN : last[0].shape().thigh() - in.thigh() - 0.2;
                },
                1,
                0.08,
                0.15);
        return widen.isPresent() ? last[0] : null;
    }

    private @Nullable Solved solve(double widen) {
        Solved[] last = {null};
        OptionalDouble walk = Roots.near(
                l -> {
                    last[0] = Math.abs(l) > FURTHEST ? null : at(l, widen);
                    return last[0] == null ? Double.NaN : last[0].shape().loop() - in.pieceLoop();
                },
                0,
                0.5,
                LOOP_SOLVED);
        return walk.isPresent() ? last[0] : null;
    }

    private @Nullable Solved at(double walk, double widen) {
        TrousersParameters p = TrousersParameters.at(in, walk, widen);
        Waists.Share share = Waists.Share.of(in, p);
        Solved folded = share.hasFolds() ? drawn(p, share, share.sides()) : null;
        return folded != null || in.front() != TrousersInput.Front.FLAT ? folded : plain(p, share);
    }

    /** Without darts: the sides take in all that the centre lines leave. */
    private @Nullable Solved plain(TrousersParameters p, Waists.Share planned) {
        Waists.Share share = new Waists.Share(planned.sides() + planned.front() + planned.back(), 0, 0);
        Solved[] last = {null};
        OptionalDouble sides = Roots.near(
                take -> {
                    last[0] = drawn(p, share, take);
                    return last[0] == null ? Double.NaN : last[0].waists().closedLength() - in.waist() / 2;
                },
                share.sides(),
                3,
                TrousersShape.SOLVED);
        return sides.isPresent() ? last[0] : null;
    }

    private @Nullable Solved drawn(TrousersParameters p, Waists.Share share, double sides) {
        TrousersShape shape = TrousersShape.solve(in, p, sides);
        Waists waists = shape == null ? null : Waists.over(shape, share);
        return waists == null ? null : new Solved(shape, waists);
    }
}
