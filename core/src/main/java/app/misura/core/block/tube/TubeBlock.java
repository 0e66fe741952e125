package app.misura.core.block.tube;

import app.misura.core.draft.Block;
import app.misura.core.draft.Draft;
import app.misura.core.draft.Given;
import app.misura.core.draft.Need;
import app.misura.core.draft.Outcome;
import app.misura.core.geometry.Search;
import app.misura.core.geometry.SearchGaveUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A tube round a limb: every girth at its height, the top edge level or slanting, one seam while it leans little, else two.
 *
 * <p>Drawn from every finished girth that has its height beside it, {@code calf} with {@code calf-height}; at the top from
 * {@code top-front} and {@code top-back} where the edge slants, or from {@code reach} where it ends at a height of its own.
 * A {@code grip-band} of {@code grip-width} is a piece by itself: narrowing the cloth until it held would make an
 * hourglass of it.
 *
 * <p>Kept exactly, re-measured within half a millimetre: each girth, each height, the top edge, the seam pair. The pieces
 * are cut on the fold, so that both halves are alike.
 */
public final class TubeBlock implements Block {
    @Override
    public String id() {
        return "tube";
    }

    @Override
    public List<Need> needs() {
        return List.of(
                Need.rungs(Rungs.HEIGHT),
                Need.finished("top-front").ifThere(),
                Need.finished("top-back").ifThere(),
                Need.finished("reach").ifThere(),
                Need.finished("grip-band").ifThere(),
                Need.finished("grip-width").ifThere());
    }

    @Override
    public Outcome draft(Given given) {
        Rungs rungs = Rungs.of(given);
        Optional<Outcome.Refused> refused = rungs.refused().or(() -> tooLong(rungs, given));
        if (refused.isPresent()) {
            return asked(refused.get(), rungs, given);
        }
        Top top = Top.of(rungs, given);
        Optional<Outcome.Refused> slanted = top.refused(rungs);
        if (slanted.isPresent()) {
            return slanted.get();
        }
        try {
            Outcome one = drawn(rungs, top, given, 1);
            Outcome drawn = one instanceof Outcome.Drafted ? one : drawn(rungs, top, given, 2);
            return drawn instanceof Outcome.Refused no ? asked(no, rungs, given) : drawn;
        } catch (SearchGaveUp lost) {
            return new Outcome.Refused(names(rungs, 0), "the top edge did not come to its length", true);
        }
    }

    /** The height of a slanting edge is no length of its own: it lies between that in front and that behind. */
    private static Outcome.Refused asked(Outcome.Refused refused, Rungs rungs, Given given) {
        if (given.mmIfThere("top-front").isEmpty() || rungs.list().isEmpty()) {
            return refused;
        }
        List<String> inputs = new ArrayList<>();
        for (String name : refused.inputs()) {
            boolean between = name.equals(rungs.top().heightName());
            inputs.addAll(between ? List.of("top-front", "top-back") : List.of(name));
        }
        return new Outcome.Refused(inputs, refused.why(), refused.solver());
    }

    private static Optional<Outcome.Refused> tooLong(Rungs rungs, Given given) {
        double reach = given.mmIfThere("reach").orElse(rungs.top().height());
        if (reach - rungs.bottom().height() < 3 * Numbers.NEAREST) {
            return Optional.of(new Outcome.Refused(
                    List.of("reach", rungs.bottom().heightName()), "so short a tube has no room for its hems", false));
        }
        return reach - rungs.top().height() <= Numbers.BEYOND
                ? Optional.empty()
                : Optional.of(new Outcome.Refused(
                        List.of("reach", rungs.top().heightName()),
                        "it would go on for "
                                + given.tape().said(reach - rungs.top().height())
                                + " over the highest girth that is known",
                        false));
    }

    /** Drawn with so many seams; refused where they lean too far. */
    private static Outcome drawn(Rungs rungs, Top top, Given given, int seams) {
        Shape plain = Shape.of(rungs, top, seams);
        double lean = plain.rail().steepestBelow(0);
        if (lean > (seams == 1 ? Numbers.ONE_SEAM : Numbers.STEEPEST)) {
            return new Outcome.Refused(
                    names(rungs, plain.steepest(rungs)),
                    String.format(Locale.ROOT, "the cloth would lean by %.0f degrees there and fold", lean),
                    false);
        }
        Shape shape = top.isSlanted() ? solved(rungs, top, seams) : plain;
        if (shape == null) {
            return new Outcome.Refused(
                    List.of("top-front", "top-back", rungs.top().name()),
                    "the edge slants by more than its girth allows",
                    false);
        }
        Draft draft = new Pieces(shape, rungs, given).draft();
        return draft.holds()
                ? new Outcome.Drafted(draft, cautions(rungs, top))
                : new Outcome.Refused(
                        names(rungs, shape.steepest(rungs)),
                        String.join(", ", draft.broken()) + " cannot be kept",
                        false);
    }

    /** The girth at the top that makes the slanting edge as long as it must be. */
    private static @Nullable Shape solved(Rungs rungs, Top top, int seams) {
        double girth = rungs.top().girth();
        return Search.<Shape>of(g -> g <= 0 ? null : Shape.of(rungs.withTop(g), top, seams), s -> s.edge() - girth)
                .from(girth, -1)
                .between(girth / 2, girth)
                .within(Numbers.SOLVED)
                .found()
                .orElse(null);
    }

    private static List<String> names(Rungs rungs, int upper) {
        List<String> names = new ArrayList<>();
        int first = Math.min(upper, rungs.list().size() - 2);
        for (int i = first; i <= first + 1; i++) {
            names.add(rungs.list().get(i).name());
            names.add(rungs.list().get(i).heightName());
        }
        return names;
    }

    private static List<String> cautions(Rungs rungs, Top top) {
        double over = top.height() - rungs.top().height();
        return top.isOwn() && over > Numbers.NEAREST
                ? List.of("It ends " + rungs.tape().said(over)
                        + " over the highest girth that is known and is as wide there as at that girth.")
                : List.of();
    }
}
