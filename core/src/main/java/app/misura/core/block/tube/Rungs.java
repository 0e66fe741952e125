package app.misura.core.block.tube;

import app.misura.core.draft.Given;
import app.misura.core.draft.Outcome;
import app.misura.core.length.TapeWords;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The girths of a limb with the heights they lie at, from the top down.
 *
 * @param list at least two once {@link #refused} finds nothing
 */
record Rungs(List<Rung> list, TapeWords tape) {
    /** What a girth's name carries behind it in the name of its height. */
    static final String HEIGHT = "-height";

    /** @param girth in cloth as it is cut, mm @param height over the floor, or over any other level, mm */
    record Rung(String name, double girth, double height) {
        String heightName() {
            return name + HEIGHT;
        }
    }

    Rungs {
        list = List.copyOf(list);
    }

    /** Every girth that has its height, in the order of the garment's table, turned so that the first is the top. */
    static Rungs of(Given given) {
        List<Rung> rungs = new ArrayList<>();
        for (String name : given.names()) {
            OptionalDouble height = given.mmIfThere(name + HEIGHT);
            if (height.isPresent()) {
                rungs.add(new Rung(name, given.mm(name), height.getAsDouble()));
            }
        }
        if (rungs.size() > 1
                && rungs.get(0).height() < rungs.get(rungs.size() - 1).height()) {
            Collections.reverse(rungs);
        }
        return new Rungs(rungs, given.tape());
    }

    Rung top() {
        return list.get(0);
    }

    Rung bottom() {
        return list.get(list.size() - 1);
    }

    /** What a limb cannot be like: too few levels, levels out of their order, or two at one height. */
    java.util.Optional<Outcome.Refused> refused() {
        if (list.size() < 2) {
            return java.util.Optional.of(new Outcome.Refused(
                    list.stream()
                            .flatMap(r -> java.util.stream.Stream.of(r.name(), r.heightName()))
                            .toList(),
                    "a tube is drawn from two girths with their heights at least",
                    false));
        }
        for (int i = 1; i < list.size(); i++) {
            Rung above = list.get(i - 1);
            Rung below = list.get(i);
            if (above.height() - below.height() < Numbers.NEAREST) {
                return java.util.Optional.of(new Outcome.Refused(
                        List.of(above.heightName(), below.heightName()),
                        "the one lies at " + tape.said(above.height()) + " and the other at " + tape.of(below.height())
                                + ", and it must lie over it",
                        false));
            }
        }
        return java.util.Optional.empty();
    }

    /** The same with another girth at the top. */
    Rungs withTop(double girth) {
        List<Rung> other = new ArrayList<>(list);
        other.set(0, new Rung(top().name(), girth, top().height()));
        return new Rungs(other, tape);
    }
}
