package app.misura.core.block.trousers;

import app.misura.core.draft.Block;
import app.misura.core.draft.Draft;
import app.misura.core.draft.Given;
import app.misura.core.draft.Need;
import app.misura.core.draft.Outcome;
import app.misura.core.geometry.Between;
import app.misura.core.geometry.Search;
import app.misura.core.geometry.SearchGaveUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Trousers, front, back, waistband and fly, solved for their lengths.
 *
 * <p>Kept exactly, re-measured within half a millimetre: waist, seat, hem, outside leg on both pieces, inside leg (back 3
 * mm shorter, stretched in sewing), rise, crotch loop. Thigh and knee are floors: the drawn width follows from seat and
 * fork. Free: extensions, raise, slant, front drop, fullness, forks, the back's side, darts. A leg that ends above the
 * knee has neither knee nor its level.
 *
 * <p>Nested: the loop, around the forks (only where the thigh's floor binds), around the sides (only where they close the
 * waist), around the four long seams. How many darts there are is decided first. General tailoring knowledge, tried on
 * made-up bodies; no survey data.
 */
public final class TrousersBlock implements Block {
    @Override
    public String id() {
        return "trousers";
    }

    @Override
    public List<Need> needs() {
        return Wanted.NEEDS;
    }

    @Override
    public Outcome draft(Given given) {
        Wanted in = Wanted.of(given);
        double ratio = in.lengths().seatDepth() / in.rise();
        if (!(ratio >= Numbers.DEPTH_LEAST && ratio <= Numbers.DEPTH_MOST)) {
            return new Outcome.Refused(
                    List.of("seat-depth", "rise"), "the fullest seat cannot lie there on so long a rise", false);
        }
        if (in.lengths().inside() < Numbers.SHORTEST_LEG) {
            return new Outcome.Refused(
                    List.of("inside-leg", "outside-leg"),
                    "a leg of " + given.tape().said(in.lengths().inside()) + " on the inside has no room for a hem",
                    false);
        }
        Outcome outcome = null;
        for (double drawn : depths(ratio)) {
            Wanted at = drawn == ratio ? in : in.withSeatDepth(drawn * in.rise());
            Outcome next = new Attempt(at).outcome(drawn == ratio ? List.of() : List.of(elsewhere(drawn, ratio)));
            if (next instanceof Outcome.Drafted) {
                return next;
            }
            outcome = outcome == null ? next : outcome;
        }
        return java.util.Objects.requireNonNull(outcome);
    }

    /** Where the fullest seat may be drawn, as shares of the rise: as it was read, as near to it as seats lie, as usual. */
    private static List<Double> depths(double ratio) {
        List<Double> depths = new ArrayList<>();
        depths.add(Between.clamp(ratio, Numbers.DEPTH_DRAWN_LEAST, Numbers.DEPTH_DRAWN_MOST));
        if (ratio > Numbers.DEPTH_USUAL) {
            depths.add(Numbers.DEPTH_USUAL);
        }
        return depths;
    }

    private static String elsewhere(double drawn, double read) {
        return String.format(
                Locale.ROOT,
                "The fullest seat is drawn at %.1f %% of the rise, not at %.1f %%; look at the seat line.",
                drawn * 100,
                read * 100);
    }

    private record Solved(Legs legs, Waists waists) {}

    /** One body's draft: the ways to take in its waist are tried in turn, the usual one first. */
    private static final class Attempt {
        private final Wanted in;
        private final List<String> refusals = new ArrayList<>();
        private boolean gaveUp;

        Attempt(Wanted in) {
            this.in = in;
        }

        Outcome outcome(List<String> cautions) {
            for (Folds folds : Folds.plans(in)) {
                try {
                    Optional<Draft> draft = drafted(folds);
                    if (draft.isPresent()) {
                        return new Outcome.Drafted(draft.get(), cautions);
                    }
                } catch (SearchGaveUp lost) {
                    refusals.add("the lines did not come together");
                    gaveUp = true;
                }
            }
            return new Outcome.Refused(in.leastUsual(), refusals.get(0), gaveUp);
        }

        private Optional<Draft> drafted(Folds folds) {
            Optional<Solved> solved = solved(folds, 1);
            if (solved.isPresent() && solved.get().legs().thigh() < in.girths().thigh()) {
                solved = widened(folds);
            }
            Optional<Draft> draft = solved.map(s -> new Pieces(in, s.legs(), s.waists()).draft());
            draft.filter(d -> !d.holds())
                    .ifPresent(d -> refusals.add(String.join(", ", d.broken()) + " cannot be kept"));
            return draft.filter(Draft::holds);
        }

        /** Both forks widened until the thigh has its floor, the loop kept. */
        private Optional<Solved> widened(Folds folds) {
            Search.Result<Solved> widened = Search.<Solved>of(
                            w -> solved(folds, w).orElse(null),
                            s -> s.legs().thigh() - in.girths().thigh() - Numbers.OVER_FLOOR)
                    .from(1, 0.08)
                    .between(1, Numbers.WIDEST_FORK)
                    .within(Numbers.THIGH_SOLVED);
            return reached(widened, "no fork is so wide that the thigh has its room");
        }

        private Optional<Solved> solved(Folds folds, double widen) {
            Search.Result<Solved> walked = Search.<Solved>of(
                            l -> at(folds, l, widen), s -> s.legs().loop() - in.pieceLoop())
                    .from(0, 0.5)
                    .between(-Numbers.FURTHEST, Numbers.FURTHEST)
                    .within(Numbers.LOOP_SOLVED);
            return reached(walked, "no crotch curve has that length");
        }

        private Optional<Solved> reached(Search.Result<Solved> result, String outOfReach) {
            Optional<Solved> found = result.found();
            if (found.isEmpty()) {
                refusals.add(outOfReach);
            }
            return found;
        }

        private @Nullable Solved at(Folds folds, double walk, double widen) {
            Parameters p = Parameters.at(in, walk, widen);
            Folds.Share share = folds.share(in, p);
            Optional<Solved> solved = folds.sidesGive() ? bySides(folds, p, share) : byDarts(folds, p, share);
            return solved.orElse(null);
        }

        private Optional<Solved> byDarts(Folds folds, Parameters p, Folds.Share share) {
            return Legs.solve(in, p, share.sides())
                    .flatMap(legs -> Waists.closed(legs, in, folds, share).map(waists -> new Solved(legs, waists)));
        }

        /** The sides take in all that the centre lines and the folds leave. */
        private Optional<Solved> bySides(Folds folds, Parameters p, Folds.Share share) {
            return Search.<Solved>of(
                            take -> Legs.solve(in, p, take)
                                    .map(legs -> new Solved(
                                            legs, Waists.drawn(legs, in, folds, share.front(), share.back())))
                                    .orElse(null),
                            s -> s.waists().closedLength() - in.waist() / 2)
                    .from(share.sides(), 3)
                    .within(Numbers.SOLVED)
                    .found();
        }
    }
}
